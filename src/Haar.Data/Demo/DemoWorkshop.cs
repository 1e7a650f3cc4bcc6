using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Corrosion;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Proving;
using Haar.Core.Settings;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Demo;

/// <summary>
/// The Skerrow Harbour Heritage Workshop: made-up people, makers and machines, each at another stage, so that every screen has
/// something on it. All dates are relative to the day on which it is seeded.
/// </summary>
/// <param name="suppliers">Where the stand-in suppliers answer; the demo's own have their address there.</param>
public sealed partial class DemoWorkshop(HaarDb db, PhotoStore photos, TimeProvider time, string suppliers = "http://127.0.0.1:5026")
{
    readonly DateTimeOffset now = time.GetUtcNow();
    int serial;
    Board lastBoard = new();

    /// <summary>Seeds an empty database; does nothing to one with machines in it.</summary>
    public async Task<bool> SeedAsync(CancellationToken cancel = default)
    {
        if (await db.Machines.AnyAsync(cancel))
        {
            return false;
        }
        await PackStore.SeedAsync(db, now, demo: true, cancel);
        var workshop = await db.Workshops.FirstAsync(w => w.Id == 1, cancel);
        workshop.Name = "Skerrow Harbour workshop";
        workshop.EventName = "The Harbour Office, 1984–2002";
        workshop.EventDay = DateOnly.FromDateTime(time.GetLocalNow().DateTime).AddDays(17);
        workshop.Currency = "EUR";
        Drawer();
        Store();
        Shelf();
        Suppliers();
        var rinse = Server();
        Newsletter();
        Palmtop(rinse);
        Micro(rinse);
        Terminal();
        Laptop();
        Editor();
        LotOfSix();
        Bench();
        LookedOver();
        // All of it or nothing: a start that is killed here begins again.
        await using var transaction = await db.Database.BeginTransactionAsync(cancel);
        await db.SaveChangesAsync(cancel);
        foreach (var id in await db.Machines.Select(m => m.Id).ToListAsync(cancel))
        {
            await DangerFacts.KeepAsync(db, id, "", now, Id, true, cancel);
            await db.SaveChangesAsync(cancel);
            await MachineStatusKeeper.RefreshAsync(db, id, now, cancel);
        }
        await transaction.CommitAsync(cancel);
        return true;
    }

    Guid Id() => Guid.CreateVersion7(now.AddMilliseconds(-100_000 + serial++ * 10));

    DateTimeOffset Ago(double days) => now.AddDays(-days);

    /// <summary>How those come apart that no pack says it of.</summary>
    static readonly Dictionary<string, string[]> Apart = new()
    {
        ["ferrowen-pellet-48"] = ["Upper shell", "Keyboard", "Board"],
        ["pellardine-quire-20"] = ["Lid", "Drives", "Cards", "Supply", "Board"],
        ["wrenley-tally-2"] = ["Cells", "Back shell", "Board"],
        ["ardle-cutter-1800"] = ["Cover", "Drives", "Cards", "Supply", "Board"],
    };

    static ThreeState Said(bool there) => there ? ThreeState.Yes : ThreeState.No;

    Machine Add(string profileId, string name, double daysAgo, string from, decimal? paid, string claimed, bool surveyed = true)
    {
        var p = PackStore.Demo.Machines.First(x => x.Id == profileId);
        var m = new Machine
        {
            Id = Id(),
            Name = name,
            Kind = p.Kind,
            Model = p.Model,
            Class = p.Class,
            YearFrom = p.YearFrom + 1,
            YearTo = p.YearFrom + 1,
            Traits = p.Traits,
            Rails = p.Rails,
            // Its model says what is in it: what is not among these is not there.
            MainsLead = Said(p.Traits.Contains(Trait.InternalMainsSupply)),
            Tube = Said(p.Traits.Contains(Trait.PictureTube)),
            Battery = Said(p.Traits.Any(Hazards.IsCell)),
            CameFrom = from,
            Paid = paid,
            Claimed = claimed,
            ArrivedAt = Ago(daysAgo),
            SurveyedAt = surveyed ? Ago(daysAgo - 1) : null,
            RestorationPolicy = RestorationPolicy.PeriodUpgrade,
        };
        db.Add(m);
        db.Add(
            new MachineAccess
            {
                Id = Id(),
                MachineId = m.Id,
                Pieces =
                    p.StripOrder.Count > 0 ? KnownPieces.Of(p, null)
                    : Apart.TryGetValue(profileId, out var apart) ? KnownApart.Of(apart)
                    : [],
            }
        );
        db.Add(
            new LogEntry
            {
                Id = Id(),
                MachineId = m.Id,
                At = m.ArrivedAt,
                Sentence = $"Taken in: {name}.",
            }
        );
        if (surveyed)
        {
            db.Add(
                new LogEntry
                {
                    Id = Id(),
                    MachineId = m.Id,
                    At = Ago(daysAgo - 1),
                    Sentence = "Looked over, outside to inside.",
                }
            );
        }
        return m;
    }

    List<Capacitor> Board(Machine m, string boardId, (double X, double Y)? stain = null, int seed = 1)
    {
        var p = PackStore.Demo.Boards.First(b => b.Id == boardId);
        var picture = photos.Add(
            BoardPicture.Draw(
                seed,
                p.Capacitors.Where(c => c.X is not null)
                    .Select(c =>
                        (
                            c.X!.Value,
                            c.Y!.Value,
                            c.Spec.Kind == CapacitorKind.TantalumBead
                                ? 10f
                                : Math.Clamp((float)(c.Spec.DiameterMillimetres ?? 5) * 4.2f, 14, 40),
                            c.Spec.Kind != CapacitorKind.TantalumBead
                        )
                    ),
                stain
            )
        );
        var photo = new Photo
        {
            Id = Id(),
            MachineId = m.Id,
            Hash = picture.Hash,
            Width = picture.Width,
            Height = picture.Height,
            Caption = p.Name,
            At = m.ArrivedAt.AddHours(2),
        };
        var board = new Board
        {
            Id = Id(),
            MachineId = m.Id,
            Name = p.Name,
            PhotoId = photo.Id,
        };
        // The made-up picture is from straight above already; what it lacks is its size.
        if (p.WidthMillimetres is { } w)
        {
            board.Map = board.Map.With(
                Side.Front,
                new SideMap { WidthMillimetres = w, HeightMillimetres = Math.Round(w * picture.Height / picture.Width, 2) }
            );
        }
        db.AddRange(photo, board);
        var caps = p
            .Capacitors.Select(c => new Capacitor
            {
                Id = Id(),
                MachineId = m.Id,
                BoardId = board.Id,
                Designator = c.Designator,
                Marking = c.Marking,
                Spec = c.Spec,
                Role = c.Role,
                X = c.X,
                Y = c.Y,
                MinusBefore = c.Spec.Polarised ? Direction.Up : Direction.NotKnown,
            })
            .ToList();
        db.AddRange(caps);
        lastBoard = board;
        return caps;
    }

    void Read(
        Machine m,
        SubjectKind kind,
        Guid subject,
        string channel,
        Quantity q,
        double value,
        double daysAgo,
        string source = "typed",
        double? hertz = null,
        bool inCircuit = false,
        Instrument with = Instrument.NotKnown
    ) =>
        db.Add(
            new Reading
            {
                Id = Id(),
                MachineId = m.Id,
                SubjectKind = kind,
                SubjectId = subject,
                Channel = channel,
                Quantity = q,
                Value = value,
                At = Ago(daysAgo),
                Source = source,
                FrequencyHertz = hertz,
                InCircuit = inCircuit,
                Instrument = with,
            }
        );

    void Measured(
        Machine m,
        List<Capacitor> caps,
        string designator,
        double microfarads,
        double esr,
        double daysAgo,
        double? leakMicroamps = null,
        params CapacitorSign[] signs
    )
    {
        var c = caps.First(x => x.Designator == designator);
        c.Signs = [.. signs];
        Read(m, SubjectKind.Capacitor, c.Id, "old", Quantity.Capacitance, microfarads * 1e-6, daysAgo);
        Read(m, SubjectKind.Capacitor, c.Id, "old", Quantity.Esr, esr, daysAgo, hertz: 100_000);
        if (leakMicroamps is { } l)
        {
            Read(m, SubjectKind.Capacitor, c.Id, "old", Quantity.Leakage, l * 1e-6, daysAgo);
        }
    }

    Job Do(
        Machine m,
        Stage stage,
        string title,
        int minutes,
        string why = "",
        string needs = "",
        JobState state = JobState.ToDo,
        double daysAgo = 3,
        params Guid[] after
    )
    {
        var j = new Job
        {
            Id = Id(),
            MachineId = m.Id,
            Stage = stage,
            Title = title,
            Minutes = minutes,
            Why = why,
            Needs = needs,
            State = state,
            At = Ago(daysAgo),
            DoneAt = state == JobState.Done ? Ago(daysAgo / 2) : null,
            After = [.. after],
        };
        db.Add(j);
        return j;
    }

    Job Wait(Machine m, Stage stage, string title, int minutes, string waitsFor, TimeSpan span)
    {
        var j = Do(m, stage, title, minutes);
        j.WaitFor(Id, waitsFor, now + span, j.At);
        return j;
    }

    Finding Found(Machine m, FindingKind kind, string place, string seen, double daysAgo, string? dealt = null)
    {
        var f = new Finding
        {
            Id = Id(),
            MachineId = m.Id,
            Kind = kind,
            Place = place,
            Seen = seen,
            At = Ago(daysAgo),
            DealtWithAt = dealt is null ? null : Ago(daysAgo - 1),
            DealtWith = dealt ?? "",
        };
        db.Add(f);
        return f;
    }

    void Powered(Machine m, double daysAgo, string said, params (string Rail, double Volts, double RippleMillivolts)[] rails)
    {
        foreach (var kind in Enum.GetValues<PowerStepKind>())
        {
            var s = new PowerStep
            {
                Id = Id(),
                MachineId = m.Id,
                Kind = kind,
                State = PowerStepState.Passed,
                At = Ago(daysAgo),
                Load = kind == PowerStepKind.SupplyLoaded ? "a lamp or resistor on each rail" : "",
                OnLoadSince = kind == PowerStepKind.SupplyLoaded ? Ago(daysAgo).AddMinutes(-15) : null,
                Seen =
                    kind == PowerStepKind.SupplyLook ? "Nothing swollen, nothing smells."
                    : kind > PowerStepKind.BareBoard ? "As it should."
                    : "",
                Said = kind == PowerStepKind.WhatItSaid ? said : "",
                Sentence = kind switch
                {
                    PowerStepKind.Shorts => "No short on any rail.",
                    PowerStepKind.SupplyLook => "Nothing swollen, nothing smells.",
                    PowerStepKind.SupplyLoaded => "Every rail holds under load, and its ripple is within limits.",
                    PowerStepKind.BareBoard => "Every rail holds with the board on it.",
                    _ => "Written down.",
                },
            };
            db.Add(s);
            foreach (var r in rails)
            {
                if (kind == PowerStepKind.Shorts)
                {
                    Read(m, SubjectKind.Rail, s.Id, r.Rail, Quantity.Ohms, 180, daysAgo);
                }
                if (kind is PowerStepKind.SupplyLoaded or PowerStepKind.BareBoard)
                {
                    Read(m, SubjectKind.Rail, s.Id, r.Rail, Quantity.Volts, r.Volts, daysAgo);
                }
                if (kind == PowerStepKind.SupplyLoaded)
                {
                    Read(
                        m,
                        SubjectKind.Rail,
                        s.Id,
                        r.Rail,
                        Quantity.RippleVolts,
                        r.RippleMillivolts / 1000,
                        daysAgo,
                        with: Instrument.Oscilloscope
                    );
                }
            }
        }
        lookedOver.Add((m, daysAgo));
    }

    /// <summary>Machines that were looked over, place by place, and when they were powered or nearly so.</summary>
    readonly List<(Machine Machine, double DaysAgo)> lookedOver = [];

    /// <summary>The places of their lists that decide on power: bad where its finding says so, else sound.</summary>
    void LookedOver()
    {
        foreach (var (m, daysAgo) in lookedOver)
        {
            var found = db.Findings.Local.Where(x => x.MachineId == m.Id).ToList();
            foreach (var i in Checklist.For(m, [.. found.Select(x => x.Kind)]).Items.Where(i => LookList.Decides(i.Id)))
            {
                if (db.Answers.Local.All(a => a.MachineId != m.Id || a.Item != i.Id))
                {
                    var bad = found.FirstOrDefault(x => x.Kind == i.Raises);
                    db.Add(
                        new ChecklistAnswer
                        {
                            Id = Id(),
                            MachineId = m.Id,
                            Item = i.Id,
                            Answer = bad is null ? LookAnswer.Sound : LookAnswer.Bad,
                            Note = bad?.Seen ?? "",
                            FindingId = bad?.Id,
                            At = Ago(daysAgo + 0.1),
                        }
                    );
                }
            }
        }
    }

    void Spent(Machine m, string what, decimal? amount, int? minutes, double daysAgo) =>
        db.Add(
            new CostEntry
            {
                Id = Id(),
                MachineId = m.Id,
                What = what,
                Amount = amount,
                Minutes = minutes,
                At = Ago(daysAgo),
            }
        );
}

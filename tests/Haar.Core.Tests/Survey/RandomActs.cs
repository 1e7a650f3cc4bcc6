using System.Collections;
using System.Reflection;
using Haar.Core.Acts;
using Haar.Core.Batteries;
using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Cleaning;
using Haar.Core.Corrosion;
using Haar.Core.Finish;
using Haar.Core.Intake;
using Haar.Core.Mechanisms;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Safety;
using Haar.Core.Soldering;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Thermal;
using Haar.Core.Verdicts;

namespace Haar.Core.Tests.Survey;

/// <summary>
/// Does anything to a machine, in any order: every command whose facts can be made from a machine's rows, found by reflection with
/// random arguments, and the edits of rows that screens make. After each, dangers are kept as every act keeps them.
/// </summary>
sealed class RandomActs
{
    readonly Random random;
    DateTimeOffset now = new(2026, 6, 2, 18, 0, 0, TimeSpan.Zero);
    MachineFacts f;

    /// <summary>How each kind of facts that an act is decided on is made of a machine's rows; null where the machine has none of it.</summary>
    static readonly Dictionary<Type, Func<MachineFacts, Random, IActFacts?>> From = new()
    {
        [typeof(MachineFacts)] = (f, _) => f,
        [typeof(SurveyFacts)] = (f, _) => new SurveyFacts(f.Machine, f.Findings, f.Answers),
        [typeof(CellActFacts)] = (f, _) => f.Cell is { } c ? new CellActFacts(f.Machine, c, f.Overrules, f.Findings, f.Jobs) : null,
        [typeof(AreaActFacts)] = (f, r) => Any(f.Areas, r) is { } a ? new AreaActFacts(f.Machine, a, [], f.Jobs, f.Overrules) : null,
        [typeof(CleaningActFacts)] = (f, r) => Any(f.CleanedItems, r) is { } i ? new CleaningActFacts(f.Machine, i, f.Overrules) : null,
        [typeof(TogetherFacts)] = (f, _) =>
            f.CleanedItems.Count > 1
                ? new TogetherFacts(
                    f.Machine,
                    [.. f.CleanedItems.Select(i => new CleaningActFacts(f.Machine, i, f.Overrules))],
                    f.Overrules
                )
                : null,
        [typeof(SolderFacts)] = (f, r) =>
            Any(f.SolderedParts, r) is { } p ? new SolderFacts(f.Machine, p, new HashSet<Guid>(), f.Areas, f.Overrules) : null,
        [typeof(RebuildActFacts)] = (f, _) => f.StripSteps.Count > 0 ? new RebuildActFacts(f.Strip, [], f.Answers, f.Overrules) : null,
        [typeof(CapacitorActFacts)] = (f, r) =>
            Any(f.Capacitors, r) is { } c
                ? new CapacitorActFacts(
                    f.Machine,
                    c,
                    [.. f.Readings.Where(x => x.SubjectId == c.Id)],
                    [.. f.Reservations.Where(x => x.CapacitorId == c.Id)],
                    Drawer!,
                    f.Jobs,
                    f.Overrules,
                    new DateOnly(2026, 6, 2)
                )
                : null,
        [typeof(HeatFacts)] = (f, r) => Any(f.HotParts, r) is { } h ? new HeatFacts(h, f.Overrules) : null,
    };

    /// <summary>What lies in the drawer: one that will do in most places, and one that never does.</summary>
    public static readonly IReadOnlyList<Haar.Core.Parts.DrawerPart> Drawer =
    [
        .. new[] { 25.0, 4 }.Select(volts => new Haar.Core.Parts.DrawerPart
        {
            Id = Id(),
            Quantity = 1_000_000,
            Spec = new()
            {
                Kind = CapacitorKind.AluminiumRadial,
                Microfarads = 47,
                RatedVolts = volts,
            },
        }),
    ];

    /// <summary>Acts of the workshop and of rooms whose rows decide nothing of power: why they are not in this walk.</summary>
    public static readonly IReadOnlyDictionary<string, string> NotHere = new Dictionary<string, string>
    {
        ["FinishFacts"] = "a panel of sheet metal outside the machine; its earth is a place of the look-over",
        ["MendingFacts"] = "a mend of a case part",
        ["MechanismFacts"] = "the service of a drive or fan",
        ["KeyboardFacts"] = "caps of a keyboard",
        ["WhiteningFacts"] = "a part in the light, wet by its cleaned item, which is here",
        ["ParkingFacts"] = "whether a machine waits",
        ["LotFacts"] = "a lot before its machines exist",
        ["PlanActFacts"] = "who does what when",
        ["BenchActFacts"] = "people and places",
        ["OpeningFacts"] = "how far a machine is to be opened",
        ["BeforeFacts"] = "what is asked before a machine is opened",
        ["ParcelFacts"] = "the post",
    };

    /// <summary>Every command there is, by the facts that it is decided on.</summary>
    public static IReadOnlyList<(Type Command, Type Facts)> All { get; } =
    [
        .. typeof(Machine)
            .Assembly.GetTypes()
            .Where(t => t is { IsAbstract: false, IsClass: true })
            .Select(t => (t, Facts: FactsOf(t)))
            .Where(x => x.Facts is not null)
            .Select(x => (x.t, x.Facts!))
            .OrderBy(x => x.t.FullName, StringComparer.Ordinal),
    ];

    static Type? FactsOf(Type t)
    {
        for (var b = t.BaseType; b is not null; b = b.BaseType)
        {
            if (b.IsGenericType && b.GetGenericTypeDefinition() == typeof(Command<>))
            {
                return b.GetGenericArguments()[0];
            }
        }
        return null;
    }

    public static IEnumerable<Type> InWalk => All.Where(c => From.ContainsKey(c.Facts)).Select(c => c.Command);

    public static IEnumerable<Type> Unaccounted =>
        All.Where(c => !From.ContainsKey(c.Facts) && !NotHere.ContainsKey(c.Facts.Name)).Select(c => c.Command);

    public RandomActs(int seed)
    {
        random = new(seed);
        var machine = new Machine
        {
            Id = Id(),
            Name = "Till",
            Class = Pick<MachineClass>(),
            Traits = [.. Enum.GetValues<Trait>().Where(_ => random.Next(5) == 0)],
            MainsLead = Pick<ThreeState>(),
            Tube = Pick<ThreeState>(),
            Rails = [new("+5 V", 5), new("+12 V", 12)],
        };
        var board = new Board
        {
            Id = Id(),
            MachineId = machine.Id,
            Name = "Main board",
        };
        f = new MachineFacts { Machine = machine, Boards = [board] };
        f = random.Next(4) switch
        {
            0 => f,
            1 when seed % 2 == 0 => KnownMachine.LookedOver(f, now.AddDays(-1)),
            _ => KnownMachine.Powered(f, now.AddDays(-1)),
        };
        Kept("taken in");
    }

    public MachineFacts Facts => f;
    public DateTimeOffset Now => now;
    public int Done { get; private set; }
    public HashSet<Type> Taken { get; } = [];
    public List<string> Story { get; } = [];

    public void Act()
    {
        now += TimeSpan.FromHours(Math.Pow(random.NextDouble(), 3) * 60);
        if (random.Next(3) == 0)
        {
            Edit();
            return;
        }
        var (command, facts) = Here[random.Next(Here.Count)];
        // Most of what is drawn is refused for its arguments: a few draws of the same command.
        for (var draw = 0; draw < 8; draw++)
        {
            if (From[facts](f, random) is not { } on || Made(command, 0) is not { } act)
            {
                Edit();
                return;
            }
            try
            {
                var reason = random.Next(3) == 0 ? "I want to." : null;
                if (Decides(command).Invoke(act, [on, At(), reason]) is Done done)
                {
                    Done++;
                    Taken.Add(command);
                    Apply(done.Added, done.Removed);
                    Kept($"{command.Name}: {done.Sentence}");
                    return;
                }
            }
            catch (TargetInvocationException e) when (e.InnerException is InvalidInputException or InvalidOperationException)
            {
                // What cannot be read, or names a row that is not there, changes nothing.
            }
        }
    }

    static readonly IReadOnlyList<(Type Command, Type Facts)> Here = [.. All.Where(c => From.ContainsKey(c.Facts))];

    static MethodInfo Decides(Type command) => command.GetMethod(nameof(Command<MachineFacts>.Decide))!;

    /// <summary>What screens change without a command of their own.</summary>
    void Edit()
    {
        switch (random.Next(19))
        {
            case 0:
                var finding = new Finding
                {
                    Id = Id(),
                    MachineId = f.Machine.Id,
                    Kind = Pick<FindingKind>(),
                    Place = "corner",
                    Seen = "Something.",
                    At = now,
                };
                Add(finding, $"found {finding.Kind}");
                break;
            case 1 when Any(f.Findings, random) is { } x:
                Remove(x, $"finding {x.Kind} struck off");
                break;
            case 2 when Any(f.Findings, random) is { } x:
                x.Kind = Pick<FindingKind>();
                Kept($"finding reworded: {x.Kind}");
                break;
            case 3 when Any(f.Findings, random) is { } x:
                x.DealtWithAt = now;
                x.DealtWith = "done";
                Kept($"{x.Kind} dealt with");
                break;
            case 4:
                var items = Checklist.For(f.Machine, [.. f.Findings.Select(x => x.Kind)]).Items;
                if (items.Count > 0)
                {
                    var item = items[random.Next(items.Count)];
                    var answer = new ChecklistAnswer
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        Item = item.Id,
                        Answer = Pick<LookAnswer>(),
                        At = now,
                    };
                    f = f with { Answers = [.. f.Answers.Where(a => a.Item != item.Id), answer] };
                    Kept($"{item.Id}: {answer.Answer}");
                }
                break;
            case 5:
                var cell = f.Cell ?? new MachineCell { Id = Id(), MachineId = f.Machine.Id };
                cell.Site = cell.Site with
                {
                    Chemistry = Pick<CellChemistry>(),
                    Charges = Pick<ThreeState>(),
                    Leaking = Pick<ThreeState>(),
                    Swollen = Pick<ThreeState>(),
                    Keeps = Pick<KeptData>(),
                    CoinHolder = random.Next(2) == 0,
                };
                f = f with { Cell = cell };
                Kept($"cell: {cell.Site.Chemistry}, charges {cell.Site.Charges}, leaks {cell.Site.Leaking}, swollen {cell.Site.Swollen}");
                break;
            case 6:
                Add(
                    new CorrosionArea
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        BoardId = f.Boards[0].Id,
                        Name = $"corner {f.Areas.Count}",
                        Outline = [new(0.1, 0.1), new(0.3, 0.1), new(0.2, 0.3)],
                        Source = Pick<LeakSource>(),
                        Inspections = [new(now, Pick<CorrosionStage>(), 4)],
                    },
                    "an area"
                );
                break;
            case 7 when Any(f.Areas, random) is { } a:
                Remove(a, $"{a.Name} taken off the map");
                break;
            case 8:
                Add(
                    new CleanedItem
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        Name = $"item {f.CleanedItems.Count}",
                        Mains = Pick<ThreeState>(),
                        Facts = new()
                        {
                            Materials = [Pick<Material>()],
                            Soils = [Pick<Soil>()],
                            Features = [],
                        },
                    },
                    "an item"
                );
                break;
            case 9 when Any(f.CleanedItems, random) is { } i:
                Remove(i, $"{i.Name} taken off the list{(i.Sheet.WetAt is null ? "" : ", wet")}");
                break;
            case 10 when Any(f.CleanedItems, random) is { } i:
                i.Sheet = i.Sheet with { WetAt = now, DriedAt = null };
                Kept($"{i.Name} wetted");
                break;
            case 11:
                Add(
                    new Capacitor
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        BoardId = f.Boards[0].Id,
                        Designator = $"C{f.Capacitors.Count + 1}",
                        Marking = "47µF 16V",
                        Spec = new()
                        {
                            Kind = Pick<CapacitorKind>(),
                            Microfarads = 47,
                            RatedVolts = 16,
                        },
                        Signs = random.Next(3) == 0 ? [Pick<CapacitorSign>()] : [],
                    },
                    "a capacitor"
                );
                break;
            case 12:
                f.Machine.Rails = [.. f.Machine.Rails, new($"+{3 + f.Machine.Rails.Count} V", 3 + f.Machine.Rails.Count)];
                if (f.Machine.Rails.Count > 4)
                {
                    f.Machine.Rails = [.. f.Machine.Rails.Take(random.Next(1, 4))];
                }
                Kept($"rails: {f.Machine.Rails.Count}");
                break;
            case 13 when f.PowerSteps.Count > 0:
                var step = f.PowerSteps[random.Next(f.PowerSteps.Count)];
                var rail = f.Machine.Rails[random.Next(f.Machine.Rails.Count)];
                var q = random.Next(3) switch
                {
                    0 => Quantity.Ohms,
                    1 => Quantity.Volts,
                    _ => Quantity.RippleVolts,
                };
                Add(
                    new Reading
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        SubjectKind = SubjectKind.Rail,
                        SubjectId = step.Id,
                        Channel = rail.Name,
                        Quantity = q,
                        Value =
                            q == Quantity.Ohms ? random.Next(1, 400)
                            : q == Quantity.Volts ? rail.NominalVolts * (0.8 + 0.3 * random.NextDouble())
                            : 0.02,
                        Instrument = Pick<Instrument>(),
                        At = now,
                    },
                    $"{rail.Name} read"
                );
                break;
            case 14 when f.Readings.Count > 0:
                Remove(f.Readings[random.Next(f.Readings.Count)], "a reading struck");
                break;
            case 15:
                Add(
                    new StripStep
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        Number = f.StripSteps.Count + 1,
                        Title = random.Next(2) == 0 ? "Cover" : "Fan",
                        Kind = Pick<PieceKind>(),
                        At = now,
                    },
                    "a piece off"
                );
                break;
            case 17:
                Add(
                    new HotPart
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        Name = $"chip {f.HotParts.Count}",
                        Facts = new()
                        {
                            GapMillimetres = new(0.02, 0.05, 0.08),
                            Watts = 4,
                            SquareMillimetres = 900,
                        },
                    },
                    "a hot part"
                );
                break;
            case 18 when Any(f.StripSteps, random) is { } s:
                Add(
                    new StripFastener
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        StepId = s.Id,
                        Thread = "M3",
                        LengthMillimetres = 5,
                        Head = "pan",
                        Count = 2,
                    },
                    "screws out"
                );
                break;
            case 16:
                Add(
                    new SolderedPart
                    {
                        Id = Id(),
                        MachineId = f.Machine.Id,
                        BoardId = f.Boards[0].Id,
                        Name = $"U{f.SolderedParts.Count}",
                    },
                    "a part to solder"
                );
                break;
        }
    }

    // ---- rows

    static Guid Id() => Guid.CreateVersion7();

    Moment At() => new(now, DateOnly.FromDateTime(now.Date), Id, "Ines");

    void Add(object row, string said)
    {
        Apply([row], []);
        Kept(said);
    }

    void Remove(object row, string said)
    {
        Apply([], [row]);
        Kept(said);
    }

    void Apply(IReadOnlyList<object> added, IReadOnlyList<object> removed)
    {
        // What is taken off a list while it is a hazard leaves its danger behind, as every act does it.
        added =
        [
            .. added,
            .. removed
                .OfType<IHazardRow>()
                .Where(r => r.Hazard is not null)
                .Select(r => new Danger
                {
                    Id = Id(),
                    MachineId = f.Machine.Id,
                    Kind = r.Hazard!.Kind,
                    Subject = r.Id,
                    Sentence = r.Hazard.Sentence,
                    Since = now,
                }),
        ];
        var next = f with { };
        foreach (var p in typeof(MachineFacts).GetProperties().Where(p => p.CanWrite && p.PropertyType.IsGenericType))
        {
            if (p.PropertyType.GetGenericTypeDefinition() != typeof(IReadOnlyList<>))
            {
                continue;
            }
            var of = p.PropertyType.GetGenericArguments()[0];
            if (!added.Concat(removed).Any(of.IsInstanceOfType))
            {
                continue;
            }
            var list = (IList)Activator.CreateInstance(typeof(List<>).MakeGenericType(of))!;
            foreach (var row in (IEnumerable)p.GetValue(f)!)
            {
                if (!removed.Contains(row))
                {
                    list.Add(row);
                }
            }
            foreach (var row in added.Where(of.IsInstanceOfType))
            {
                list.Add(row);
            }
            p.SetValue(next, list);
        }
        f = next;
    }

    void Kept(string said)
    {
        var rows = Dangers.Keep(f, now, said, Id);
        if (rows.Count > 0)
        {
            f = f with { Dangers = [.. f.Dangers, .. rows] };
        }
        Story.Add(said);
    }

    // ---- arguments

    T Pick<T>()
        where T : struct, Enum => Enum.GetValues<T>()[random.Next(Enum.GetValues<T>().Length)];

    static T? Any<T>(IReadOnlyList<T> list, Random r)
        where T : class => list.Count == 0 ? null : list[r.Next(list.Count)];

    object? Made(Type type, int depth)
    {
        var constructor = type.GetConstructors().OrderByDescending(c => c.GetParameters().Length).FirstOrDefault();
        if (constructor is null || depth > 3)
        {
            return null;
        }
        var arguments = constructor.GetParameters().Select(p => Argument(p.ParameterType, p.Name ?? "", depth)).ToArray();
        try
        {
            return constructor.Invoke(arguments);
        }
        catch (TargetInvocationException)
        {
            return null;
        }
    }

    object? Argument(Type type, string name, int depth)
    {
        if (Nullable.GetUnderlyingType(type) is { } inner)
        {
            return random.Next(2) == 0 || Picture(name) ? null : Argument(inner, name, depth);
        }
        if (type.IsEnum)
        {
            var values = Enum.GetValues(type);
            return values.GetValue(random.Next(values.Length));
        }
        if (type == typeof(Guid) && name.StartsWith("part", StringComparison.OrdinalIgnoreCase))
        {
            return Drawer[random.Next(Drawer.Count)].Id;
        }
        if (type == typeof(Guid) && name.StartsWith("fastener", StringComparison.OrdinalIgnoreCase) && f.StripFasteners.Count > 0)
        {
            return f.StripFasteners[random.Next(f.StripFasteners.Count)].Id;
        }
        if (type == typeof(Guid))
        {
            var ids = Ids();
            return ids.Count == 0 ? Guid.Empty : ids[random.Next(ids.Count)];
        }
        return type == typeof(string) ? Text(name)
            : type == typeof(bool) ? random.Next(2) == 0
            : type == typeof(int) ? random.Next(0, 14)
            : type == typeof(double) ? new[] { 0, 0.02, 0.5, 5, 7, 12, 20, 40, 180 }[random.Next(9)]
            : type == typeof(decimal) ? (decimal)random.Next(1, 50)
            : type == typeof(DateTimeOffset) ? now
            : type == typeof(DateOnly) ? DateOnly.FromDateTime(now.Date)
            : type.IsGenericType && type.GetGenericArguments() is [var of] && type.IsAssignableFrom(of.MakeArrayType())
                ? List(of, name, depth)
            : type.IsClass && !type.IsAbstract ? Filled(type, depth + 1)
            : type.IsValueType ? Activator.CreateInstance(type)
            : null;
    }

    /// <summary>There are no photos in this walk.</summary>
    static bool Picture(string name) => name.Contains("photo", StringComparison.OrdinalIgnoreCase);

    Array List(Type of, string name, int depth)
    {
        var list = Array.CreateInstance(of, Picture(name) ? 0 : random.Next(0, 3));
        for (var i = 0; i < list.Length; i++)
        {
            list.SetValue(Argument(of, name, depth + 1), i);
        }
        return list;
    }

    /// <summary>A record by its constructor, or by its settable properties.</summary>
    object? Filled(Type type, int depth)
    {
        if (Made(type, depth) is not { } made)
        {
            return null;
        }
        foreach (var p in type.GetProperties().Where(p => p.CanWrite && depth <= 2))
        {
            try
            {
                p.SetValue(made, Argument(p.PropertyType, p.Name, depth + 1));
            }
            catch (Exception e) when (e is ArgumentException or TargetInvocationException)
            {
                // It stays as it is made.
            }
        }
        return made;
    }

    string Text(string name) =>
        name is "Rail" && f.Machine.Rails.Count > 0 ? f.Machine.Rails[random.Next(f.Machine.Rails.Count)].Name
        : name is "Thread" ? "M3"
        : name is "Head" ? "pan"
        : name is "Source" ? "typed"
        : name.Contains("subject", StringComparison.OrdinalIgnoreCase) && Ids() is { Count: > 0 } ids && random.Next(2) == 0
            ? ids[random.Next(ids.Count)].ToString()
        : Words[random.Next(Words.Length)];

    static readonly string[] Words =
    [
        "I looked again.",
        "none",
        "2.0 A on +5, 1.0 A on +12",
        "residue",
        "wet",
        "look/tantalum",
        "look/loose",
        "identity",
        "cell",
        "alcohol",
        "soap",
        "mild-acid",
        "cloth-damp",
        "",
    ];

    List<Guid> Ids() =>
        [
            .. f.Findings.Select(x => x.Id),
            .. f.Dangers.Select(x => x.Id),
            .. f.StripSteps.Select(x => x.Id),
            .. f.Areas.Select(x => x.Id),
            .. f.CleanedItems.Select(x => x.Id),
            .. f.Capacitors.Select(x => x.Id),
        ];
}

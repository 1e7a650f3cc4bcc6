using Haar.Core.Boards;
using Haar.Core.Cleaning;
using Haar.Core.Colour;
using Haar.Core.Drying;
using Haar.Core.Finish;
using Haar.Core.Intake;
using Haar.Core.Keyboards;
using Haar.Core.Mechanisms;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Verdicts;
using Haar.Data.Photos;

namespace Haar.Data.Demo;

public sealed partial class DemoWorkshop
{
    Photo Picture(Machine m, byte[] jpeg, string caption, double daysAgo)
    {
        var stored = photos.Add(jpeg);
        var photo = new Photo
        {
            Id = Id(),
            MachineId = m.Id,
            Hash = stored.Hash,
            Width = stored.Width,
            Height = stored.Height,
            Caption = caption,
            At = Ago(daysAgo),
        };
        db.Add(photo);
        return photo;
    }

    /// <summary>The micro's shell: washed, then whitened in the sun; the third session has been running for four hours.</summary>
    void MicroCase(Machine m)
    {
        m.ColourPolicy = ColourPolicy.Whiten;
        var shell = new CleanedItem
        {
            Id = Id(),
            MachineId = m.Id,
            Name = "Upper shell",
            Facts = new()
            {
                Materials = [Material.Abs],
                Features = [],
                Soils = [Soil.VapourFilm],
                Trials = [new("cloth-damp", 0.2, false), new("soap", 0.8, false), new("soap", 0.8, false)],
            },
            Dries = WetPart.HollowShell,
            Mains = ThreeState.No,
            Sheet = new() { DriedAt = Ago(11), DoneAt = Ago(11) },
        };
        db.Add(shell);
        var bleach = new BleachFacts
        {
            Percent = 6,
            As = BleachAs.Bath,
            Light = BleachLight.Lamp,
            Celsius = 24,
        };
        var run = new WhiteningRun
        {
            Id = Id(),
            MachineId = m.Id,
            ItemId = shell.Id,
            Masked = ThreeState.Yes,
            Repeats = [24.4, 25.3, 23.9],
        };
        var dose = 0.0;
        foreach (var (b, spread, daysAgo, hours) in new[] { (24.6, 0.6, 10.5, 3.0), (18.3, 0.8, 8.0, 3.0), (14.2, 0.9, 3.0, 0.0) })
        {
            var photo = Picture(m, CasePicture.Shell(b, spread, (int)(b * 10)), "Upper shell under the card", daysAgo);
            var seen = Measured(photo);
            run.Readings =
            [
                .. run.Readings,
                new(Ago(daysAgo), Math.Round(dose, 3), seen.B!.Value, seen.Evenness, seen.Absolute, seen.Patches, photo.Id)
                {
                    Card = CardKind.Published,
                },
            ];
            if (hours > 0)
            {
                var from = Ago(daysAgo - 0.1);
                var had = Dose.Of(bleach, from.UtcDateTime, hours).Hours;
                run.Sessions =
                [
                    .. run.Sessions,
                    new(from, hours, bleach, from.AddHours(hours), Math.Round(had, 3)) { Tray = "the long tray" },
                ];
                dose += had;
            }
        }
        // The third is under the lamp now.
        shell.Sheet = shell.Sheet with
        {
            Soak = new("", "the long tray", now.AddHours(-4.1), now.AddHours(1.9), 0, null),
            WetAt = now.AddHours(-4.1),
            By = WettedBy.Unrinsed,
        };
        shell.Facts = shell.Facts with { On = [Substance.Peroxide] };
        run.Sessions = [.. run.Sessions, new(now.AddHours(-4.1), 6, bleach) { Tray = "the long tray" }];
        run.TargetB = Math.Round(run.Readings[0].Patches.Where(p => p.Unaged).Average(p => p.Lab.B), 1);
        db.Add(run);
        db.Add(
            new CleanedItem
            {
                Id = Id(),
                MachineId = m.Id,
                Name = "Lower shell",
                Facts = new()
                {
                    Materials = [Material.Abs],
                    Features = [Feature.PaperLabel],
                    Soils = [Soil.VapourFilm, Soil.Adhesive],
                    Trials = [new("cloth-damp", 0.4, false), new("cloth-damp", 0, false)],
                    InSight = false,
                },
                Dries = WetPart.HollowShell,
                Mains = ThreeState.No,
                Sheet = new() { NotedAt = Ago(9), Noted = "Serial label whole, left of the cartridge slot." },
            }
        );
    }

    /// <summary>A crack at the micro's cartridge slot, stopped and degreased; the button that does not come back.</summary>
    void MicroMends(Machine m)
    {
        var crack = new Mending
        {
            Id = Id(),
            MachineId = m.Id,
            Name = "Crack at the cartridge slot",
            Kind = MendingKind.Crack,
            Crack = new()
            {
                Material = Material.Abs,
                LengthMillimetres = 22,
                Load = CrackLoad.Handling,
                InSight = ThreeState.Yes,
                Clean = ThreeState.No,
                PieceMissing = ThreeState.No,
            },
        };
        crack.Sheet = new() { Steps = [.. crack.Steps().Take(2).Select((s, i) => new MendingDone(s, Ago(5 - 0.01 * i)))] };
        db.Add(crack);
        db.Add(
            new Mending
            {
                Id = Id(),
                MachineId = m.Id,
                Name = "Reset button",
                Kind = MendingKind.Button,
                Other = new() { RuledOut = [ButtonCause.Dirt] },
                Sheet = new()
                {
                    Steps = [new("Press it under a swab with alcohol, twenty times, and look whether it comes back by itself.", Ago(4))],
                },
            }
        );
    }

    /// <summary>What stands on the shelf; the rust remover will not do for the server's cover.</summary>
    void Shelf()
    {
        foreach (
            var (kind, name, amount, unit, place, openedDays, keeps, comes) in new (
                string,
                string,
                double,
                SupplyUnit,
                string,
                double?,
                int?,
                int?
            )[]
            {
                ("isopropyl alcohol", "99 %, brown bottle", 420, SupplyUnit.Millilitres, "solvent cupboard", 40, null, 3),
                ("washing-up liquid", "", 350, SupplyUnit.Millilitres, "sink", null, null, 1),
                ("citric acid", "food grade", 230, SupplyUnit.Grams, "sink", 200, 36, 3),
                ("bicarbonate of soda", "", 400, SupplyUnit.Grams, "sink", null, null, 1),
                ("pH paper", "roll, 1 to 14", 14, SupplyUnit.Pieces, "bench drawer 2", 300, 24, 4),
                ("contact cleaner", "leaves no oil", 45, SupplyUnit.Millilitres, "solvent cupboard", 90, null, 5),
                ("label remover", "citrus", 12, SupplyUnit.Millilitres, "solvent cupboard", 500, 12, 4),
                ("lint-free cloth", "", 22, SupplyUnit.Pieces, "bench drawer 1", null, null, 4),
                ("rust remover", "chelating", 120, SupplyUnit.Millilitres, "yard door", 60, null, 6),
                ("melamine sponge", "", 3, SupplyUnit.Pieces, "sink", null, null, 2),
            }
        )
        {
            db.Add(
                new Supply
                {
                    Id = Id(),
                    Kind = kind,
                    Name = name,
                    Unit = unit,
                    Counted = amount,
                    CountedAt = Ago(20),
                    Place = place,
                    OpenedOn = openedDays is { } d ? DateOnly.FromDateTime(Ago(d).UtcDateTime) : null,
                    KeepsMonths = keeps,
                    DaysToCome = comes,
                }
            );
        }
        foreach (var tool in new[] { "soldering iron", "second iron", "multimeter", "hair drier", "postal scale" })
        {
            db.Add(
                new Supply
                {
                    Id = Id(),
                    Kind = tool,
                    Unit = SupplyUnit.Pieces,
                    Tool = true,
                    Counted = 1,
                    CountedAt = Ago(60),
                    Place = "bench",
                }
            );
        }
    }

    PhotoColourResult Measured(Photo photo)
    {
        using var pixels = PhotoPixels.Open(photos, photo.Hash);
        return PhotoColour.Measure(
            CardKind.Published,
            [
                new(pixels.Square(new(CasePicture.Card.X, CasePicture.Card.Y)).Sample(), CasePicture.White),
                new(pixels.Square(new(CasePicture.GreyCard.X, CasePicture.GreyCard.Y)).Sample(), CasePicture.Grey),
            ],
            [.. CasePicture.Places.Select(p => new ColourPatch(p.Name, pixels.Square(new(p.X, p.Y)).Sample(), p.Unaged))],
            ThreeState.Yes
        );
    }

    /// <summary>The server's tower: rusted along its lower edge, the residue read, masked, and next the rust comes off; and its floppy drive, half serviced.</summary>
    void ServerCase(Machine m)
    {
        var photo = Picture(m, CasePicture.Rusted(31), "Left side cover, lower edge", 12);
        using (var pixels = PhotoPixels.Open(photos, photo.Hash))
        {
            var rust = RustShare.Of(pixels.Quad([new(0.06, 0.075), new(0.94, 0.075), new(0.94, 0.925), new(0.06, 0.925)], 256, 256));
            db.Add(
                new SheetMetal
                {
                    Id = Id(),
                    MachineId = m.Id,
                    Name = "Left side cover",
                    RustedPercent = rust.Percent,
                    PhotoId = photo.Id,
                    Coating = Coating.OldPaint,
                    Leaked = ThreeState.Yes,
                    Working = ThreeState.Yes,
                    SquareCentimetres = 3150,
                    Coats = 2,
                    Sheet = new()
                    {
                        ResidueAt = Ago(11),
                        ResiduePh = 7,
                        MaskedAt = Ago(9),
                    },
                }
            );
        }
        db.Add(
            new SheetMetal
            {
                Id = Id(),
                MachineId = m.Id,
                Name = "Card guides, golden",
                RustedPercent = 2,
                Coating = Coating.YellowPassivated,
                Leaked = ThreeState.No,
                Working = ThreeState.Yes,
            }
        );
        db.Add(
            new Mechanism
            {
                Id = Id(),
                MachineId = m.Id,
                Name = "Floppy drive",
                Kind = MechanismKind.FloppyDrive,
                NominalRpm = 300,
                HasBelt = ThreeState.No,
                Rails = Sliding.MetalOnPlastic,
                Done =
                [
                    new(MechanismStep.Photograph, Ago(8)),
                    new(MechanismStep.LookInside, Ago(8), Note: "A paper clip and a jumper."),
                    new(MechanismStep.OldGrease, Ago(8)),
                    new(MechanismStep.Heads, Ago(7)),
                ],
            }
        );
    }

    /// <summary>The terminal's keyboard: laid over, its letters off and clean, three caps missing, two keys with trouble.</summary>
    void TerminalCase(Machine m)
    {
        var layout = Layouts.Named("terminal");
        var missing = new HashSet<string> { "2-14", "5-12", "1-7" };
        var photo = Picture(m, CasePicture.Keys(layout, missing, 17), "Keyboard, before any cap came off", 6);
        var corners = CasePicture.KeyCorners.Select(c => new Point(c.X, c.Y)).ToList();
        var plan = Straighten.Of(corners, photo.Width, photo.Height, layout.Width / layout.Height);
        var straight = photos.Straighten(photo.Hash, plan);
        var picture = new Photo
        {
            Id = Id(),
            MachineId = m.Id,
            Hash = straight.Hash,
            Width = straight.Width,
            Height = straight.Height,
            Caption = "The keys, from straight above",
            At = Ago(6),
        };
        db.Add(picture);
        var caps = new CleanedItem
        {
            Id = Id(),
            MachineId = m.Id,
            Name = "Key caps of keyboard",
            Facts = new()
            {
                Materials = [Material.Abs],
                Features = [],
                Soils = [Soil.Grease, Soil.Dust],
                Trials = [new("soap", 0.8, false), new("soap", 0.8, false)],
            },
            Dries = WetPart.Shell,
            Mains = ThreeState.No,
            Sheet = new() { DriedAt = Ago(4), DoneAt = Ago(4) },
        };
        db.Add(caps);
        db.Add(
            new Keyboard
            {
                Id = Id(),
                MachineId = m.Id,
                Name = "Keyboard",
                Switch = KeySwitch.Contacts,
                PhotoId = photo.Id,
                PictureId = picture.Id,
                Layout = layout.Id,
                Corners = corners,
                ItemId = caps.Id,
                Caps =
                [
                    .. CapMap
                        .Lay(layout)
                        .Select(c =>
                            missing.Contains(c.Key) ? c with { State = CapState.Missing }
                            : c.Row is 3 or 4 && c.Width < 1.2
                                ? c with
                                {
                                    State = CapState.Off,
                                    WayRound = c.Legend is "F" or "J" ? "the bar on the cap to the front" : "",
                                }
                            : c.Key == "2-5" ? c with { Trouble = KeyTrouble.Bounces, State = CapState.Back }
                            : c.Key == "5-4"
                                ? c with
                                {
                                    Trouble = KeyTrouble.Sticks,
                                    Tries = [new(KeyRung.Cap, false)],
                                    State = CapState.Back,
                                }
                            : c with { State = CapState.Back, Tested = c.Row == 1 }
                        ),
                ],
            }
        );
    }
}

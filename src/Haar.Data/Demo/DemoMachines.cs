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
using Haar.Core.Survey;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Photos;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Data.Demo;

/// <summary>The seven machines, each at its own stage, and the drawer.</summary>
public sealed partial class DemoWorkshop
{
    void Drawer()
    {
        (int Quantity, string Place, double YearsAgo, decimal Price)[] stock =
        [
            (7, "A3", 0.6, 0.42m),
            (12, "A4", 1.2, 0.18m),
            (5, "A4", 6.5, 0.31m),
            (9, "A5", 1.2, 0.16m),
            (3, "B1", 0.3, 0.55m),
            (2, "C2", 0.9, 0.80m),
        ];
        foreach (var (profile, s) in PackStore.Demo.Parts.Zip(stock))
        {
            db.Add(
                new DrawerPart
                {
                    Id = Id(),
                    Spec = profile.Spec,
                    Quantity = s.Quantity,
                    Place = s.Place,
                    BoughtOn = DateOnly.FromDateTime(now.DateTime.AddDays(-365.25 * s.YearsAgo)),
                    Price = s.Price,
                }
            );
        }

        void More(
            CapacitorKind kind,
            double uf,
            double volts,
            double celsius,
            double dia,
            double height,
            double? pitch,
            int quantity,
            string place,
            double years,
            decimal price
        ) =>
            db.Add(
                new DrawerPart
                {
                    Id = Id(),
                    Spec = new()
                    {
                        Kind = kind,
                        Microfarads = uf,
                        RatedVolts = volts,
                        MaxCelsius = celsius,
                        DiameterMillimetres = dia,
                        HeightMillimetres = height,
                        LeadPitchMillimetres = pitch,
                    },
                    Quantity = quantity,
                    Place = place,
                    BoughtOn = DateOnly.FromDateTime(now.DateTime.AddDays(-365.25 * years)),
                    Price = price,
                }
            );
        More(CapacitorKind.AluminiumSurfaceMount, 47, 16, 105, 6.3, 5.4, null, 2, "A3", 2.1, 0.14m);
        More(CapacitorKind.AluminiumSurfaceMount, 47, 25, 105, 6.3, 7.7, null, 1, "A3", 0.6, 0.19m);
        More(CapacitorKind.AluminiumRadial, 470, 25, 105, 10, 16, 5, 14, "B2", 1.8, 0.22m);
        More(CapacitorKind.AluminiumRadial, 100, 25, 105, 6.3, 11, 2.5, 25, "B2", 0.4, 0.12m);
        More(CapacitorKind.AluminiumRadial, 2200, 25, 105, 16, 25, 7.5, 3, "B3", 1.1, 0.95m);
        More(CapacitorKind.AluminiumRadial, 22, 35, 105, 5, 11, 2, 30, "B2", 3.0, 0.09m);
        More(CapacitorKind.TantalumBead, 22, 35, 125, 6, 10, 2.5, 6, "C1", 4.0, 0.60m);
    }

    Guid Server()
    {
        var m = Add(
            "halvorne-s325",
            "Fish-auction server",
            21,
            "the fish auction, when its hall was cleared",
            0,
            "It ran until the lights went out."
        );
        Board(m, "halvorne-s325-main", (0.2, 0.72), 7);
        Powered(
            m,
            19,
            "Counted 8192 KB, then “drive failure”. One long beep.",
            ("+5 V", 5.04, 22),
            ("+12 V", 12.11, 60),
            ("−5 V", -5.1, 30),
            ("−12 V", -11.8, 44)
        );
        Found(
            m,
            FindingKind.LeakingCell,
            "corner by the memory slots",
            "Green crust over 14 cm², two sockets wet.",
            18,
            "Cell cut out, crust brushed off wet."
        );
        Found(m, FindingKind.Rust, "tower case, bottom edge", "Bubbled paint along 30 cm.", 18);
        var site = PackStore.Demo.Machines.First(p => p.Id == "halvorne-s325").Cell!;
        db.Add(
            new MachineCell
            {
                Id = Id(),
                MachineId = m.Id,
                Place = "corner by the memory slots",
                Site = site,
                Chosen = ReplacementKind.HolderOnLead,
                OldOutAt = Ago(17),
            }
        );
        ServerApart(m);
        var rinse = Do(
            m,
            Stage.Boards,
            "Rinse the memory corner",
            25,
            "Its vinegar bath has reached pH 7.",
            "Gloves, distilled water 1.2 l, pH strips",
            daysAgo: 1
        );
        ServerBoard(m, lastBoard, rinse);
        ServerCase(m);
        Do(m, Stage.Case, "Wash the front panel", 15, state: JobState.Done, daysAgo: 9);
        Spent(m, "Vinegar, strips, distilled water", 11.40m, null, 15);
        Spent(m, "Strip down and first clean", null, 150, 16);
        return rinse.Id;
    }

    void Newsletter()
    {
        var m = Add(
            "pellardine-quire-20",
            "Newsletter desktop",
            30,
            "the parish office",
            15,
            "The sound has gone faint and the clock stops."
        );
        var caps = Board(m, "pellardine-quire-main", (0.215, 0.7), 3);
        Powered(m, 28, "Chime faint. Counted 10 MB. Clock at 1 January.", ("+5 V", 5.02, 31), ("+12 V", 12.2, 55), ("−12 V", -11.9, 50));
        Found(
            m,
            FindingKind.WeepingCapacitor,
            "main board, by the sound chip",
            "11 cm² wet and dull, mask lifted, five nets under it.",
            27
        );
        db.Add(
            new MachineCell
            {
                Id = Id(),
                MachineId = m.Id,
                Place = "holder beside the expansion slot",
                Site = PackStore.Demo.Machines.First(p => p.Id == "pellardine-quire-20").Cell!,
                Chosen = ReplacementKind.LikeForLike,
                OldOutAt = Ago(29),
                FittedAt = Ago(29),
                NextCheck = DateOnly.FromDateTime(now.DateTime).AddYears(4),
            }
        );
        Measured(m, caps, "C14", 32.4, 8.6, 2, null, CapacitorSign.Weeping);
        Measured(m, caps, "C13", 44.1, 1.9, 2, null, CapacitorSign.Weeping);
        Measured(m, caps, "C15", 40.2, 6.1, 2);
        Measured(m, caps, "C16", 9.6, 3.1, 2, 14);
        Measured(m, caps, "C9", 196, 0.9, 2, null, CapacitorSign.Weeping);
        Measured(m, caps, "C11", 33.9, 5.6, 2);
        Measured(m, caps, "C30", 168, 2.4, 2);
        Measured(m, caps, "C33", 29.7, 9.9, 2);
        Measured(m, caps, "C40", 318, 1.4, 2);
        foreach (
            var (d, uf, esr) in new[]
            {
                ("C1", 45.8, 1.4),
                ("C2", 46.6, 1.3),
                ("C3", 46.1, 1.5),
                ("C8", 1.02, 9.9),
                ("C10", 44.9, 1.8),
                ("C12", 45.2, 1.6),
                ("C17", 45.0, 1.7),
                ("C18", 9.7, 3.4),
                ("C19", 9.8, 3.3),
                ("C20", 46.9, 1.3),
                ("C22", 9.9, 3.2),
                ("C34", 9.5, 3.6),
                ("C35", 9.6, 3.5),
                ("C36", 46.0, 1.4),
                ("C37", 45.7, 1.6),
                ("C41", 447, 0.21),
            }
        )
        {
            Measured(m, caps, d, uf, esr, 2);
        }

        var c7 = caps.First(c => c.Designator == "C7");
        Read(m, SubjectKind.Capacitor, c7.Id, "old", Quantity.Capacitance, 1.61e-6, 2, inCircuit: true);
        NewsletterBoard(m, lastBoard);
        Do(m, Stage.StripDown, "Take the board out of the slim case", 25, state: JobState.Done, daysAgo: 27);
        Do(m, Stage.Case, "Wash the case and dry it", 35, state: JobState.Done, daysAgo: 20);
        var p = new Proof
        {
            Id = Id(),
            MachineId = m.Id,
            What = "Start to desktop",
            Unit = "s",
            Better = Better.Lower,
            Resolution = 0.1,
            At = Ago(26),
        };
        db.Add(p);
        foreach (var v in new[] { 41.2, 40.8, 41.9, 41.0, 41.4 })
        {
            Read(m, SubjectKind.Proof, p.Id, "before", Quantity.Seconds, v, 26);
        }
        Spent(m, "Postage of the last order", 4.90m, null, 6);
        Spent(m, "Measuring the board", null, 75, 2);
    }

    void Palmtop(Guid rinse)
    {
        var m = Add("wrenley-tally-2", "Harbour log palmtop", 12, "the harbour master's drawer", 0, "The log is still in it.");
        var caps = Board(m, "wrenley-tally-main", null, 11);
        Measured(m, caps, "C1", 88, 1.1, 9);
        Powered(m, 10, "Comes up at once, battery sign lit. 41 entries in the log.", ("+3 V", 2.94, 8));
        db.Add(
            new MachineCell
            {
                Id = Id(),
                MachineId = m.Id,
                Place = "memory card",
                Site = PackStore.Demo.Machines.First(p => p.Id == "wrenley-tally-2").Cell!,
            }
        );
        Do(m, Stage.StripDown, "Take the shell apart", 20, state: JobState.Done, daysAgo: 9);
        Do(m, Stage.StripDown, "Lift the display off its clips", 25, daysAgo: 9);
        Wait(m, Stage.Case, "Put the clean shell away", 5, "drying at 40 °C", TimeSpan.FromMinutes(52));
        Do(m, Stage.Case, "Soak the battery door in the bath", 10, "White crust on its spring.", "The bath", daysAgo: 4, after: rinse);
    }

    void Micro(Guid rinse)
    {
        var m = Add("ferrowen-pellet-48", "Boat-builder's micro", 40, "the boat-builder's son", 25, "He learned to program on it.");
        var caps = Board(m, "ferrowen-pellet-main", null, 5);
        foreach (
            var (d, uf, esr) in new[] { ("C1", 2240.0, 0.03), ("C2", 21.4, 0.9), ("C3", 21.9, 0.8), ("C4", 1.04, 2.2), ("C5", 97.0, 0.4) }
        )
        {
            Measured(m, caps, d, uf, esr, 30);
        }
        Powered(
            m,
            35,
            "Copyright line, 48 K counted, tape loads at the third try.",
            ("+5 V", 5.05, 18),
            ("+12 V", 12.3, 70),
            ("−5 V", -5.1, 20)
        );
        Do(m, Stage.StripDown, "Take the shell and membrane apart", 30, state: JobState.Done, daysAgo: 34);
        Do(m, Stage.Case, "Wash the shell", 20, state: JobState.Done, daysAgo: 12);
        Do(
            m,
            Stage.Case,
            "Clean the membrane tails in the bath",
            30,
            "Keys on one row are dead.",
            "The bath, soft brush",
            daysAgo: 8,
            after: rinse
        );
        MicroCase(m);
        MicroMends(m);
    }

    void Terminal()
    {
        var m = Add("maldrith-t80a", "Tide-gauge terminal", 16, "the tide-gauge hut", 0, "It hummed the last time.", surveyed: true);
        Board(m, "maldrith-t80a-supply", null, 9);
        var filter = Found(
            m,
            FindingKind.CrackedMainsFilter,
            "behind the mains inlet, seen through the grille",
            "C101 is crazed along its whole length.",
            14
        );
        db.Add(
            new ChecklistAnswer
            {
                Id = Id(),
                MachineId = m.Id,
                Item = "mains-filter",
                Answer = LookAnswer.Bad,
                Note = filter.Seen,
                FindingId = filter.Id,
                At = filter.At,
            }
        );
        TerminalLooked(m);
        Found(m, FindingKind.MissingPart, "keyboard", "Four key caps gone: Esc, 7, K and the left shift.", 14);
        TerminalCase(m);
    }

    void Laptop()
    {
        var m = Add("corvane-seawall-266", "Pilot-launch laptop", 50, "the pilot launch", 40, "Dropped once, in harbour.");
        Powered(m, 44, "Counted 64 MB. “No drive.” One short beep.", ("adapter", 15.1, 40), ("+5 V", 5.01, 20), ("+3.3 V", 3.31, 15));
        Found(
            m,
            FindingKind.SaltOrDamp,
            "serial port and expansion slot",
            "White crust on the shells, none inside.",
            48,
            "Rinsed in distilled water, dried two days at 40 °C."
        );
        db.Add(
            new MachineCell
            {
                Id = Id(),
                MachineId = m.Id,
                Place = "under the keyboard",
                Site = PackStore.Demo.Machines.First(p => p.Id == "corvane-seawall-266").Cell!,
                Chosen = ReplacementKind.LikeForLike,
                OldOutAt = Ago(46),
                FittedAt = Ago(45),
                NextCheck = DateOnly.FromDateTime(now.DateTime).AddYears(3),
            }
        );
        LaptopPack(m);
        foreach (
            var (stage, title, minutes) in new[]
            {
                (Stage.Case, "Clean the ports", 30),
                (Stage.Parts, "Find an ATA flash module that fits the bay", 40),
            }
        )
        {
            Do(m, stage, title, minutes, state: JobState.Done, daysAgo: 20);
        }
        LaptopRebuild(m, Wait(m, Stage.Case, "Try the hinge", 5, "hinge glue curing", TimeSpan.FromHours(19.5)));
        Do(
            m,
            Stage.BringUp,
            "Enter the drive by hand: 1023 / 16 / 63, then test",
            20,
            "Its firmware asks for the geometry and does not find it.",
            "The flash module's sheet",
            daysAgo: 2
        );
        Do(m, Stage.System, "Install the system of 1998 and its drivers", 120, daysAgo: 2);
        Spent(m, "Flash module and adapter", 22.50m, null, 18);
    }

    void Editor()
    {
        var m = Add("ardle-cutter-1800", "Lifeboat editor", 6, "the lifeboat station", 10, "Cuts out in the middle of a film.");
        m.RecapPolicy = RecapPolicy.Preventive;
        Board(m, "ardle-cutter-main", null, 13);
        EditorHeat(m, lastBoard);
        db.Add(
            new MachineCell
            {
                Id = Id(),
                MachineId = m.Id,
                Place = "beside the last slot",
                Site = PackStore.Demo.Machines.First(p => p.Id == "ardle-cutter-1800").Cell!,
            }
        );
        var shorts = new PowerStep
        {
            Id = Id(),
            MachineId = m.Id,
            Kind = PowerStepKind.Shorts,
            State = PowerStepState.Passed,
            At = Ago(2),
            Sentence = "No short. The lowest is +5 V to ground 41 Ω.",
        };
        db.Add(shorts);
        foreach (var (rail, ohms) in new[] { ("+3.3 V", 55.0), ("+5 V", 41), ("+12 V", 210), ("−12 V", 390), ("+5 V sb", 160) })
        {
            Read(m, SubjectKind.Rail, shorts.Id, rail, Quantity.Ohms, ohms, 2);
        }
        db.Add(
            new PowerStep
            {
                Id = Id(),
                MachineId = m.Id,
                Kind = PowerStepKind.SupplyLook,
                State = PowerStepState.Passed,
                At = Ago(2),
                Seen = "No swelling; fan turns; fuse whole.",
                Sentence = "No swelling; fan turns; fuse whole.",
            }
        );
        // Nobody has looked inside yet: what brings the mains in is known, and so its supply may be tried alone.
        foreach (var place in new[] { "lead", "supply", "earth" })
        {
            db.Add(
                new ChecklistAnswer
                {
                    Id = Id(),
                    MachineId = m.Id,
                    Item = place,
                    Answer = LookAnswer.Sound,
                    At = Ago(2.1),
                }
            );
        }
    }
}

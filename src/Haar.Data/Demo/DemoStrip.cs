using Haar.Core.Batteries;
using Haar.Core.Costs;
using Haar.Core.Intake;
using Haar.Core.Parts;
using Haar.Core.Photos;
using Haar.Core.Planning;
using Haar.Core.Stripdown;
using Haar.Core.Survey;
using Haar.Core.Verdicts;
using Haar.Data.Photos;

namespace Haar.Data.Demo;

/// <summary>What the demo workshop shows of arriving, surveying, taking apart and putting together.</summary>
public sealed partial class DemoWorkshop
{
    StripStep Off(
        Machine m,
        int number,
        string title,
        PieceKind kind,
        Orientation lies,
        double daysAgo,
        StripStep[] behind,
        string wayRound = "",
        string note = "",
        string test = "",
        bool photo = true,
        PhotoMark[]? marks = null,
        string by = "Ana",
        Latch latch = Latch.NotKnown
    )
    {
        var s = new StripStep
        {
            Id = Id(),
            MachineId = m.Id,
            Number = number,
            Title = title,
            Kind = kind,
            Orientation = lies,
            At = Ago(daysAgo).AddMinutes(number * 4),
            Behind = [.. behind.Select(b => b.Id)],
            Polarity = wayRound,
            Note = note,
            TestBeforeCovered = test,
            Latch = latch,
            By = by,
            Marks = [.. marks ?? []],
            PhotoId = photo ? Picture(m, kind, false, title, Ago(daysAgo).AddMinutes(number * 4)) : null,
        };
        db.Add(s);
        return s;
    }

    readonly Dictionary<(PieceKind, bool), StoredPhoto> drawn = [];

    Guid Picture(Machine m, PieceKind kind, bool beige, string caption, DateTimeOffset at)
    {
        // Drawing is the dearest part of the seed: one picture a kind is enough.
        if (!drawn.TryGetValue((kind, beige), out var stored))
        {
            drawn[(kind, beige)] = stored = photos.Add(StepPicture.Draw(kind, (int)kind * 17 + 3, beige));
        }
        var p = new Photo
        {
            Id = Id(),
            MachineId = m.Id,
            Hash = stored.Hash,
            Width = stored.Width,
            Height = stored.Height,
            Caption = caption,
            At = at,
        };
        db.Add(p);
        return p.Id;
    }

    StripFastener Screws(
        StripStep s,
        int count,
        string thread,
        double length,
        string head,
        string hole,
        string tray,
        string pierces = "",
        int missing = 0,
        params (double X, double Y, string Text)[] marks
    )
    {
        var f = new StripFastener
        {
            Id = Id(),
            MachineId = s.MachineId,
            StepId = s.Id,
            Thread = thread,
            LengthMillimetres = length,
            Head = head,
            Count = count,
            MissingBefore = missing,
            Hole = hole,
            Tray = tray,
            Pierces = pierces,
            Marks = [.. marks.Select(x => new PhotoMark(x.X, x.Y, x.Text))],
        };
        db.Add(f);
        return f;
    }

    void Lead(
        StripStep s,
        string kind,
        ThreeState keyed,
        string wayRound = "",
        string route = "",
        bool back = false,
        params (double X, double Y, string Text)[] marks
    ) =>
        db.Add(
            new StripConnector
            {
                Id = Id(),
                MachineId = s.MachineId,
                StepId = s.Id,
                Kind = kind,
                Keyed = keyed,
                Polarity = wayRound,
                Route = route,
                BackAt = back ? Ago(1) : null,
                Marks = [.. marks.Select(x => new PhotoMark(x.X, x.Y, x.Text))],
            }
        );

    static readonly (double, double, string)[] Corners = [(0.23, 0.24, "1"), (0.23, 0.77, "2"), (0.69, 0.24, "3"), (0.69, 0.77, "4")];

    /// <summary>The server on the bench: fourteen steps in, the drive cage just out.</summary>
    void ServerApart(Machine m)
    {
        const double days = 17;
        var lid = Off(m, 1, "Side panel", PieceKind.Cover, Orientation.OnRightSide, days, []);
        Screws(lid, 3, "6-32", 6, "hex", "rear edge", "A1");
        var front = Off(
            m,
            2,
            "Front panel",
            PieceKind.Cover,
            Orientation.AsUsed,
            days,
            [lid],
            note: "Five clips, the lowest one brittle: press from inside."
        );
        var net = Off(m, 3, "Network card", PieceKind.Card, Orientation.OnRightSide, days, [lid]);
        Screws(net, 1, "M3", 6, "pan", "bracket", "A2");
        Lead(net, "coax socket", ThreeState.Yes, "", "out at the back");
        var scsi = Off(m, 4, "SCSI card", PieceKind.Card, Orientation.OnRightSide, days, [lid]);
        Screws(scsi, 1, "M3", 6, "pan", "bracket", "A2");
        Lead(scsi, "50-way ribbon", ThreeState.No, "red edge towards the bracket", "under the fan");
        var serial = Off(m, 5, "Serial card", PieceKind.Card, Orientation.OnRightSide, days, [lid]);
        Screws(serial, 1, "M3", 6, "pan", "bracket", "A2");
        var speaker = Off(m, 6, "Speaker", PieceKind.Speaker, Orientation.OnRightSide, days, [lid]);
        Lead(speaker, "2-pin speaker lead", ThreeState.No, "red to the inner pin", "along the floor");
        var fan = Off(m, 7, "Front fan", PieceKind.Fan, Orientation.OnRightSide, days, [front]);
        Screws(fan, 4, "self-tapping 5", 10, "pan", "1 to 4", "B1");
        Lead(fan, "3-pin fan lead", ThreeState.Yes, "", "behind the cage");
        var tape = Off(m, 8, "Floppy drive", PieceKind.Drive, Orientation.OnRightSide, days, [front]);
        Screws(tape, 2, "M3", 5, "countersunk", "left side", "B2", "the drive's board");
        Lead(tape, "34-way ribbon", ThreeState.No, "red edge towards the power plug", "over the cage");
        var plugs = Off(m, 9, "Supply's plugs", PieceKind.Other, Orientation.OnRightSide, days, [net, scsi, serial], photo: false);
        Lead(plugs, "two 6-pin board plugs", ThreeState.No, "black leads together in the middle", "along the edge");
        var supply = Off(
            m,
            10,
            "Supply",
            PieceKind.Supply,
            Orientation.OnRightSide,
            days,
            [plugs],
            test: "Rails on the lamp load, board still out"
        );
        Screws(supply, 4, "6-32", 6, "hex", "rear wall", "B3");
        var modules = Off(
            m,
            11,
            "Memory modules",
            PieceKind.Module,
            Orientation.OnRightSide,
            days,
            [supply],
            wayRound: "notch towards the supply; numbered 1 to 8 with a pencil",
            latch: Latch.Weak
        );
        var board = Off(
            m,
            12,
            "Main board",
            PieceKind.Board,
            Orientation.OnRightSide,
            days,
            [modules, plugs, speaker],
            test: "Bare board beeps"
        );
        Screws(board, 6, "M3", 6, "pan", "standoffs", "C1", "the trace layer beside each hole");
        Lead(board, "keyboard socket", ThreeState.Yes);
        var standoffs = Off(m, 13, "Standoffs", PieceKind.Other, Orientation.OnRightSide, days, [board], photo: false);
        Screws(standoffs, 8, "M3", 8, "brass", "floor", "C1");
        var cage = Off(
            m,
            14,
            "Drive cage",
            PieceKind.Cage,
            Orientation.OnRightSide,
            days,
            [tape, fan],
            by: "Ana",
            note: "Comes out towards the front, tipped."
        );
        Screws(cage, 4, "M3", 6, "pan", "1 to 4", "C2", "the lower drive's board", 0, Corners);
        Screws(cage, 1, "6-32", 6.4, "hex", "left rear", "C3", "", 1, (0.69, 0.77, "4"));
        Lead(cage, "50-way ribbon", ThreeState.No, "red edge up", "drawn", false, (0.8, 0.45, "K"));
        db.AddRange(
            new FoundItem
            {
                Id = Id(),
                MachineId = m.Id,
                Slot = "drive",
                What = "210 MB SCSI drive",
                DateCode = "9418",
                Evidence = "Label on its side.",
            },
            new FoundItem
            {
                Id = Id(),
                MachineId = m.Id,
                Slot = "memory",
                What = "8 MB in eight modules",
                DateCode = "9112",
            },
            new FoundItem
            {
                Id = Id(),
                MachineId = m.Id,
                Slot = "network card",
                What = "10 Mbit coax card",
                DateCode = "9109",
            },
            new FoundItem
            {
                Id = Id(),
                MachineId = m.Id,
                Slot = "supply",
                What = "300 W supply",
                Evidence = "Seal whole.",
            },
            new FoundItem
            {
                Id = Id(),
                MachineId = m.Id,
                Slot = "second drive",
                Absent = true,
            }
        );
        db.AddRange(
            new Observation
            {
                Id = Id(),
                MachineId = m.Id,
                Kind = ObservationKind.Beep,
                Text = "one long",
                During = PowerStepKind.WhatItSaid,
                At = Ago(19),
            },
            new Observation
            {
                Id = Id(),
                MachineId = m.Id,
                Kind = ObservationKind.MemoryCount,
                Text = "8192 KB",
                Kilobytes = 8192,
                During = PowerStepKind.WhatItSaid,
                At = Ago(19),
            },
            new Observation
            {
                Id = Id(),
                MachineId = m.Id,
                Kind = ObservationKind.Message,
                Text = "drive failure",
                During = PowerStepKind.WhatItSaid,
                At = Ago(19),
            }
        );
        m.Expectation = new() { ToFinish = new(30, 65, 140), Complete = new(160, 220, 300) };
    }

    /// <summary>The laptop: apart, cleaned, half back together, and one screw left over.</summary>
    void LaptopRebuild(Machine m, Job hinge)
    {
        const double days = 22;
        var pack = Off(m, 1, "Battery pack", PieceKind.Cell, Orientation.UpsideDown, days, []);
        var door = Off(m, 2, "Memory door", PieceKind.Cover, Orientation.UpsideDown, days, []);
        Screws(door, 1, "M2.5", 5, "countersunk", "middle", "L1");
        var memory = Off(
            m,
            3,
            "Memory module",
            PieceKind.Module,
            Orientation.UpsideDown,
            days,
            [door],
            wayRound: "notch off centre: it goes in one way at a slant",
            latch: Latch.Firm
        );
        var screws = Off(m, 4, "Long screws underneath", PieceKind.Other, Orientation.UpsideDown, days, [pack], photo: false);
        Screws(screws, 6, "M2.5", 14, "countersunk", "marked with a ring", "L2", "the palm rest");
        var keyboard = Off(
            m,
            5,
            "Keyboard",
            PieceKind.Keyboard,
            Orientation.AsUsed,
            days,
            [screws],
            note: "Four brittle tabs along the top edge: slid, not levered."
        );
        Screws(keyboard, 2, "M2", 4, "countersunk", "marked K", "L1");
        Lead(keyboard, "keyboard flat lead", ThreeState.No, "contacts down", "straight");
        var rest = Off(m, 6, "Palm rest", PieceKind.Cover, Orientation.AsUsed, days, [keyboard]);
        Screws(rest, 3, "M2.5", 6, "pan", "under the keyboard", "L3", "the board");
        Lead(rest, "pointing stick lead", ThreeState.Yes);
        var bay = Off(m, 7, "Drive bay", PieceKind.Cage, Orientation.AsUsed, days, [rest]);
        bay.ExchangedFor = "Flash module in the drive bay";
        Screws(bay, 4, "M3", 3, "pan", "bay sides", "L3", "the module's board");
        var lid = Off(m, 8, "Lid with its hinge", PieceKind.Display, Orientation.AsUsed, days, [rest]);
        lid.AfterJobId = hinge.Id;
        Screws(lid, 4, "M2.5", 8, "pan", "hinge feet", "L4");
        Lead(lid, "panel lead", ThreeState.No, "blue mark up", "round the hinge");
        var board = Off(
            m,
            9,
            "Main board",
            PieceKind.Board,
            Orientation.AsUsed,
            days,
            [bay, lid, memory],
            test: "On the adapter: the lamp comes on and it beeps"
        );
        var screwsOfBoard = Screws(board, 5, "M2.5", 6, "pan", "ringed in white", "L5", "the magnesium shell");
        Lead(board, "adapter socket lead", ThreeState.Yes, back: true);
        board.BackAt = Ago(1);
        screwsOfBoard.Returns = [new(4, "M2.5", 6, "pan", false, Ago(1))];
        db.Add(
            new StageClosing
            {
                Id = Id(),
                MachineId = m.Id,
                Stage = Stage.StripDown,
                Reason = "Apart, in 9 steps.",
                At = Ago(days - 1),
            }
        );
        m.Expectation = new()
        {
            ToFinish = new(0, 15, 60),
            Complete = new(90, 130, 180),
            StopLoss = 110,
        };
    }

    void Store()
    {
        foreach (
            var (thread, length, head, quantity, place) in new[]
            {
                ("M3", 6.0, "pan", 42, "F1"),
                ("M3", 10, "pan", 18, "F1"),
                ("M3", 5, "countersunk", 9, "F1"),
                ("6-32", 6.4, "hex", 31, "F2"),
                ("M2.5", 6, "pan", 7, "F3"),
                ("M2.5", 5, "countersunk", 12, "F3"),
                ("M2", 4, "countersunk", 5, "F3"),
                ("self-tapping 4", 16, "pan", 6, "F4"),
            }
        )
        {
            db.Add(
                new StoreFastener
                {
                    Id = Id(),
                    Thread = thread,
                    LengthMillimetres = length,
                    Head = head,
                    Quantity = quantity,
                    Place = place,
                }
            );
        }

        db.Add(
            new StorePart
            {
                Id = Id(),
                Kind = "supply",
                Fits = "ATX",
                Quantity = 2,
                State = PartState.Good,
                Place = "shelf 3",
                CameFrom = "the lifeboat station's second desktop",
                At = Ago(90),
            }
        );
        db.Add(
            new StorePart
            {
                Id = Id(),
                Kind = "floppy drive",
                Fits = "1.44 MB",
                Quantity = 1,
                State = PartState.NotKnown,
                Place = "shelf 2",
                CameFrom = "a jumble sale",
                At = Ago(200),
            }
        );
    }

    void TerminalLooked(Machine m)
    {
        void Looked(string item, LookAnswer answer, string note = "", Guid? finding = null) =>
            db.Add(
                new ChecklistAnswer
                {
                    Id = Id(),
                    MachineId = m.Id,
                    Item = item,
                    Answer = answer,
                    Note = note,
                    FindingId = finding,
                    At = Ago(14),
                }
            );
        Looked("case-cracks", LookAnswer.Sound);
        Looked("screws", LookAnswer.Sound);
        Looked("rust-case", LookAnswer.NotHere);
        Looked("lead", LookAnswer.Sound);
        Looked("ports", LookAnswer.Sound, "Salt dust only, wiped off.");
        Looked("rodents", LookAnswer.Sound);
        Looked("supply", LookAnswer.CannotTell, "Too dark behind the grille.");
    }
}

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

/// <summary>The lot from a house clearance.</summary>
public sealed partial class DemoWorkshop
{
    /// <summary>Six boxes on the floor, opened and written down, not sorted.</summary>
    void LotOfSix()
    {
        var m = new Machine
        {
            Id = Id(),
            Name = "House-clearance lot",
            Kind = "six boxes, not yet sorted",
            CameFrom = "a house clearance on Quay Street",
            Paid = 60,
            Claimed = "All worked when they were put away.",
            ArrivedAt = Ago(1),
            Lot = new()
            {
                BudgetMoney = 120,
                BudgetHours = 24,
                Prices =
                [
                    new("supply", new(25, 35, 50), "AT"),
                    new("floppy drive", new(12, 18, 30)),
                    new("keyboard", new(15, 22, 40), "AT"),
                    new("drive", new(20, 30, 55), "ATA"),
                    new("adapter", new(10, 14, 25), "9 V"),
                ],
            },
        };
        db.Add(m);
        db.Add(
            new Log.LogEntry
            {
                Id = Id(),
                MachineId = m.Id,
                At = m.ArrivedAt,
                Sentence = "A lot came in: House-clearance lot.",
            }
        );
        static BoxPart Good(string kind, string fits = "", int count = 1) => new(kind, PartState.Good, fits, count);
        static BoxPart Gone(string kind, string fits = "") => new(kind, PartState.Missing, fits);
        static BoxPart Bad(string kind, string fits = "") => new(kind, PartState.Damaged, fits);
        static BoxPart Maybe(string kind, string fits = "") => new(kind, PartState.NotKnown, fits);
        void Box(
            int n,
            string name,
            string kind,
            string note,
            Estimate money,
            Estimate hours,
            double complete,
            double worth,
            PieceKind picture,
            params BoxPart[] parts
        ) =>
            db.Add(
                new LotBox
                {
                    Id = Id(),
                    MachineId = m.Id,
                    Number = n,
                    Name = name,
                    Kind = kind,
                    Note = note,
                    Money = money,
                    Hours = hours,
                    Complete = complete,
                    Worth = worth,
                    Parts = [.. parts],
                    PhotoId = Picture(m, picture, true, $"Box {n}: {name}", m.ArrivedAt.AddHours(1)),
                }
            );
        Box(
            1,
            "Grey tower",
            "486-level tower",
            "Clean inside; the supply has been taken.",
            new(5, 12, 30),
            new(4, 6, 10),
            140,
            2,
            PieceKind.Cage,
            Gone("supply", "AT"),
            Good("drive", "ATA"),
            Good("main board", "486"),
            Bad("floppy drive")
        );
        Box(
            2,
            "Flat desktop",
            "386-level desktop",
            "Cell has leaked over a third of the board.",
            new(15, 40, 90),
            new(10, 16, 30),
            90,
            1,
            PieceKind.Board,
            Good("supply", "AT"),
            Bad("main board", "386"),
            Good("floppy drive"),
            Good("keyboard", "AT")
        );
        Box(
            3,
            "Second desktop",
            "386-level desktop",
            "Whole, but for its keyboard.",
            new(5, 15, 40),
            new(5, 8, 14),
            110,
            1.5,
            PieceKind.Other,
            Gone("keyboard", "AT"),
            Good("supply", "AT"),
            Good("main board", "386"),
            Good("floppy drive"),
            Maybe("drive", "ATA")
        );
        Box(
            4,
            "Home micro",
            "8-bit home micro",
            "No adapter.",
            new(2, 6, 15),
            new(2, 4, 7),
            60,
            1,
            PieceKind.Keyboard,
            Gone("adapter", "9 V"),
            Good("main board", "micro")
        );
        Box(
            5,
            "Bits of a tower",
            "parts of a tower",
            "No board, no case front.",
            new(30, 60, 120),
            new(12, 20, 40),
            120,
            1,
            PieceKind.Supply,
            Gone("main board", "486"),
            Gone("case front", "486"),
            Good("supply", "AT"),
            Maybe("drive", "ATA")
        );
        Box(
            6,
            "Amber display",
            "amber display",
            "Neck cracked: the tube is gone.",
            new(0, 0, 0),
            new(1, 1, 2),
            40,
            1,
            PieceKind.Display,
            Bad("picture tube", "amber"),
            Good("mains lead")
        );
    }
}

using Haar.Core.Boards;
using Haar.Core.Capacitors;
using Haar.Core.Intake;
using Haar.Core.Meters;
using Haar.Core.Planning;
using Haar.Core.Survey;
using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Log;
using Haar.Data.Planning;
using Microsoft.EntityFrameworkCore;

namespace Haar.Bench;

/// <summary>Fills a workshop: each machine with a board of 50 capacitors, 200 readings and five pieces of work.</summary>
static class Seed
{
    public const int PartsEach = 50,
        ReadingsEach = 200;

    public static async Task FillAsync(DataFolder folder, int machines)
    {
        await using (var db = folder.Open())
        {
            await DatabaseStart.RunAsync(db, folder, new BackupStore(folder, TimeProvider.System), TimeProvider.System);
        }
        var random = new Random(7);
        var now = DateTimeOffset.UtcNow;
        for (var i = 0; i < machines; i++)
        {
            await using var db = folder.Open();
            db.ChangeTracker.AutoDetectChangesEnabled = false;
            var work = new Data.Log.UnitOfWork(db, TimeProvider.System, new Data.Log.Live());
            var m = new Machine
            {
                Id = work.NewId(),
                Name = $"Machine {i}",
                Kind = "desktop",
                Class = MachineClass.Level486,
                YearFrom = 1993,
                YearTo = 1995,
                ArrivedAt = now.AddHours(-i),
                SurveyedAt = now,
            };
            var board = new Board
            {
                Id = work.NewId(),
                MachineId = m.Id,
                Name = "Main board",
            };
            db.AddRange(
                m,
                board,
                new Finding
                {
                    Id = work.NewId(),
                    MachineId = m.Id,
                    Kind = FindingKind.Rust,
                    Seen = "A spot.",
                    At = now,
                },
                new LogEntry
                {
                    Id = work.NewId(),
                    MachineId = m.Id,
                    At = now,
                    Sentence = "Taken in.",
                }
            );
            for (var c = 0; c < PartsEach; c++)
            {
                var cap = new Capacitor
                {
                    Id = work.NewId(),
                    MachineId = m.Id,
                    BoardId = board.Id,
                    Designator = $"C{c}",
                    Marking = "47 16V",
                    Spec = new()
                    {
                        Kind = CapacitorKind.AluminiumRadial,
                        Microfarads = 47,
                        RatedVolts = 16,
                    },
                    X = random.NextDouble(),
                    Y = random.NextDouble(),
                };
                db.Add(cap);
                for (var r = 0; r < ReadingsEach / PartsEach; r++)
                {
                    db.Add(
                        new Reading
                        {
                            Id = work.NewId(),
                            MachineId = m.Id,
                            SubjectKind = SubjectKind.Capacitor,
                            SubjectId = cap.Id,
                            Channel = "old",
                            Quantity = r % 2 == 0 ? Quantity.Capacitance : Quantity.Esr,
                            Value = r % 2 == 0 ? 47e-6 * (0.7 + 0.4 * random.NextDouble()) : 1 + random.NextDouble(),
                            FrequencyHertz = 100_000,
                            At = now.AddMinutes(r),
                        }
                    );
                }
            }

            for (var j = 0; j < 5; j++)
            {
                db.Add(
                    new Job
                    {
                        Id = work.NewId(),
                        MachineId = m.Id,
                        Stage = (Stage)(2 + j),
                        Title = $"Work {j}",
                        State = j < 2 ? JobState.Done : JobState.ToDo,
                        At = now,
                    }
                );
            }
            await db.SaveChangesAsync();
            db.ChangeTracker.AutoDetectChangesEnabled = true;
            await MachineStatusKeeper.RefreshAsync(db, m.Id, now);
        }

        await using var last = folder.Open();
        await last.Database.ExecuteSqlRawAsync("ANALYZE; PRAGMA wal_checkpoint(TRUNCATE);");
    }
}

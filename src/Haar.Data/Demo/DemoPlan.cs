using Haar.Core.Planning;

namespace Haar.Data.Demo;

public sealed partial class DemoWorkshop
{
    /// <summary>Who is at the bench and when, laid from the day on which the demo starts, so that the way to its day is as long on every weekday.</summary>
    public static IReadOnlyList<BenchPerson> PeopleFrom(DayOfWeek starts, Func<Guid> newId)
    {
        WeeklyHours On(int daysOn, int from, int to) =>
            new((DayOfWeek)(((int)starts + daysOn) % 7), new TimeOnly(from, 0), new TimeOnly(to, 0));
        return
        [
            new()
            {
                Id = newId(),
                Name = "Ines",
                Skills = [BenchSkill.Soldering, BenchSkill.Mains],
                Hours = [On(3, 18, 21), On(5, 18, 21), On(1, 10, 16)],
            },
            new()
            {
                Id = newId(),
                Name = "Tam",
                Skills = [BenchSkill.Soldering],
                Avoids = [Airborne.Dust],
                Hours = [On(6, 18, 21), On(2, 13, 19)],
            },
            new()
            {
                Id = newId(),
                Name = "Odd",
                Hours = [On(4, 17, 20), On(0, 17, 20), On(1, 10, 15)],
            },
        ];
    }

    /// <summary>Three volunteers with their evenings, the places that one thing at a time holds, and what work has taken so far.</summary>
    void Bench()
    {
        db.AddRange(PeopleFrom(time.GetLocalNow().DayOfWeek, Id));
        foreach (
            var (name, open, count) in new[]
            {
                ("iron", PlaceOpen.Always, 1),
                ("meter", PlaceOpen.Always, 2),
                ("bath", PlaceOpen.Always, 1),
                ("airing cupboard", PlaceOpen.Always, 1),
                ("lamp", PlaceOpen.Always, 1),
                ("sill", PlaceOpen.Daylight, 1),
                ("yard", PlaceOpen.Outdoors, 1),
            }
        )
        {
            db.Add(
                new BenchPlace
                {
                    Id = Id(),
                    Name = name,
                    Open = open,
                    Count = count,
                    FitDaysInTen = open == PlaceOpen.Outdoors ? 6 : null,
                }
            );
        }
        foreach (
            var (title, kind, person, planned, took, days) in new (string, WorkKind, string, double, double, double)[]
            {
                ("Exchange 8 capacitors", WorkKind.Soldering, "Tam", 96, 140, 12),
                ("Fit what replaces the cell", WorkKind.Soldering, "Ines", 40, 55, 10),
                ("Exchange 4 capacitors", WorkKind.Soldering, "Tam", 48, 70, 6),
                ("Measure 12 capacitors", WorkKind.Measuring, "Ines", 24, 22, 11),
                ("Upper shell: washing-up liquid", WorkKind.Washing, "Odd", 17, 30, 11),
                ("Key caps: washing-up liquid", WorkKind.Washing, "Odd", 20, 26, 5),
            }
        )
        {
            db.Add(
                new WorkTaken
                {
                    Id = Id(),
                    ForMachineId = lastBoard.MachineId,
                    Key = $"past/{title}",
                    Title = title,
                    Kind = kind,
                    Person = person,
                    PlannedMinutes = planned,
                    BegunAt = Ago(days),
                    EndedAt = Ago(days).AddMinutes(took),
                    TakenMinutes = took,
                    End = WorkEnd.Done,
                }
            );
        }
    }
}

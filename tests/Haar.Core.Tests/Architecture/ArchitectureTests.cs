using ArchUnitNET.Domain;
using ArchUnitNET.Fluent;
using ArchUnitNET.Loader;
using static ArchUnitNET.Fluent.ArchRuleDefinition;

namespace Haar.Core.Tests.Architecture;

/// <summary>Web → Data → Core; stand-ins stand alone; the core knows no file, network, database or interface.</summary>
public class ArchitectureTests
{
    static readonly ArchUnitNET.Domain.Architecture House = new ArchLoader()
        .LoadAssemblies(
            typeof(Core.Verdicts.Verdict).Assembly,
            typeof(Data.HaarDb).Assembly,
            typeof(Web.Health).Assembly,
            typeof(StandIns.Meters.StandInMeter).Assembly
        )
        .Build();

    static void Holds(IArchRule rule) =>
        Assert.True(rule.HasNoViolations(House), string.Join("\n", rule.Evaluate(House).Where(r => !r.Passed).Select(r => r.Description)));

    [Fact]
    public void Core_refers_to_nothing_of_ours() =>
        Holds(
            Types()
                .That()
                .ResideInNamespaceMatching(@"^Haar\.Core")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching(@"^Haar\.(Data|Web|StandIns)"))
        );

    [Fact]
    public void Data_does_not_know_the_web() =>
        Holds(
            Types()
                .That()
                .ResideInNamespaceMatching(@"^Haar\.Data")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching(@"^Haar\.(Web|StandIns)"))
        );

    [Fact]
    public void Stand_ins_stand_alone()
    {
        Holds(
            Types()
                .That()
                .ResideInNamespaceMatching(@"^Haar\.StandIns")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching(@"^Haar\.(Core|Data|Web)"))
        );
        Holds(
            Types()
                .That()
                .ResideInNamespaceMatching(@"^Haar\.Web")
                .Should()
                .NotDependOnAny(Types().That().ResideInNamespaceMatching(@"^Haar\.StandIns"))
        );
    }

    [Fact]
    public void Core_knows_no_file_network_database_or_interface()
    {
        var references = typeof(Core.Verdicts.Verdict).Assembly.GetReferencedAssemblies().Select(a => a.Name!).ToList();
        Assert.DoesNotContain(
            references,
            r =>
                r.StartsWith("Haar", StringComparison.Ordinal)
                || r.Contains("EntityFramework", StringComparison.Ordinal)
                || r.Contains("AspNetCore", StringComparison.Ordinal)
                || r.Contains("Sqlite", StringComparison.Ordinal)
                || r is "System.Net.Http" or "System.Net.Sockets" or "System.IO.FileSystem" or "System.Data.Common"
        );
        Holds(
            Types()
                .That()
                .ResideInNamespaceMatching(@"^Haar\.Core")
                .And()
                // Reads the table that ships inside the core itself, and no file.
                .AreNot(typeof(Core.Cleaning.Methods))
                .Should()
                .NotDependOnAnyTypesThat()
                .HaveFullNameMatching(@"^System\.(IO\.(File|Directory|Path|Stream)|Net\.|Diagnostics\.Process|Console)")
        );
    }

    [Fact]
    public void What_looks_at_the_whole_machine_knows_no_room_by_name() =>
        Holds(
            Types()
                .That()
                .HaveFullNameMatching(
                    @"^Haar\.Core\.(Planning\.(?!Machine(Rows|Facts|Now)\b)|Safety\.|Rooms\.Room\b|Handover\.Handover|Survey\.PowerSession)"
                )
                .Should()
                .NotDependOnAny(
                    Types()
                        .That()
                        .ResideInNamespaceMatching(
                            @"^Haar\.Core\.(Batteries|Boards|Capacitors|Corrosion|Costs|Parts|Proving|Stripdown|Thermal)"
                        )
                )
        );

    [Fact]
    public void A_row_is_named_in_its_own_room_and_in_no_other()
    {
        var rows = typeof(Core.Planning.MachineRows)
            .GetProperties()
            .Where(p => p.CanWrite && p.Name != "Machine")
            .Select(p => (p.Name, Row: p.PropertyType.IsGenericType ? p.PropertyType.GetGenericArguments()[0] : p.PropertyType))
            .ToList();
        Assert.True(rows.Count > 20);
        foreach (var (name, row) in rows)
        {
            var room = row.Namespace!["Haar.Core.".Length..];
            var core = room == "Planning" ? "MachineRows.cs" : $"{room}Rows.cs";
            Assert.Contains(
                $" {name} {{ get;",
                File.ReadAllText(Path.Combine(Root(), "src", "Haar.Core", room, core)),
                StringComparison.Ordinal
            );
            var tables = File.ReadAllText(Path.Combine(Root(), "src", "Haar.Data", room, $"{room}Tables.cs"));
            Assert.Contains($"DbSet<{row.Name}> ", tables, StringComparison.Ordinal);
        }
        // And what is common to all of them names none of them.
        foreach (
            var common in new[]
            {
                "HaarDb.cs",
                "Planning/RowsOfMachine.cs",
                "Planning/MachineStatusKeeper.cs",
                "Exchange/MachineDocument.cs",
            }
        )
        {
            var text = File.ReadAllText(Path.Combine(Root(), "src", "Haar.Data", common));
            Assert.DoesNotMatch(
                @"\b(Finding|PowerStep|StripStep|CorrosionArea|BoardNet|HotPart|MachineCell|MachinePack|TestInPieces|Reservation)\b",
                text
            );
        }
    }

    static string Root()
    {
        var at = AppContext.BaseDirectory;
        while (!File.Exists(Path.Combine(at, "Haar.slnx")))
        {
            at = Path.GetDirectoryName(at)!;
        }
        return at;
    }

    [Fact]
    public void Every_room_has_the_same_word_on_every_floor()
    {
        static HashSet<string> Rooms(System.Reflection.Assembly a, string root) =>
            [
                .. a.GetTypes()
                    .Select(t => t.Namespace ?? "")
                    .Where(n => n.StartsWith(root + ".", StringComparison.Ordinal))
                    .Select(n => n[(root.Length + 1)..].Split('.')[0]),
            ];
        var core = Rooms(typeof(Core.Verdicts.Verdict).Assembly, "Haar.Core");
        var web = Rooms(typeof(Web.Health).Assembly, "Haar.Web");
        string[] ofTheWebOnly = ["Http", "Identity", "Backups", "Packs"];
        Assert.Empty(web.Except(core).Except(ofTheWebOnly));
    }
}

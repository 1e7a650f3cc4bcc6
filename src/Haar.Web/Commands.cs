using Haar.Data;
using Haar.Data.Backups;
using Haar.Web.Identity;

namespace Haar.Web;

/// <summary>The few commands that do not serve: backup, restore, passphrase.</summary>
static class Commands
{
    /// <returns>The exit code, or null when the program is to serve.</returns>
    public static int? Run(string[] args)
    {
        if (args.Length == 0 || args[0].StartsWith('-'))
        {
            return null;
        }
        var data = Array.IndexOf(args, "--data") is >= 0 and var i && i + 1 < args.Length ? args[i + 1] : "data";
        try
        {
            switch (args[0])
            {
                case "backup":
                    var taken = new BackupStore(new DataFolder(data), TimeProvider.System).Take("hand");
                    Console.WriteLine($"Backup taken: {Path.Combine(data, "backups", taken.Name)} ({taken.Bytes / 1000} kB)");
                    return 0;
                case "restore" when args.Length > 1 && !args[1].StartsWith('-'):
                    Console.WriteLine(new BackupStore(new DataFolder(data), TimeProvider.System).Restore(args[1]).Sentence);
                    return 0;
                case "restore":
                    Console.Error.WriteLine("Say which backup: ./haar restore FILE. These are there:");
                    foreach (var b in new BackupStore(new DataFolder(data), TimeProvider.System).List())
                    {
                        Console.Error.WriteLine($"  {b.Name}");
                    }
                    return 2;
                case "passphrase":
                    Console.Error.Write("New passphrase of the workshop: ");
                    var problem = new Passphrase(new DataFolder(data)).Set(Console.ReadLine() ?? "");
                    Console.Error.WriteLine(problem ?? "Set.");
                    return problem is null ? 0 : 2;
                default:
                    Console.Error.WriteLine($"There is no command “{args[0]}”: backup, restore, passphrase, or none to serve.");
                    return 2;
            }
        }
        catch (BackupException e)
        {
            Console.Error.WriteLine(e.Message);
            return 1;
        }
        catch (Exception e) when (e is Microsoft.Data.Sqlite.SqliteException or IOException or UnauthorizedAccessException)
        {
            Console.Error.WriteLine($"The data folder {Path.GetFullPath(data)} cannot be used: {e.Message} Nothing was changed.");
            return 1;
        }
    }
}

using Haar.Data;
using Microsoft.AspNetCore.Identity;

namespace Haar.Web.Identity;

/// <summary>The workshop's passphrase, hashed with the framework's hasher in <c>passphrase</c> in the data folder.</summary>
public sealed class Passphrase(DataFolder folder)
{
    public const int Least = 10;
    static readonly PasswordHasher<string> Hasher = new();
    readonly SessionStore sessions = new(folder, TimeProvider.System);
    string File => Path.Combine(folder.Root, "passphrase");

    public bool IsSet => System.IO.File.Exists(File);

    /// <summary>Sets it, and signs everybody out who came in by the one before.</summary>
    /// <returns>Null when it was set, else why not.</returns>
    public string? Set(string passphrase)
    {
        if (passphrase.Trim().Length < Least)
        {
            return $"A passphrase is at least {Least} characters long: a few words are easiest.";
        }
        DurableFile.Write(File, System.Text.Encoding.UTF8.GetBytes(Hasher.HashPassword("workshop", passphrase)), secret: true);
        sessions.EndAll();
        return null;
    }

    public bool Is(string passphrase) =>
        IsSet && Hasher.VerifyHashedPassword("workshop", System.IO.File.ReadAllText(File), passphrase) != PasswordVerificationResult.Failed;
}

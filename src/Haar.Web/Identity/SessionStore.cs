using System.Security.Cryptography;
using System.Text;
using Haar.Data;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;

namespace Haar.Web.Identity;

/// <summary>
/// Who is signed in, one file a session in <c>sessions/</c> of the data folder. The cookie holds only a random key and the file's
/// name only that key's hash, so that neither a backup nor a look into the folder lets anybody in. A session ends when its file
/// is gone: at sign-out, when the passphrase is set anew, and <see cref="Lasts"/> after signing in.
/// </summary>
public sealed class SessionStore(DataFolder folder, TimeProvider time) : ITicketStore
{
    /// <summary>A default, not a figure from anywhere: a club meets once a week, and a phone that is lost is out within two.</summary>
    public static readonly TimeSpan Lasts = TimeSpan.FromDays(14);

    /// <summary>Signed in at once; the oldest goes when there are more. A default: ten times the devices of a large club.</summary>
    public const int Most = 200;

    const string Claim = "session";

    /// <summary>Whether whoever came in by a session still has it; for answers that go on after the door has let them in.</summary>
    public bool Lives(System.Security.Claims.ClaimsPrincipal user) =>
        user.FindFirst(Claim) is not { } session || File.Exists(Path.Combine(Sessions, Path.GetFileName(session.Value)));

    string Sessions => Path.Combine(folder.Root, "sessions");

    string PathOf(string key) => Path.Combine(Sessions, Convert.ToHexStringLower(SHA256.HashData(Encoding.UTF8.GetBytes(key))));

    public async Task<string> StoreAsync(AuthenticationTicket ticket)
    {
        Directory.CreateDirectory(Sessions);
        Sweep();
        var key = Convert.ToHexStringLower(RandomNumberGenerator.GetBytes(32));
        ticket.Principal.Identities.First().AddClaim(new(Claim, Path.GetFileName(PathOf(key))));
        await WriteAsync(key, ticket);
        return key;
    }

    public Task RenewAsync(string key, AuthenticationTicket ticket) =>
        File.Exists(PathOf(key)) ? WriteAsync(key, ticket) : Task.CompletedTask;

    public async Task<AuthenticationTicket?> RetrieveAsync(string key)
    {
        try
        {
            var ticket = TicketSerializer.Default.Deserialize(await File.ReadAllBytesAsync(PathOf(key)));
            return ticket?.Properties.ExpiresUtc > time.GetUtcNow() ? ticket : null;
        }
        catch (Exception e) when (e is IOException or UnauthorizedAccessException)
        {
            return null;
        }
    }

    public Task RemoveAsync(string key)
    {
        Remove(PathOf(key));
        return Task.CompletedTask;
    }

    /// <summary>Signs everybody out.</summary>
    public void EndAll()
    {
        foreach (var file in All())
        {
            Remove(file.FullName);
        }
    }

    void Sweep()
    {
        var old = time.GetUtcNow().UtcDateTime - Lasts;
        foreach (var file in All().OrderByDescending(f => f.LastWriteTimeUtc).Where((f, i) => i >= Most - 1 || f.LastWriteTimeUtc < old))
        {
            Remove(file.FullName);
        }
    }

    FileInfo[] All() => Directory.Exists(Sessions) ? new DirectoryInfo(Sessions).GetFiles() : [];

    async Task WriteAsync(string key, AuthenticationTicket ticket)
    {
        var options = new FileStreamOptions { Mode = FileMode.Create, Access = FileAccess.Write };
        if (!OperatingSystem.IsWindows())
        {
            options.UnixCreateMode = UnixFileMode.UserRead | UnixFileMode.UserWrite;
        }
        await using var file = new FileStream(PathOf(key), options);
        await file.WriteAsync(TicketSerializer.Default.Serialize(ticket));
    }

    static void Remove(string path)
    {
        try
        {
            File.Delete(path);
        }
        catch (DirectoryNotFoundException)
        {
            // Nobody ever signed in.
        }
    }
}

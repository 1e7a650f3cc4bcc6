using System.Net;
using System.Security.Claims;
using Haar.Core.Safety;
using Haar.Data;
using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authentication;
using Microsoft.AspNetCore.Authentication.Cookies;
using Microsoft.AspNetCore.Identity;
using Microsoft.AspNetCore.RateLimiting;
using Microsoft.EntityFrameworkCore;

namespace Haar.Web.Identity;

/// <param name="Open">No sign-in is asked: only this machine can reach it.</param>
/// <param name="Token">To be sent as X-Haar-Token with every act.</param>
public sealed record Session(bool Open, bool SignedIn, string Token, string WorkshopName, IReadOnlyList<Caution> Cautions);

public sealed record SignInAsk(string Passphrase);

static class SignIn
{
    public const string Limit = "sign-in";

    /// <summary>A minute, by one address. A default: a person mistypes three times. OWASP's authentication cheat sheet asks for a limit and names no figure.</summary>
    public const int TriesByAddress = 5;

    /// <summary>A minute, by everybody together: 14,400 guesses in a day against a passphrase of a few words.</summary>
    public const int TriesInAll = 10;

    /// <summary>The prefix makes a browser take the cookie over HTTPS only, from this host only (RFC 6265bis, 4.1.3).</summary>
    static string CookieName(string name, AccessPolicy door) => door.Secure ? $"__Host-{name}" : name;

    public static void AddIdentity(this IServiceCollection services, AccessPolicy door)
    {
        services.AddSingleton(door);
        services.AddSingleton<Passphrase>();
        services.AddSingleton<SessionStore>();
        services.AddAntiforgery(o =>
        {
            o.HeaderName = "X-Haar-Token";
            o.Cookie.Name = CookieName("haar-antiforgery", door);
            o.Cookie.HttpOnly = true;
            o.Cookie.Path = "/";
            o.Cookie.SameSite = SameSiteMode.Strict;
            o.Cookie.SecurePolicy = door.Secure ? CookieSecurePolicy.Always : CookieSecurePolicy.SameAsRequest;
        });
        services
            .AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
            .AddCookie(o =>
            {
                o.Cookie.Name = CookieName("haar-session", door);
                o.Cookie.HttpOnly = true;
                o.Cookie.Path = "/";
                o.Cookie.SameSite = SameSiteMode.Strict;
                o.Cookie.SecurePolicy = door.Secure ? CookieSecurePolicy.Always : CookieSecurePolicy.SameAsRequest;
                o.ExpireTimeSpan = SessionStore.Lasts;
                o.SlidingExpiration = false;
            });
        services
            .AddOptions<CookieAuthenticationOptions>(CookieAuthenticationDefaults.AuthenticationScheme)
            .Configure<SessionStore>((o, store) => o.SessionStore = store);
        services.AddAccess();
        services.AddRateLimiter(o =>
        {
            o.RejectionStatusCode = 429;
            o.OnRejected = async (c, cancel) =>
                await Results
                    .Problem("Too many tries. Wait a minute and try again.", statusCode: 429, title: "Wait a minute")
                    .ExecuteAsync(c.HttpContext);
            // By one address, and in all: whoever has many addresses guesses no faster.
            o.GlobalLimiter = System.Threading.RateLimiting.PartitionedRateLimiter.Create<HttpContext, bool>(c =>
                c.GetEndpoint()?.Metadata.GetMetadata<EnableRateLimitingAttribute>()?.PolicyName == Limit
                    ? System.Threading.RateLimiting.RateLimitPartition.GetFixedWindowLimiter(
                        true,
                        _ => new() { PermitLimit = TriesInAll, Window = TimeSpan.FromMinutes(1) }
                    )
                    : System.Threading.RateLimiting.RateLimitPartition.GetNoLimiter(false)
            );
            o.AddPolicy(
                Limit,
                c =>
                    System.Threading.RateLimiting.RateLimitPartition.GetFixedWindowLimiter(
                        c.Connection.RemoteIpAddress?.ToString() ?? "",
                        _ => new() { PermitLimit = TriesByAddress, Window = TimeSpan.FromMinutes(1) }
                    )
            );
        });
    }

    public static void MapIdentity(this IEndpointRouteBuilder api)
    {
        api.MapGet(
                "/session",
                async (HttpContext context, IAntiforgery antiforgery, AccessPolicy door, HaarDb db) =>
                {
                    var tokens = antiforgery.GetAndStoreTokens(context);
                    var signedIn = door.Open || context.User.Identity is { IsAuthenticated: true };
                    var name = signedIn
                        ? (await db.Workshops.AsNoTracking().Where(w => w.Id == 1).Select(w => w.Name).FirstOrDefaultAsync()) ?? ""
                        : "";
                    context.Response.Headers.CacheControl = "no-store";
                    return new Session(door.Open, signedIn, tokens.RequestToken!, name, Cautions.All);
                }
            )
            .WithName("GetSession")
            .WithTags("Identity")
            .AllowAnonymous();

        api.MapPost(
                "/sign-in",
                async (SignInAsk ask, HttpContext context, Passphrase passphrase) =>
                {
                    if (!passphrase.Is(ask.Passphrase))
                    {
                        return Results.Problem("That is not the workshop's passphrase.", statusCode: 401, title: "Not signed in");
                    }
                    var who = new ClaimsPrincipal(
                        new ClaimsIdentity([new Claim(ClaimTypes.Name, "workshop")], CookieAuthenticationDefaults.AuthenticationScheme)
                    );
                    await context.SignInAsync(
                        CookieAuthenticationDefaults.AuthenticationScheme,
                        who,
                        new AuthenticationProperties { IsPersistent = true }
                    );
                    return Results.NoContent();
                }
            )
            .WithName("SignIn")
            .WithTags("Identity")
            .WithMetadata(new Http.WritesNoRow())
            .RequireAuthorization(AccessPolicy.Token)
            .RequireRateLimiting(Limit)
            .ProducesProblem(401)
            .ProducesProblem(429)
            .Produces(204);

        api.MapPost(
                "/sign-out",
                async (HttpContext context) =>
                {
                    await context.SignOutAsync(CookieAuthenticationDefaults.AuthenticationScheme);
                    context.Response.Headers["Clear-Site-Data"] = "\"cache\"";
                    return Results.NoContent();
                }
            )
            .WithName("SignOut")
            .WithTags("Identity")
            .WithMetadata(new Http.WritesNoRow())
            .Produces(204);
    }
}

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

/// <summary>The workshop's passphrase, hashed with the framework's hasher in <c>passphrase</c> in the data folder.</summary>
public sealed class Passphrase(DataFolder folder)
{
    public const int Least = 10;
    static readonly PasswordHasher<string> Hasher = new();
    string File => Path.Combine(folder.Root, "passphrase");

    public bool IsSet => System.IO.File.Exists(File);

    /// <returns>Null when it was set, else why not.</returns>
    public string? Set(string passphrase)
    {
        if (passphrase.Trim().Length < Least)
        {
            return $"A passphrase is at least {Least} characters long: a few words are easiest.";
        }
        System.IO.File.WriteAllText(File, Hasher.HashPassword("workshop", passphrase));
        if (!OperatingSystem.IsWindows())
        {
            System.IO.File.SetUnixFileMode(File, UnixFileMode.UserRead | UnixFileMode.UserWrite);
        }
        return null;
    }

    public bool Is(string passphrase) =>
        IsSet && Hasher.VerifyHashedPassword("workshop", System.IO.File.ReadAllText(File), passphrase) != PasswordVerificationResult.Failed;
}

/// <param name="Open">No sign-in is asked: only this machine can reach it.</param>
/// <param name="Token">To be sent as X-Haar-Token with every act.</param>
public sealed record Session(bool Open, bool SignedIn, string Token, string WorkshopName, IReadOnlyList<Caution> Cautions);

public sealed record SignInAsk(string Passphrase);

/// <summary>Whether the workshop is open to this machine only, or asks for its passphrase.</summary>
/// <param name="Secure">It is reached by HTTPS, so its cookies never travel without.</param>
public sealed record AccessPolicy(bool Open, bool Secure);

static class SignIn
{
    public const string Limit = "sign-in";

    public static void AddIdentity(this IServiceCollection services, AccessPolicy door)
    {
        services.AddSingleton(door);
        services.AddSingleton<Passphrase>();
        services.AddAntiforgery(o =>
        {
            o.HeaderName = "X-Haar-Token";
            o.Cookie.Name = "haar-antiforgery";
            o.Cookie.SameSite = SameSiteMode.Strict;
            o.Cookie.SecurePolicy = door.Secure ? CookieSecurePolicy.Always : CookieSecurePolicy.SameAsRequest;
        });
        services
            .AddAuthentication(CookieAuthenticationDefaults.AuthenticationScheme)
            .AddCookie(o =>
            {
                o.Cookie.Name = "haar-session";
                o.Cookie.HttpOnly = true;
                o.Cookie.SameSite = SameSiteMode.Strict;
                o.Cookie.SecurePolicy = door.Secure ? CookieSecurePolicy.Always : CookieSecurePolicy.SameAsRequest;
                o.ExpireTimeSpan = TimeSpan.FromDays(14);
                o.Events.OnRedirectToLogin = c =>
                {
                    c.Response.StatusCode = 401;
                    return Task.CompletedTask;
                };
                o.Events.OnRedirectToAccessDenied = c =>
                {
                    c.Response.StatusCode = 403;
                    return Task.CompletedTask;
                };
            });
        services.AddAuthorization();
        services.AddRateLimiter(o =>
        {
            o.RejectionStatusCode = 429;
            o.OnRejected = async (c, cancel) =>
                await Results
                    .Problem("Too many tries. Wait a minute and try again.", statusCode: 429, title: "Wait a minute")
                    .ExecuteAsync(c.HttpContext);
            o.AddPolicy(
                Limit,
                c =>
                    System.Threading.RateLimiting.RateLimitPartition.GetFixedWindowLimiter(
                        c.Connection.RemoteIpAddress?.ToString() ?? "",
                        _ => new() { PermitLimit = 5, Window = TimeSpan.FromMinutes(1) }
                    )
            );
        });
    }

    /// <summary>Everything but the session, the rules and the page itself asks for a sign-in when the workshop is not on this machine alone; every act carries the antiforgery token.</summary>
    public static void UseAccessPolicy(this WebApplication app)
    {
        var door = app.Services.GetRequiredService<AccessPolicy>();
        app.Use(
            async (context, next) =>
            {
                var path = context.Request.Path;
                var api = path.StartsWithSegments("/api", StringComparison.Ordinal);
                var free =
                    !api
                    || path.StartsWithSegments("/api/session", StringComparison.Ordinal)
                    || path.StartsWithSegments("/api/sign-in", StringComparison.Ordinal);
                if (!door.Open && !free && context.User.Identity is not { IsAuthenticated: true })
                {
                    await Results
                        .Problem("Sign in with the workshop's passphrase first.", statusCode: 401, title: "Sign in")
                        .ExecuteAsync(context);
                    return;
                }

                var unsafeMethod = !(
                    HttpMethods.IsGet(context.Request.Method)
                    || HttpMethods.IsHead(context.Request.Method)
                    || HttpMethods.IsOptions(context.Request.Method)
                );
                if (api && unsafeMethod && !path.StartsWithSegments("/api/calc", StringComparison.Ordinal))
                {
                    if (!await context.RequestServices.GetRequiredService<IAntiforgery>().IsRequestValidAsync(context))
                    {
                        await Results
                            .Problem(
                                "The page is out of date: load it again. Nothing was changed. (A script first gets /api/session and sends its token as X-Haar-Token, with the cookie.)",
                                statusCode: 400,
                                title: "Load the page again"
                            )
                            .ExecuteAsync(context);
                        return;
                    }
                }

                await next(context);
            }
        );
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
            .WithTags("Identity");

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
            .RequireRateLimiting(Limit)
            .ProducesProblem(401)
            .ProducesProblem(429)
            .Produces(204);

        api.MapPost(
                "/sign-out",
                async (HttpContext context) =>
                {
                    await context.SignOutAsync(CookieAuthenticationDefaults.AuthenticationScheme);
                    return Results.NoContent();
                }
            )
            .WithName("SignOut")
            .WithTags("Identity")
            .Produces(204);
    }

    /// <summary>Whether every address listened on is this machine's own.</summary>
    public static bool IsLoopback(string urls) =>
        urls.Split(';', StringSplitOptions.RemoveEmptyEntries | StringSplitOptions.TrimEntries)
            .All(u =>
            {
                var host = BindingAddress.Parse(u).Host;
                return host.Equals("localhost", StringComparison.OrdinalIgnoreCase)
                    || IPAddress.TryParse(host.Trim('[', ']'), out var ip) && IPAddress.IsLoopback(ip);
            });
}

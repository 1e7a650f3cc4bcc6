using Microsoft.AspNetCore.Antiforgery;
using Microsoft.AspNetCore.Authorization;
using Microsoft.AspNetCore.Authorization.Policy;

namespace Haar.Web.Identity;

/// <summary>Whether the workshop is open to this machine only, or asks for its passphrase.</summary>
/// <param name="Open">No sign-in is asked: only this machine can reach it.</param>
/// <param name="Secure">It is reached by HTTPS, so its cookies never travel without.</param>
public sealed record AccessPolicy(bool Open, bool Secure)
{
    /// <summary>For rules: a session, but no token, since they change nothing and scripts ask them.</summary>
    public const string Rule = "rule";

    /// <summary>For signing in: a token, but no session.</summary>
    public const string Token = "token";
}

/// <summary>Somebody is signed in, or the workshop is open to this machine only.</summary>
sealed class SessionRequirement : IAuthorizationRequirement;

/// <summary>A request that may change something carries the antiforgery token, and comes from Haar's own page or from no page at all.</summary>
sealed class TokenRequirement : IAuthorizationRequirement;

/// <summary>
/// Every endpoint asks for a session, and for a token where it may change something, because that is the framework's fallback policy.
/// What is open is marked open where it is mapped, with <c>AllowAnonymous</c> or one of the two lesser policies; nothing here looks at a path.
/// </summary>
static class Access
{
    public static void AddAccess(this IServiceCollection services)
    {
        services.AddSingleton<IAuthorizationHandler, SessionHandler>();
        services.AddSingleton<IAuthorizationHandler, TokenHandler>();
        services.AddSingleton<IAuthorizationMiddlewareResultHandler, Refusals>();
        var whole = new AuthorizationPolicyBuilder().AddRequirements(new SessionRequirement(), new TokenRequirement()).Build();
        services
            .AddAuthorizationBuilder()
            .SetDefaultPolicy(whole)
            .SetFallbackPolicy(whole)
            .AddPolicy(AccessPolicy.Rule, p => p.AddRequirements(new SessionRequirement()))
            .AddPolicy(AccessPolicy.Token, p => p.AddRequirements(new TokenRequirement()));
    }

    sealed class SessionHandler(AccessPolicy door) : AuthorizationHandler<SessionRequirement>
    {
        protected override Task HandleRequirementAsync(AuthorizationHandlerContext context, SessionRequirement requirement)
        {
            if (door.Open || context.User.Identity is { IsAuthenticated: true })
            {
                context.Succeed(requirement);
            }
            else if (context.Resource is HttpContext http)
            {
                http.Features.Set(new Refusal(401, "Sign in", "Sign in with the workshop's passphrase first."));
            }
            return Task.CompletedTask;
        }
    }

    sealed class TokenHandler(IAntiforgery antiforgery) : AuthorizationHandler<TokenRequirement>
    {
        protected override async Task HandleRequirementAsync(AuthorizationHandlerContext context, TokenRequirement requirement)
        {
            if (context.Resource is not HttpContext http)
            {
                return;
            }
            var method = http.Request.Method;
            var reads = HttpMethods.IsGet(method) || HttpMethods.IsHead(method) || HttpMethods.IsOptions(method);
            if (reads)
            {
                context.Succeed(requirement);
            }
            else if (FromElsewhere(http.Request))
            {
                http.Features.Get<Refusal>()
                    .OrSet(http, new(403, "From another page", "That came from another site's page. Nothing was changed."));
            }
            else if (await antiforgery.IsRequestValidAsync(http))
            {
                context.Succeed(requirement);
            }
            else
            {
                http.Features.Get<Refusal>()
                    .OrSet(
                        http,
                        new(
                            400,
                            "Load the page again",
                            "The page is out of date: load it again. Nothing was changed. (A script first gets /api/session and sends its token as X-Haar-Token, with the cookie.)"
                        )
                    );
            }
        }

        /// <summary>A browser says which page a request comes from. A script says nothing, and is held by its token.</summary>
        static bool FromElsewhere(HttpRequest request)
        {
            var origin = request.Headers.Origin.ToString();
            return request.Headers["Sec-Fetch-Site"] == "cross-site"
                || origin.Length > 0
                    && !(
                        Uri.TryCreate(origin, UriKind.Absolute, out var from)
                        && HostString.FromUriComponent(from) is var host
                        && string.Equals(host.Host, request.Host.Host, StringComparison.OrdinalIgnoreCase)
                        && from.Port == (request.Host.Port ?? (request.IsHttps ? 443 : 80))
                    );
        }
    }

    /// <summary>Why a request was not let in; the first reason is the one that is said.</summary>
    sealed record Refusal(int Status, string Title, string Detail);

    static void OrSet(this Refusal? before, HttpContext http, Refusal refusal)
    {
        if (before is null)
        {
            http.Features.Set(refusal);
        }
    }

    /// <summary>A refusal is a problem document like every other.</summary>
    sealed class Refusals : IAuthorizationMiddlewareResultHandler
    {
        public Task HandleAsync(
            RequestDelegate next,
            HttpContext context,
            AuthorizationPolicy policy,
            PolicyAuthorizationResult authorizeResult
        )
        {
            if (authorizeResult.Succeeded)
            {
                return next(context);
            }
            var why = context.Features.Get<Refusal>() ?? new(403, "Not allowed", "That is not allowed here.");
            return Results.Problem(why.Detail, statusCode: why.Status, title: why.Title).ExecuteAsync(context);
        }
    }
}

namespace Haar.Web;

/// <summary>Security headers on every answer. No inline script, no eval, nothing from elsewhere.</summary>
sealed class Headers(RequestDelegate next)
{
    /// <summary>The one hash is of the style attribute that the command palette's list sets on itself.</summary>
    const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self'; style-src-attr 'unsafe-hashes' 'sha256-iaOezIDcQIoxCULa6FBKKuLUu09R7kG+Mlu+JVfU3Rw='; img-src 'self' blob: data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /// <summary>The reference page of the API is a packaged script that sets its own styles.</summary>
    const string ReferencePolicy =
        "default-src 'none'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; connect-src 'self'; base-uri 'none'; frame-ancestors 'none'";

    public static readonly StaticFileOptions Files = new()
    {
        OnPrepareResponse = c =>
            c.Context.Response.Headers.CacheControl = c.Context.Request.Path.StartsWithSegments("/assets", StringComparison.Ordinal)
                ? "public, max-age=31536000, immutable"
                : "no-cache",
    };

    public Task InvokeAsync(HttpContext context)
    {
        var h = context.Response.Headers;
        h.ContentSecurityPolicy = context.Request.Path.StartsWithSegments("/reference/api", StringComparison.Ordinal)
            ? ReferencePolicy
            : Policy;
        h.XContentTypeOptions = "nosniff";
        h["Referrer-Policy"] = "no-referrer";
        h["Cross-Origin-Opener-Policy"] = "same-origin";
        h["Permissions-Policy"] = "camera=(self), microphone=(self), geolocation=()";
        if (
            context.Request.Path.StartsWithSegments("/api", StringComparison.Ordinal)
            && !context.Request.Path.StartsWithSegments("/api/photos", StringComparison.Ordinal)
        )
        {
            h.CacheControl = "no-store";
        }
        return next(context);
    }
}

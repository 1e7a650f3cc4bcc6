namespace Haar.Web;

/// <summary>Security headers on every answer, as OWASP's secure headers project has them. No inline script, no eval, nothing from elsewhere.</summary>
sealed class Headers(RequestDelegate next, Identity.AccessPolicy door)
{
    /// <summary>The one hash is of the style attribute that the command palette's list sets on itself.</summary>
    const string Policy =
        "default-src 'none'; script-src 'self'; style-src 'self'; style-src-attr 'unsafe-hashes' 'sha256-iaOezIDcQIoxCULa6FBKKuLUu09R7kG+Mlu+JVfU3Rw='; img-src 'self' blob: data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; worker-src 'self'; base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    /// <summary>The reference page of the API is a packaged script that sets its own styles.</summary>
    public const string ReferencePolicy =
        "default-src 'none'; script-src 'self' 'unsafe-inline'; style-src 'self' 'unsafe-inline'; img-src 'self' data:; font-src 'self' data:; connect-src 'self'; base-uri 'none'; frame-ancestors 'none'";

    /// <summary>The camera reads labels, the microphone is for spoken readings; what else a browser knows is not asked for.</summary>
    const string Permissions =
        "accelerometer=(), autoplay=(), camera=(self), display-capture=(), encrypted-media=(), fullscreen=(self), geolocation=(), gyroscope=(), magnetometer=(), microphone=(self), midi=(), payment=(), screen-wake-lock=(self), serial=(), usb=(), web-share=(self), xr-spatial-tracking=()";

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
        h.ContentSecurityPolicy = context.GetEndpoint()?.Metadata.GetMetadata<ContentPolicy>()?.Policy ?? Policy;
        h.XContentTypeOptions = "nosniff";
        h["Referrer-Policy"] = "no-referrer";
        h["Cross-Origin-Opener-Policy"] = "same-origin";
        h["Cross-Origin-Resource-Policy"] = "same-origin";
        h["Cross-Origin-Embedder-Policy"] = "require-corp";
        h["Permissions-Policy"] = Permissions;
        h.XFrameOptions = "DENY";
        h["X-Permitted-Cross-Domain-Policies"] = "none";
        h["X-DNS-Prefetch-Control"] = "off";
        if (door.Secure)
        {
            h.StrictTransportSecurity = "max-age=31536000";
        }
        // Nothing is kept by what lies between, unless the endpoint says so: photos and the built files are named by their content.
        context.Response.OnStarting(
            static state =>
            {
                var kept = ((HttpResponse)state).Headers;
                if (kept.CacheControl.Count == 0)
                {
                    kept.CacheControl = "no-store";
                }
                return Task.CompletedTask;
            },
            context.Response
        );
        return next(context);
    }
}

/// <summary>A Content-Security-Policy of an endpoint's own.</summary>
sealed record ContentPolicy(string Policy);

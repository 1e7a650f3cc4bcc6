using Haar.Data;
using Haar.Data.Backups;
using Haar.Data.Exchange;
using Haar.Data.Log;
using Haar.Data.Packs;
using Haar.Data.Photos;
using Haar.Web;
using Haar.Web.Http;
using Haar.Web.Identity;
using Haar.Web.Meters;
using Haar.Web.Parts;
using Haar.Web.Planning;
using Microsoft.AspNetCore.DataProtection;
using Scalar.AspNetCore;
using Serilog;

// A request is at most this large where its endpoint says nothing else. A default.
const long MostJson = 16_000_000;

// The OpenAPI generator runs this program at build: it gets no database and starts nothing.
var building = System.Reflection.Assembly.GetEntryAssembly()?.GetName().Name == "GetDocument.Insider";

if (Commands.Run(args) is { } exit)
{
    return exit;
}

var builder = WebApplication.CreateBuilder(
    new WebApplicationOptions { Args = args, WebRootPath = Environment.GetEnvironmentVariable("HAAR_WEB") }
);
builder.Host.UseSerilog(
    (context, log) =>
        log
            .MinimumLevel.Warning()
            .MinimumLevel.Override("Haar", Serilog.Events.LogEventLevel.Information)
            .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", Serilog.Events.LogEventLevel.Error)
            .WriteTo.Console(
                formatProvider: System.Globalization.CultureInfo.InvariantCulture,
                outputTemplate: "{Timestamp:HH:mm:ss} {Message:lj}{NewLine}{Exception}"
            )
);
var folder = new DataFolder(building ? Path.Combine(Path.GetTempPath(), "haar-openapi") : builder.Configuration["data"] ?? "data");
var urls = builder.Configuration["urls"] ?? "http://127.0.0.1:5270";
builder.WebHost.UseUrls(urls);
var listens = ListenAddresses.From(builder.Configuration, urls);
var door = new AccessPolicy(listens.Loopback && builder.Configuration["ask-passphrase"] != "true", listens.AnyHttps);
if (!building && listens.Problem(new Passphrase(folder).IsSet) is { } refused)
{
    Console.Error.WriteLine(refused);
    return 3;
}
if (!building && !door.Open && !new Passphrase(folder).IsSet)
{
    Console.Error.WriteLine("Haar is to ask for a passphrase, and the workshop has none. Set one with ./haar passphrase.");
    return 3;
}

OutboundPolicy outbound;
try
{
    outbound = new(builder.Configuration["outbound"]);
}
catch (FormatException e)
{
    Console.Error.WriteLine(e.Message);
    return 2;
}

TimeProvider clock;
try
{
    clock = AheadTime.Of(builder.Configuration["ahead"], builder.Configuration["demo"] == "true");
}
catch (FormatException e)
{
    Console.Error.WriteLine(e.Message);
    return 2;
}

if (door.Open)
{
    builder.Configuration["AllowedHosts"] = "localhost;127.0.0.1;[::1]";
}
builder.WebHost.ConfigureKestrel(k =>
{
    if (door.Secure)
    {
        k.ConfigureHttpsDefaults(h => h.ServerCertificate = OwnCertificate.For(folder));
    }
    k.Limits.MaxRequestBodySize = MostJson;
    // Long enough for every query that a rule names, so that one that is too long is answered with its field and not by the server.
    k.Limits.MaxRequestLineSize = 64 * 1024;
    k.AddServerHeader = false;
});

using var held = building ? null : folder.TryHold();
if (!building && held is null)
{
    Console.Error.WriteLine($"Another Haar has {folder.Root} open. End that one first, or start this one on another folder: --data FOLDER");
    return 6;
}

// The database comes up beside the web host: on two cores that takes a third off the start.
var opening = building
    ? Task.CompletedTask
    : Task.Run(() =>
        Opening.RunAsync(
            folder,
            builder.Configuration["demo"] == "true",
            builder.Configuration["suppliers"],
            builder.Configuration["anew"] == "true"
        )
    );
var services = builder.Services;
services.AddSingleton(folder);
services.AddSingleton(folder.Gate);
services.AddSingleton(clock);
services.AddDbContextPool<HaarDb>((s, o) => s.GetRequiredService<DataFolder>().Configure(o));
services.AddHttpContextAccessor();
services.AddScoped(s => AtTheBench.Of(s.GetRequiredService<IHttpContextAccessor>().HttpContext));
services.AddScoped<UnitOfWork>();
services.AddSingleton<Live>();
services.AddSingleton<LongAnswers>();
services.AddScoped<MachineExchange>();
services.AddScoped<PackStore>();
services.AddSingleton<PhotoStore>();
services.AddSingleton<BackupStore>();
services.AddSingleton(outbound);
services.AddSingleton<ScpiMeter>();
services
    .AddHttpClient<SupplierClient>()
    .ConfigurePrimaryHttpMessageHandler(() =>
        new SocketsHttpHandler
        {
            AllowAutoRedirect = false,
            UseProxy = false,
            PooledConnectionLifetime = TimeSpan.FromMinutes(2),
            ConnectCallback = async (call, cancel) =>
                new System.Net.Sockets.NetworkStream(
                    await outbound.ConnectAsync(call.DnsEndPoint.Host, call.DnsEndPoint.Port, cancel),
                    true
                ),
        }
    );
services.AddSingleton(
    builder.Configuration.GetValue<double?>("supplier-seconds") is { } seconds
        ? new SupplierPatience(TimeSpan.FromSeconds(seconds))
        : SupplierPatience.Default
);
services.AddSingleton(
    builder.Configuration.GetValue<double?>("plan-seconds") is { } search
        ? new Haar.Web.Planning.PlanPatience(search)
        : Haar.Web.Planning.PlanPatience.Default
);
services.AddScoped<Haar.Web.Planning.PlanService>();
services.AddScoped<Orders>();
services.AddDataProtection().PersistKeysToFileSystem(new DirectoryInfo(folder.Keys)).SetApplicationName("haar");
services.AddIdentity(door);
services.ConfigureHttpJsonOptions(o => JsonSettings.Configure(o.SerializerOptions));
services.AddProblemDetails(o => o.CustomizeProblemDetails = QueryProblems.Complete);
services.AddExceptionHandler<Problems>();
services.Configure<RouteHandlerOptions>(o => o.ThrowOnBadRequest = true);
services.AddOpenApi("v1", OpenApi.Configure);
services.AddResponseCompression(o =>
{
    o.EnableForHttps = true;
    o.MimeTypes = ["application/json", "application/problem+json", "text/css", "text/javascript", "text/html", "image/svg+xml"];
});
if (!building)
{
    services.AddSingleton(new Opened(opening));
    services.AddHostedService<DailyBackup>().AddHostedService<WarmUp>().AddHostedService<StatusRefresh>();
}

var app = builder.Build();
app.UseExceptionHandler();
app.UseStatusCodePages();
app.UseMiddleware<Headers>();
app.UseResponseCompression();
app.UseStaticFiles(Headers.Files);

// The page itself needs no database and is there at once; what asks for one waits until it is up.
app.Use(
    async (context, next) =>
    {
        if (context.GetEndpoint()?.Metadata.GetMetadata<WithoutDatabase>() is null)
        {
            await opening.WaitAsync(context.RequestAborted);
        }
        await next(context);
    }
);
app.UseAuthentication();
app.UseRateLimiter();
app.UseAuthorization();
app.UseAskedFacts();
app.MapOpenApi();
app.MapScalarApiReference(
        "/reference/api",
        o => o.DisableDefaultFonts().DisableTelemetry().DisableAgent().DisableMcp().HideDeveloperTools()
    )
    .WithMetadata(new ContentPolicy(Headers.ReferencePolicy));
app.MapHaar();

try
{
    await app.StartAsync();
}
catch (IOException e) when (e.InnerException is Microsoft.AspNetCore.Connections.AddressInUseException)
{
    Console.Error.WriteLine($"The port of {urls} is taken by another program. Start Haar on another one: ./haar start --port 5271");
    return 5;
}

// Whatever way an address was given: what is listened on is what was judged.
if (door.Open && !app.Urls.All(ListenAddresses.IsLoopback))
{
    Console.Error.WriteLine(
        $"Haar would be reached from other machines on {string.Join(" and ", app.Urls)} without a passphrase: it ends."
    );
    await app.StopAsync();
    return 3;
}

try
{
    await opening;
}
catch (Exception e) when (e is BackupException or Microsoft.Data.Sqlite.SqliteException or IOException or UnauthorizedAccessException)
{
    Console.Error.WriteLine(e is BackupException ? e.Message : $"The data folder {folder.Root} cannot be used: {e.Message}");
    await app.StopAsync();
    return 4;
}

await app.WaitForShutdownAsync();
return 0;

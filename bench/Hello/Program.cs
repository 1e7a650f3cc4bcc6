// The bare hello that Haar's start-up is measured beside.
var app = WebApplication.CreateSlimBuilder(args).Build();
app.MapGet("/", () => "hello");
app.Run();

using System.Net;
using System.Net.Sockets;
using Haar.StandIns.Meters;

// Starts the stand-in meter on loopback until it is told to end. --meter-port PORT; 0 takes a free one.
var at = Array.IndexOf(args, "--meter-port");
var port = at >= 0 && at + 1 < args.Length && int.TryParse(args[at + 1], out var p) ? p : 5025;
using var stop = new CancellationTokenSource();
Console.CancelKeyPress += (_, e) => { e.Cancel = true; stop.Cancel(); };
AppDomain.CurrentDomain.ProcessExit += (_, _) => { if (!stop.IsCancellationRequested) { stop.Cancel(); } };
try
{
    await using var meter = new StandInMeter(IPAddress.Loopback, port);
    meter.Start();
    Console.WriteLine($"Stand-in meter on 127.0.0.1:{meter.Port}");
    await Task.Delay(Timeout.Infinite, stop.Token);
}
catch (OperationCanceledException)
{
    // Told to end.
}
catch (SocketException e) when (e.SocketErrorCode == SocketError.AddressAlreadyInUse)
{
    Console.Error.WriteLine($"Port {port} is taken: the stand-in meter is not started.");
    return 5;
}

return 0;

using System.Net;
using System.Net.Sockets;
using Haar.StandIns.Meters;
using Haar.StandIns.Suppliers;

// Starts the stand-in meter and the stand-in suppliers on loopback until they are told to end. --meter-port PORT --supplier-port PORT; 0 takes a free one, -1 leaves it out.
int Port(string name, int usual)
{
    var at = Array.IndexOf(args, name);
    return at >= 0 && at + 1 < args.Length && int.TryParse(args[at + 1], out var p) ? p : usual;
}

var (meterPort, supplierPort) = (Port("--meter-port", 5025), Port("--supplier-port", 5026));
using var stop = new CancellationTokenSource();
Console.CancelKeyPress += (_, e) =>
{
    e.Cancel = true;
    stop.Cancel();
};
AppDomain.CurrentDomain.ProcessExit += (_, _) =>
{
    if (!stop.IsCancellationRequested)
    {
        stop.Cancel();
    }
};
StandInMeter? meter = null;
StandInSupplier? supplier = null;
try
{
    if (meterPort >= 0)
    {
        meter = new StandInMeter(IPAddress.Loopback, meterPort);
        meter.Start();
        Console.WriteLine($"Stand-in meter on 127.0.0.1:{meter.Port}");
    }

    if (supplierPort >= 0)
    {
        supplier = new StandInSupplier(supplierPort);
        supplier.Start();
        Console.WriteLine($"Stand-in suppliers on http://127.0.0.1:{supplier.Port}/{{{string.Join(", ", supplier.Ids)}}}");
    }

    await Task.Delay(Timeout.Infinite, stop.Token);
}
catch (OperationCanceledException)
{
    // Told to end.
}
catch (Exception e) when (e is SocketException { SocketErrorCode: SocketError.AddressAlreadyInUse } or HttpListenerException)
{
    Console.Error.WriteLine($"Port {meterPort} or {supplierPort} is taken: the stand-ins are not started.");
    return 5;
}
finally
{
    if (meter is not null)
    {
        await meter.DisposeAsync();
    }
    if (supplier is not null)
    {
        await supplier.DisposeAsync();
    }
}

return 0;

namespace Haar.Web.Http;

/// <summary>Lets a library that writes as it goes write to an answer, which takes asynchronous writes only. For use off the server's own threads.</summary>
sealed class Blocking(Stream to) : Stream
{
    /// <summary>An answer that is written by a library of that kind.</summary>
    public static IResult Answer(Action<Stream> write, string contentType, string fileName) =>
        Results.Stream(
            to =>
                Task.Run(() =>
                {
                    using var blocking = new Blocking(to);
                    write(blocking);
                }),
            contentType,
            fileName
        );

    readonly byte[] waiting = new byte[65_536];
    int filled;
    long written;

    public override bool CanRead => false;
    public override bool CanSeek => false;
    public override bool CanWrite => true;
    public override long Length => written;
    public override long Position
    {
        get => written;
        set => throw new NotSupportedException();
    }

    public override void Write(byte[] buffer, int offset, int count)
    {
        written += count;
        while (count > 0)
        {
            var n = Math.Min(count, waiting.Length - filled);
            buffer.AsSpan(offset, n).CopyTo(waiting.AsSpan(filled));
            (filled, offset, count) = (filled + n, offset + n, count - n);
            if (filled == waiting.Length)
            {
                Send();
            }
        }
    }

    void Send()
    {
        to.WriteAsync(waiting.AsMemory(0, filled)).AsTask().GetAwaiter().GetResult();
        filled = 0;
    }

    /// <summary>A library flushes as often as it likes; what waits goes out when it is enough, or at the end.</summary>
    public override void Flush() { }

    protected override void Dispose(bool disposing)
    {
        if (disposing && filled > 0)
        {
            Send();
        }
        base.Dispose(disposing);
    }

    public override int Read(byte[] buffer, int offset, int count) => throw new NotSupportedException();

    public override long Seek(long offset, SeekOrigin origin) => throw new NotSupportedException();

    public override void SetLength(long value) => throw new NotSupportedException();
}

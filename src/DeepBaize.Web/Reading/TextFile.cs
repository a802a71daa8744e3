using System.Text;
using DeepBaize.Words.Refusals;

namespace DeepBaize.Web.Reading;

/// <summary>Reads the bytes of an uploaded file as text.</summary>
internal static class TextFile
{
    /// <summary>The largest file in bytes.</summary>
    public const int Largest = 500_000;

    private static readonly UTF8Encoding Strict = new(encoderShouldEmitUTF8Identifier: false, throwOnInvalidBytes: true);

    /// <summary>Reads the text; a byte order mark is left out.</summary>
    /// <exception cref="Problems.RefusalException">The file is empty, too large, no text, or in another encoding than UTF-8.</exception>
    public static async Task<string> ReadAsync(Stream body, CancellationToken cancel)
    {
        using var memory = new MemoryStream();
        var buffer = new byte[16_384];
        int read;
        while ((read = await body.ReadAsync(buffer, cancel)) > 0)
        {
            memory.Write(buffer, 0, read);
            if (memory.Length > Largest) throw FileFault.At(0, "", FileRefusals.TooLarge(Largest));
        }

        return Decode(memory.ToArray());
    }

    private static string Decode(ReadOnlySpan<byte> bytes)
    {
        if (bytes.Length == 0) throw FileFault.At(0, "", FileRefusals.Empty);
        if (bytes is [0xFF, 0xFE, ..] or [0xFE, 0xFF, ..]) throw FileFault.At(0, "", FileRefusals.Utf16);
        if (bytes is [0xEF, 0xBB, 0xBF, ..]) bytes = bytes[3..];
        if (bytes.Contains((byte)0)) throw FileFault.At(0, "", FileRefusals.NoText);
        try
        {
            return Strict.GetString(bytes);
        }
        catch (DecoderFallbackException bad)
        {
            var line = 1 + bytes[..Math.Min(bytes.Length, bad.Index)].Count((byte)'\n');
            throw FileFault.At(line, "", FileRefusals.NotUtf8);
        }
    }
}

using Haar.Core.Verdicts;

namespace Haar.Core.Keyboards;

/// <summary>One key of a layout, in units of a letter key's width.</summary>
/// <param name="Id">Row and number in it, from 1: "2-5". Keys of one name do not clash so.</param>
/// <param name="Row">Profile row, 1 at the back; a cap of another row stands out.</param>
/// <param name="X">Left edge.</param>
/// <param name="Y">Upper edge.</param>
/// <param name="Legend">What is usually on it; other tongues have others.</param>
public sealed record LayoutKey(string Id, int Row, double X, double Y, double Width, double Height, string Legend);

/// <param name="Width">Of all keys, in units.</param>
public sealed record Layout(string Id, string Name, IReadOnlyList<LayoutKey> Keys, double Width, double Height);

/// <summary>How keys lie. Rows as text: a legend and its width in units, "_" for a gap; a letter key is 1 wide.</summary>
public static class Layouts
{
    /// <summary>Pitch of a letter key, mm: 3/4 inch, as of nearly all full-travel keyboards.</summary>
    public const double PitchMillimetres = 19.05;

    const string Letters2 = "Tab:1.5 Q W E R T Y U I O P [ ] \\:1.5",
        Letters3 = "Caps:1.75 A S D F G H J K L ; ' Enter:2.25",
        Letters4 = "Shift:2.25 Z X C V B N M , . / Shift:2.75";

    public static readonly IReadOnlyList<Layout> All =
    [
        Of(
            "office-105",
            "Office, 105 keys",
            (0, "Esc _ F1 F2 F3 F4 _:0.5 F5 F6 F7 F8 _:0.5 F9 F10 F11 F12 _:0.25 Print Scroll Pause"),
            (1.25, "` 1 2 3 4 5 6 7 8 9 0 - = Back:2 _:0.25 Ins Home PgUp _:0.25 Num / * -"),
            (2.25, "Tab:1.5 Q W E R T Y U I O P [ ] _:1.5 _:0.25 Del End PgDn _:0.25 7 8 9 +:1:2"),
            (3.25, "Caps:1.75 A S D F G H J K L ; ' # Enter:1.25 _:0.25 _:3 _:0.25 4 5 6"),
            (4.25, "Shift:1.25 \\ Z X C V B N M , . / Shift:2.75 _:0.25 _ Up _ _:0.25 1 2 3 Enter:1:2"),
            (5.25, "Ctrl:1.25 Logo:1.25 Alt:1.25 Space:6.25 Alt:1.25 Logo:1.25 Menu:1.25 Ctrl:1.25 _:0.25 Left Down Right _:0.25 0:2 .")
        ),
        Of(
            "terminal",
            "Terminal, a row of function keys and a block of digits",
            (0, "F1 F2 F3 F4 F5 _ F6 F7 F8 F9 F10 _ F11 F12 F13 F14"),
            (1.5, "Esc 1 2 3 4 5 6 7 8 9 0 - = Back:2 _:0.5 7 8 9 -"),
            (2.5, $"{Letters2} _:0.5 4 5 6 ,"),
            (3.5, $"{Letters3} _:0.5 1 2 3 Enter:1:2"),
            (4.5, $"{Letters4} _:0.5 0:2 ."),
            (5.5, "Ctrl:1.5 Meta:1.5 Space:8 Meta:1.5 Ctrl:1.5 _:1.5 Left Down Up Right")
        ),
        Of(
            "home-57",
            "Home micro, 57 keys",
            (0, "Esc 1 2 3 4 5 6 7 8 9 0 - = Del"),
            (1, "Tab:1.25 Q W E R T Y U I O P [ Ret:1.75"),
            (2, "Ctrl:1.5 A S D F G H J K L ; ' ]:1.5"),
            (3, "Shift:2 Z X C V B N M , . / Shift:2"),
            (4, "_:1.5 Fn:1.25 Space:7.75 Fn:1.25 Up Down")
        ),
        Of(
            "typing-58",
            "Typing keys alone, 58",
            (0, "` 1 2 3 4 5 6 7 8 9 0 - = Back:2"),
            (1, Letters2),
            (2, Letters3),
            (3, Letters4),
            (4, "Ctrl:1.5 Alt:1.25 Space:9.5 Alt:1.25 Ctrl:1.5")
        ),
        Of(
            "digits-17",
            "A block of digits, 17 keys",
            (0, "Num / * -"),
            (1, "7 8 9 +:1:2"),
            (2, "4 5 6"),
            (3, "1 2 3 Enter:1:2"),
            (4, "0:2 .")
        ),
    ];

    /// <exception cref="InvalidInputException">There is no such layout.</exception>
    public static Layout Named(string id) =>
        All.FirstOrDefault(l => l.Id == id) ?? throw new InvalidInputException("layout", $"There is no layout “{id}”.");

    static Layout Of(string id, string name, params IReadOnlyList<(double Y, string Row)> rows)
    {
        var keys = new List<LayoutKey>();
        for (var r = 0; r < rows.Count; r++)
        {
            var (x, n) = (0.0, 0);
            foreach (var word in rows[r].Row.Split(' '))
            {
                var parts = word.Split(':');
                double At(int i) => parts.Length > i ? double.Parse(parts[i], System.Globalization.CultureInfo.InvariantCulture) : 1;
                if (parts[0] != "_")
                {
                    keys.Add(new($"{r + 1}-{++n}", r + 1, x, rows[r].Y, At(1), At(2), parts[0]));
                }
                x += At(1);
            }
        }
        return new(id, name, keys, keys.Max(k => k.X + k.Width), keys.Max(k => k.Y + k.Height));
    }
}

export type Theme = 'light' | 'dark' | 'system';

/** Light, dark or the system's; kept in this browser. */
class ThemeState {
  chosen = $state<Theme>(read());

  choose(theme: Theme) {
    this.chosen = theme;
    try {
      localStorage.setItem('haar-theme', theme);
    } catch {
      // A browser that keeps nothing still shows it.
    }
    const dark = theme === 'dark' || (theme === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
    document.documentElement.dataset.theme = dark ? 'dark' : 'light';
  }
}

function read(): Theme {
  try {
    const t = localStorage.getItem('haar-theme');
    return t === 'light' || t === 'dark' ? t : 'system';
  } catch {
    return 'system';
  }
}

export const theme = new ThemeState();

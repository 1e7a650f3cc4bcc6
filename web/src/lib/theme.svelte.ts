export type Theme = 'light' | 'dark' | 'system';

/** Light, dark or the system's; kept in this browser. */
class ThemeState {
  chosen = $state<Theme>(read());

  constructor() {
    // The system goes dark in the evening: so does Haar, without being loaded again.
    matchMedia('(prefers-color-scheme: dark)').addEventListener('change', () => this.show());
  }

  choose(theme: Theme) {
    this.chosen = theme;
    try {
      localStorage.setItem('haar-theme', theme);
    } catch {
      // A browser that keeps nothing still shows it.
    }
    this.show();
  }

  private show() {
    const system = matchMedia('(prefers-color-scheme: dark)').matches;
    const dark = this.chosen === 'dark' || (this.chosen === 'system' && system);
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

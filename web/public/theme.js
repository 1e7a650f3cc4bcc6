// Before the first paint: the theme that was chosen, or the system's.
(function () {
  var chosen = 'system';
  try {
    chosen = localStorage.getItem('haar-theme') || 'system';
  } catch (e) {
    chosen = 'system';
  }
  var dark = chosen === 'dark' || (chosen === 'system' && matchMedia('(prefers-color-scheme: dark)').matches);
  document.documentElement.dataset.theme = dark ? 'dark' : 'light';
})();

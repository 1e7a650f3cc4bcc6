/** What is fixed to the bottom of the screen, and how high it stands: the end of the page, what is scrolled to and what is said stay clear of the highest. */
const edges = new Map<Element, number>();

function tell() {
  document.documentElement.style.setProperty('--edge', `${Math.max(0, ...edges.values())}px`);
}

/** Keeps as much room at the end of the page as this bar takes, however many lines it has. */
export function keepRoom(bar: HTMLElement) {
  const watch = new ResizeObserver(() => {
    edges.set(bar, bar.offsetHeight);
    tell();
  });
  edges.set(bar, bar.offsetHeight);
  tell();
  watch.observe(bar);
  return () => {
    watch.disconnect();
    edges.delete(bar);
    tell();
  };
}

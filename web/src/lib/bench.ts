const key = 'haar-by';

/** Who is at the bench of this device; empty when nobody said. Picked once, and written to every act from here. */
export function atTheBench(): string {
  try {
    return localStorage.getItem(key) ?? '';
  } catch {
    return '';
  }
}

export function setAtTheBench(name: string) {
  if (name.trim()) localStorage.setItem(key, name.trim());
  else localStorage.removeItem(key);
}

/** How a pass looks, in one answer: fifths that came off, or damage. Empty while nobody has said. */
export const passWords: [string, string][] = [
  ['5', 'All off'],
  ['4', '4'],
  ['3', '3'],
  ['2', '2'],
  ['1', '1'],
  ['0', 'The same'],
  ['damage', 'It did damage'],
];

export const shareOf = (seen: string) => (seen === 'damage' || seen === '' ? 0 : Number(seen) / 5);

/** Who says how much came off has looked at it, and saw no damage. */
export const damaged = (seen: string) => (seen === '' ? null : seen === 'damage');

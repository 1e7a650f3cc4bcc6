import { expect, test } from 'vitest';
import { gridOf, nextDesignator, QuickEntry } from './quick.svelte';

test('the next designator counts up from the last one, in its own letters, past those that are there', () => {
  expect(nextDesignator([])).toBe('C1');
  expect(nextDesignator(['C1', 'C2', 'C9'])).toBe('C10');
  expect(nextDesignator(['C1', 'C2', 'C4'], 'C2')).toBe('C3');
  expect(nextDesignator(['C1', 'C2', 'C3'], 'C2')).toBe('C4');
  expect(nextDesignator(['C1', 'CE7'], 'CE7')).toBe('CE8');
  expect(nextDesignator(['c3'], 'C2')).toBe('C4');
  expect(nextDesignator(['X'], 'SPEAKER')).toBe('C1');
});

test('a row from its first to its last, and a grid that leans as the third point says', () => {
  expect(gridOf([{ x: 0.1, y: 0.2 }], 3, 1)).toEqual([]);
  const row = gridOf(
    [
      { x: 0.1, y: 0.2 },
      { x: 0.5, y: 0.2 },
    ],
    5,
    1,
  );
  expect(row.map((p) => p.x.toFixed(3))).toEqual(['0.100', '0.200', '0.300', '0.400', '0.500']);
  const grid = gridOf(
    [
      { x: 0, y: 0 },
      { x: 1, y: 0 },
      { x: 1, y: 0.5 },
    ],
    20,
    10,
  );
  expect(grid).toHaveLength(200);
  expect(grid[0]).toEqual({ x: 0, y: 0 });
  expect(grid[199]).toEqual({ x: 1, y: 0.5 });
  expect(grid[20]!.y).toBeCloseTo(0.5 / 9, 9);
});

test('a grid is a list of its own, past what is there already', () => {
  const q = new QuickEntry();
  [q.designator, q.marking, q.kind] = ['C7', '47" 16V', 'aluminiumRadial'];
  const list = q
    .list(
      [
        { x: 0.1, y: 0.2 },
        { x: 0.3, y: 0.2 },
      ],
      'back',
      ['C8'],
    )
    .split('\n');
  expect(list).toEqual([
    'designator,marking,kind,role,x,y,side',
    '"C7","47"" 16V","aluminiumRadial","unknown","0.10000","0.20000","back"',
    '"C9","47"" 16V","aluminiumRadial","unknown","0.30000","0.20000","back"',
  ]);
});

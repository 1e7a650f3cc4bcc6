import { expect, test } from 'vitest';
import { nextDesignator } from './quick.svelte';

test('the next designator counts up from the last one, in its own letters, past those that are there', () => {
  expect(nextDesignator([])).toBe('C1');
  expect(nextDesignator(['C1', 'C2', 'C9'])).toBe('C10');
  expect(nextDesignator(['C1', 'C2', 'C4'], 'C2')).toBe('C3');
  expect(nextDesignator(['C1', 'C2', 'C3'], 'C2')).toBe('C4');
  expect(nextDesignator(['C1', 'CE7'], 'CE7')).toBe('CE8');
  expect(nextDesignator(['c3'], 'C2')).toBe('C4');
  expect(nextDesignator(['X'], 'SPEAKER')).toBe('C1');
});

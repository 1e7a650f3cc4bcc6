import type { Schemas } from '$lib/api/client';
import type { MarkOf } from '$lib/ui/Mark.svelte';

/** The mark and the word of where a part stands. */
export const standMarks: Record<Schemas['CapacitorStand'], { mark: MarkOf; word: string }> = {
  notMeasured: { mark: 'unknown', word: 'not measured' },
  sound: { mark: 'sound', word: 'sound' },
  comesOut: { mark: 'out', word: 'comes out' },
  exchanging: { mark: 'waiting', word: 'half exchanged' },
  exchanged: { mark: 'done', word: 'exchanged' },
  undecided: { mark: 'if', word: 'undecided' },
};

/** "9 come out, 16 are sound, 3 not measured". */
export function tally(rows: { stand: Schemas['CapacitorStand'] }[]): string {
  const n = (s: Schemas['CapacitorStand']) => rows.filter((r) => r.stand === s).length;
  const parts = [
    n('exchanging') && `${n('exchanging')} half exchanged`,
    n('comesOut') && `${n('comesOut')} ${n('comesOut') === 1 ? 'comes' : 'come'} out`,
    n('exchanged') && `${n('exchanged')} exchanged`,
    n('sound') && `${n('sound')} ${n('sound') === 1 ? 'is' : 'are'} sound`,
    n('notMeasured') && `${n('notMeasured')} not measured`,
    n('undecided') && `${n('undecided')} undecided`,
  ].filter(Boolean);
  return parts.length ? parts.join(', ') : 'No capacitor is listed yet';
}

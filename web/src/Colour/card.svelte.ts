import type { Schemas } from '$lib/api/client';
import { number } from '$lib/format';
import type { Point } from '../Boards/items';

/** The card that lies beside a part in a photo: its kind, how many of its fields are tapped, and what they are published as. */
export class TappedCard {
  kind = $state<Schemas['CardKind']>('plainPaper');
  fields = $state(1);
  published = $state(['', '']);

  /** What each field is, in the order in which they are tapped. */
  prompts = $derived(
    Array.from({ length: this.fields }, (_, i) =>
      this.fields === 1 ? 'the card' : i === 0 ? 'the lighter field of the card' : 'the darker field of the card',
    ),
  );

  /** Its fields as they are sent; the taps of the card come first. */
  of(taps: Point[]): Schemas['TappedCard'][] {
    return taps.slice(0, this.fields).map((at, i) => ({ at, published: this.lab(i) }));
  }

  private lab(i: number): Schemas['Lab'] | null {
    if (this.kind !== 'published') return null;
    const [l, a, b] = (this.published[i] ?? '').trim().split(/[\s;/]+/);
    return {
      l: number(l ?? '', `L* of field ${i + 1}`) ?? 0,
      a: number(a ?? '', `a* of field ${i + 1}`) ?? 0,
      b: number(b ?? '', `b* of field ${i + 1}`) ?? 0,
    };
  }
}

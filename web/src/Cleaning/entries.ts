import type { Schemas } from '$lib/api/client';
import type { MarkOf } from '$lib/ui/Mark.svelte';

export type EntryKind = 'item' | 'whitening' | 'panel' | 'mending' | 'keyboard' | 'mechanism';

/** One line of the case's list, whatever kind of work it is. */
export interface Entry {
  id: string;
  kind: EntryKind;
  name: string;
  mark: MarkOf;
  word: string;
  beside: string;
  open: boolean;
}

export const groupWords: Record<EntryKind, string> = {
  item: 'Cleaned',
  whitening: 'Whitened',
  panel: 'Sheet metal',
  mending: 'Mended',
  keyboard: 'Keyboards',
  mechanism: 'What moves',
};

const percent = (share: number) => `${Math.round(share * 100)} %`;

export function entriesOf(s: Schemas['CleaningScreen']): Entry[] {
  return [
    ...s.items.map((r): Entry => {
      const open = !r.item.sheet.doneAt || r.wet;
      const [mark, word]: [MarkOf, string] = r.wet
        ? ['waiting', r.item.sheet.soak ? 'in the bath' : 'drying']
        : !open
          ? ['done', 'done']
          : r.ladder.next
            ? ['if', 'to be cleaned']
            : ['sound', 'enough'];
      return {
        id: r.item.id,
        kind: 'item',
        name: r.item.name,
        mark,
        word,
        open,
        beside: r.item.facts.trials.length ? `${percent(r.ladder.leftShare)} left` : '',
      };
    }),
    ...s.whitenings.map((w): Entry => {
      const marks: Record<string, [MarkOf, string]> = {
        done: ['done', 'done'],
        end: ['waiting', 'in the light'],
        dry: ['waiting', 'to be rinsed and dried'],
      };
      const [mark, word] = marks[w.next] ?? ['if', 'to be whitened'];
      const last = w.run.readings.at(-1);
      return {
        id: w.run.id,
        kind: 'whitening',
        name: w.name,
        mark,
        word,
        open: w.next !== 'done',
        beside: last ? `b* ${last.b.toFixed(1)}` : '',
      };
    }),
    ...s.panels.map((p): Entry => {
      const done = p.steps.filter((x) => x.at).length;
      const stays = p.verdict.outcome === 'no';
      return {
        id: p.panel.id,
        kind: 'panel',
        name: p.panel.name,
        mark: stays ? 'sound' : !p.panel.next ? 'done' : 'if',
        word: stays ? 'stays as it is' : !p.panel.next ? 'done' : 'to be done',
        open: !!p.panel.next && !stays,
        beside: p.grade != null ? `Ri ${p.grade}` : `${done} of ${p.steps.length}`,
      };
    }),
    ...s.mendings.map((m): Entry => {
      const done = !!m.mending.sheet.doneAt;
      const waits = !!m.from && Date.parse(m.from) > Date.now();
      return {
        id: m.mending.id,
        kind: 'mending',
        name: m.mending.name,
        mark: done ? (m.mending.sheet.leftAsItIs ? 'sound' : 'done') : waits ? 'waiting' : 'if',
        word: done ? (m.mending.sheet.leftAsItIs ? 'left as it is' : 'done') : waits ? 'glue setting' : 'to be mended',
        open: !done,
        beside: m.mending.sheet.steps.length && !done ? `${m.mending.sheet.steps.length} done` : '',
      };
    }),
    ...s.keyboards.map((k): Entry => {
      const off = k.keyboard.caps.filter((c) => c.state === 'off' || c.state === 'donor').length;
      return {
        id: k.keyboard.id,
        kind: 'keyboard',
        name: k.keyboard.name,
        mark: k.verdict.outcome === 'yes' ? 'done' : k.wet ? 'waiting' : 'if',
        word: k.verdict.outcome === 'yes' ? 'done' : k.wet ? 'drying' : 'to be done',
        open: k.verdict.outcome !== 'yes',
        beside: off ? `${off} caps off` : k.keyboard.caps.length ? `${k.keyboard.caps.length} keys` : '',
      };
    }),
    ...s.mechanisms.map((m): Entry => {
      const done = m.steps.filter((x) => x.at).length;
      return {
        id: m.mechanism.id,
        kind: 'mechanism',
        name: m.mechanism.name,
        mark: m.mechanism.next ? 'if' : 'done',
        word: m.mechanism.next ? 'to be serviced' : 'done',
        open: !!m.mechanism.next,
        beside: `${done} of ${m.steps.length}`,
      };
    }),
  ];
}

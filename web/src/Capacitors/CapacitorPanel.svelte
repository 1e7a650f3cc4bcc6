<!-- @component What is known and decided of one capacitor, and the next step of its exchange at the bench edge. -->
<script lang="ts">
  import { leads } from '../Meters/leads.svelte';
  import type { Snippet } from 'svelte';
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { fittingWords, toolWords } from '$lib/words';
  import { capacitorValue } from '../Boards/items';
  import MoneyLine from '../Costs/MoneyLine.svelte';
  import { readMeter } from '../Meters/read';
  import CapacitorForm from './CapacitorForm.svelte';
  import { editOf } from './edit';
  import ReadingForm from './ReadingForm.svelte';
  import type { Sat } from './series.svelte';
  import Substitutes from './Substitutes.svelte';
  import Polarity from './Polarity.svelte';

  let {
    id,
    head,
    row,
    bench,
    onkeep,
    onnext,
    onmeasured,
    more,
  }: {
    id: string;
    head: Schemas['MachineHead'];
    row: Schemas['CapacitorRow'];
    bench: boolean;
    onkeep: () => void;
    onnext: () => void;
    onmeasured?: (part: Sat, first: boolean) => void;
    more: Snippet;
  } = $props();
  const form = new Sending();
  let sheet = $state<'read' | 'drawer' | 'edit' | 'pads' | 'way' | 'before' | ''>('');
  const d = $derived(row.capacitor.designator);
  const fitting = $derived(row.capacitor.fitting);
  const decided = $derived(row.stand === 'comesOut' || row.stand === 'exchanging');
  const needsPart = $derived(decided && !row.again && !row.setAside && !fitting.fittedAt);
  const path = $derived({ params: { path: { id, capacitorId: row.capacitor.id } } });
  const polarised = $derived(
    !['film', 'ceramic', 'mainsFilterFilm', 'mainsFilterPaper', 'aluminiumBipolar'].includes(row.capacitor.spec.kind),
  );

  async function pull() {
    onkeep();
    const label = `${d} ${capacitorValue(row.capacitor)}${fitting.fittedAt ? ' new' : ''}`;
    const c = await readMeter('capacitance', label);
    if (c.value == null)
      throw new Error(`The meter reads ${d} as open: check the probes, or its legs. Nothing was written.`);
    const e = await readMeter('esr', label, leads.esr.with);
    const first = row.stand === 'notMeasured';
    await act(
      api.POST('/api/machines/{id}/capacitors/{capacitorId}/readings', {
        ...path,
        body: {
          microfarads: c.value * 1e6,
          esrOhms: e.value,
          esrFrequencyHertz: 100_000,
          leakageMicroamps: null,
          inCircuit: false,
          source: c.identification,
          esrWith: leads.esr.with,
          esrStepOhms: null,
        },
      }),
    );
    onmeasured?.({ id: row.capacitor.id, designator: d, label, farads: c.value }, first);
  }
  async function take(
    step: Schemas['FittingStep'],
    pads: Schemas['PadState'] | null = null,
    minusSeen: Schemas['Direction'] = 'notKnown',
  ) {
    onkeep();
    await form.decide(async (overruleReason) => {
      await act(
        api.POST('/api/machines/{id}/capacitors/{capacitorId}/fitting', {
          ...path,
          body: { step, pads, minusSeen, overruleReason },
        }),
      );
      sheet = '';
    });
  }
  const again = () => act(api.POST('/api/machines/{id}/capacitors/{capacitorId}/again', path));
  async function before(minusBefore: Schemas['Direction']) {
    const c = row.capacitor;
    const kept = await form.send(() =>
      act(
        api.PUT('/api/machines/{id}/capacitors/{capacitorId}', {
          ...path,
          headers: basedOn(c.version),
          body: { ...editOf(c), minusBefore },
        }),
        true,
      ),
    );
    if (kept) await take('remove');
  }
  function doNext() {
    if (form.busy) return;
    onkeep();
    if (row.stand === 'notMeasured') void form.send(pull);
    else if (row.stand === 'undecided') sheet = 'edit';
    else if (row.again) void form.send(again);
    else if (needsPart && !row.onOrder) sheet = 'drawer';
    else if (decided && row.next === 'remove' && polarised && row.capacitor.minusBefore === 'notKnown')
      sheet = 'before';
    else if (decided && row.next === 'checkPads') sheet = 'pads';
    else if (decided && row.next === 'checkWayRound') sheet = 'way';
    else if (decided && row.next === 'remeasure') void form.send(pull);
    else if (decided && row.next && !needsPart) void take(row.next);
    else onnext();
  }
  const nextWord = $derived(
    row.stand === 'notMeasured'
      ? `Read ${d} from the meter`
      : row.stand === 'undecided'
        ? `Say what ${d} is`
        : row.again
          ? `Take ${d} out again`
          : needsPart && row.onOrder
            ? 'In the post: on to the next'
            : needsPart
              ? `Choose a part for ${d}`
              : decided && row.next
                ? row.next === 'remeasure'
                  ? `Measure ${d} again`
                  : `${fittingWords[row.next]}${row.next === 'remove' || row.next === 'fit' ? ` ${d}` : ''}`
                : 'Next part',
  );
  const advice: Partial<Record<NonNullable<Schemas['FittingStep']>, string>> = {
    mendPads: 'Glued down flat, or a wire to the next pin: the steps stand above.',
    checkPads: 'Bright and flat is sound; loose at an edge is lifted; dull or green is corroded.',
    clean: 'Wick and alcohol, until pH paper reads 6 to 8.',
    checkWayRound: 'A second look, best by somebody else.',
    remeasure: 'Out of circuit values are right until the next power-up.',
  };
  const overrule = (reason: string) =>
    act(
      api.POST('/api/machines/{id}/overrules', {
        params: { path: { id } },
        body: { of: 'comesOut', subject: row.capacitor.id, reason },
      }),
    );
  const joint = $derived(row.turn?.joint);
  useKeys([
    { key: 'm', words: 'Read this part from the meter', run: () => void form.send(pull) },
    { key: 'r', words: 'Type a reading', run: () => (sheet = 'read') },
    { key: 'd', words: 'What from the drawer will do', run: () => (sheet = 'drawer') },
    { key: 'e', words: 'Change this part', run: () => (sheet = 'edit') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<Verdict
  verdict={fitting.fittedAt ? row.sound : row.comesOut}
  bad={row.stand === 'exchanged' || fitting.fittedAt ? 'no' : 'yes'}
  heading={1}
  words={fitting.fittedAt
    ? { yes: 'New part sound', no: 'New part not sound', unknown: 'New part not measured' }
    : { yes: 'Comes out', no: 'Stays', unknown: 'Measure it', yesIf: 'Comes out' }}
  overruled={row.overruled}
  onoverrule={row.stand === 'comesOut' || row.stand === 'sound' ? overrule : undefined}
>
  {#if row.part}<p class="mt-3">
      {fitting.fittedAt ? 'Fitted' : 'Set aside'}: <strong>{row.part}</strong>{#if !fitting.fittedAt}
        <button
          class="act text-sm"
          onclick={() =>
            void form.send(() => act(api.DELETE('/api/machines/{id}/capacitors/{capacitorId}/reserve', path)))}
          >Put it back</button
        >{/if}
    </p>
  {:else if row.onOrder}<p class="mt-3">
      <strong>Its new part is in the post.</strong> <a class="underline" href="/order">The order</a>
    </p>{/if}
  {#if joint && !fitting.fittedAt}<p class="mt-2">
      <span class="reading text-lg">{joint.celsius} °C</span>,
      <span class="reading text-lg">{joint.dwellSeconds} s</span>
      a joint, {toolWords[joint.tool]} <span class="text-sm text-soft">turn {row.turn?.number}</span>
    </p>{/if}
  {#if row.pad}<p class="mt-2 font-semibold text-oxide">{row.pad.verdict.sentence}</p>
    <ol class="list-decimal pl-5 text-sm">
      {#each row.pad.steps as s (s)}<li>{s}</li>{/each}
    </ol>{/if}
  {#if row.wayRound && row.wayRound.outcome !== 'yes' && decided}<p
      class="mt-2 text-sm font-semibold {row.wayRound.outcome === 'no' ? 'text-oxide' : 'text-tide'}"
    >
      {row.wayRound.sentence}
    </p>{/if}
  <p class="mt-2 text-sm text-soft">
    {d}: {capacitorValue(row.capacitor)}, risk {row.risk.word} ({row.risk.score} of 100)
  </p>
</Verdict>
{#if row.overruleLapsed}<p class="mt-2 text-sm font-semibold text-brass-ink">
    Somebody decided otherwise once, on other readings: that holds no longer.
  </p>{/if}
{#if !sheet}<ProblemNote {form} />{/if}

{#if bench}
  <BenchEdge>
    {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={doNext}
        >{form.busy && (row.stand === 'notMeasured' || row.next === 'remeasure')
          ? 'The meter settles …'
          : nextWord}</button
      >{/snippet}
    {#snippet needs()}{row.again
        ? 'Another part goes in; this one does not go back into the drawer.'
        : decided && row.next && !needsPart
          ? (row.next === 'remove' || row.next === 'fit') && joint
            ? `${joint.celsius} °C. ${row.next === 'remove' ? joint.how : 'Stripe to the board’s own mark, not to the old part’s.'}`
            : advice[row.next]
          : row.stand === 'notMeasured'
            ? 'Discharge it, then lift one leg. The meter shows which part it waits for.'
            : ''}{/snippet}
    {#snippet acts()}
      <button class="act max-sm:hidden" onclick={() => void form.send(pull)} disabled={form.busy}
        >From meter <Key k="M" /></button
      ><button class="act" onclick={() => (sheet = 'read')}>Type <Key k="R" /></button><button
        class="act max-sm:hidden"
        onclick={() => (sheet = 'drawer')}>Drawer <Key k="D" /></button
      ><button class="act" onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button>
      {#if decided && !fitting.fittedAt}<Otherwise
          name={d}
          left="its way round, and a reading of the new part"
          ondo={(body) => act(api.POST('/api/machines/{id}/capacitors/{capacitorId}/otherwise', { ...path, body }))}
        />{/if}
      {@render more()}
    {/snippet}
  </BenchEdge>
{/if}

<Sheet
  bind:current={sheet}
  name="read"
  title="{d}: what does it measure?"
  about={fitting.fittedAt
    ? 'The new part; the old one’s readings are kept.'
    : 'Earlier readings are kept; the newest one stands.'}
>
  <div class="mb-4"><CautionNote id="chargedCapacitor" /></div>
  <ReadingForm
    {id}
    {row}
    ondone={(farads) => {
      onkeep();
      sheet = '';
      if (farads != null)
        onmeasured?.(
          { id: row.capacitor.id, designator: d, label: `${d} ${capacitorValue(row.capacitor)}`, farads },
          row.stand === 'notMeasured',
        );
    }}
  />
</Sheet>
<Sheet
  bind:current={sheet}
  name="drawer"
  title="What will do in the place of {d}?"
  about="{capacitorValue(row.capacitor)}. Exact value and oldest stock first; one piece is set aside once."
  ><MoneyLine {head} /><Substitutes
    {id}
    {row}
    ondone={() => {
      onkeep();
      sheet = '';
    }}
  /></Sheet
>
<Sheet bind:current={sheet} name="edit" title="Change {d}"
  ><CapacitorForm {id} boardId={row.capacitor.boardId} {row} ondone={() => (sheet = '')} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="pads"
  title="How are the pads under {d}?"
  about="A lifted pad opens its own repair in the list of work."
>
  <div class="grid gap-3">
    <CautionNote id="leadAndFlux" /><ProblemNote problem={form.problem} />
    {#each [['sound', 'Sound: bright, flat, all there'], ['corroded', 'Corroded: dull or green'], ['lifted', 'Lifted: loose at an edge, or gone']] as const as [p, w] (p)}<button
        class="btn justify-start"
        onclick={() => void take('checkPads', p)}>{w}</button
      >{/each}
  </div>
</Sheet>
<Sheet
  bind:current={sheet}
  name="before"
  title="{d}: where does its minus point now?"
  about="Taken down before it comes out, so that the second look has something to be checked against."
>
  <ProblemNote problem={form.problem} />
  <Polarity
    kind={row.capacitor.spec.kind}
    onpick={(t) => void before(t)}
    unknown="Nobody can tell: take it out"
    onunknown={() => void take('remove')}
  />
</Sheet>
<Sheet
  bind:current={sheet}
  name="way"
  title="{d}: look again, where does its minus point?"
  about="A part the wrong way round bursts at the next switch-on. Best answered by somebody who did not solder it; Haar compares it with what was taken down before."
>
  <ProblemNote problem={form.problem} />
  <Polarity kind={row.capacitor.spec.kind} onpick={(t) => void take('checkWayRound', null, t)} />
</Sheet>

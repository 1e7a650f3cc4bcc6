<!-- @component One net: what whole copper reads, what was read, what that means, and the wire that mends it. -->
<script lang="ts">
  import MeasureForm from '$lib/ui/MeasureForm.svelte';
  import type { Snippet } from 'svelte';
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain, siText } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { leads, traceLeads } from '../Meters/leads.svelte';
  import { readMeter } from '../Meters/read';
  import NetForm from './NetForm.svelte';

  let {
    id,
    row,
    side,
    bench,
    onkeep,
    onnext,
    more,
  }: {
    id: string;
    row: Schemas['NetRow'];
    side: Schemas['SideSheet'];
    bench: boolean;
    onkeep: () => void;
    onnext: () => void;
    more: Snippet;
  } = $props();
  const form = new Sending();
  let sheet = $state<'read' | 'with' | 'repair' | 'edit' | ''>('');
  let ohms = $state('');
  let step = $state('');
  let repair = $state('');
  const n = $derived(row.net);
  const path = $derived({ params: { path: { id, netId: n.id } } });
  const bad = $derived(row.state === 'thin' || row.state === 'open');
  const keep = (value: number | null, source: string) =>
    act(
      api.POST('/api/machines/{id}/nets/{netId}/readings', {
        ...path,
        body: {
          ohms: value,
          open: value == null,
          source,
          instrument: leads.trace.with,
          step: source === 'typed' ? number(step, 'the smallest step') : null,
        },
      }),
    );
  async function pull() {
    // Milliohms depend on the leads: said once on this device.
    if (leads.trace.with === 'notKnown' || (leads.trace.with === 'multimeter' && row.state === 'measureBetter')) {
      sheet = 'with';
      return;
    }
    onkeep();
    const r = await readMeter(
      'ohms',
      `${n.name}, whole ${plain(row.trace.expectedOhms * 1000, 4)} mΩ${n.repairedAt ? ', mended' : ''}`,
      leads.trace.with,
    );
    await keep(r.value ?? null, r.identification);
  }
  async function type(open = false) {
    await keep(open ? null : number(ohms, 'the reading'), 'typed');
    sheet = '';
    ohms = '';
  }
  function readWith(chosen: Schemas['Instrument']) {
    leads.trace.with = chosen;
    sheet = '';
    void form.send(pull);
  }
  const mend = () =>
    form.send(async () => {
      onkeep();
      await act(api.POST('/api/machines/{id}/nets/{netId}/repair', { ...path, body: { repair } }));
      sheet = '';
    });
  function openRepair() {
    const w = row.jumper?.chosen;
    repair = w ? `Jumper, AWG ${w.awg}, ${plain(Math.ceil(n.trace.lengthMillimetres * 1.25 + 4))} mm` : 'Jumper';
    sheet = 'repair';
  }
  function doNext() {
    if (form.busy) return;
    if (bad) openRepair();
    else if (row.state === 'notMeasured' || row.state === 'measureBetter') void form.send(pull);
    else onnext();
  }
  useKeys([
    { key: 'm', words: 'Read this net from the meter', run: () => void form.send(pull) },
    { key: 'r', words: 'Type a reading', run: () => (sheet = 'read') },
    { key: 'e', words: 'Change this net', run: () => (sheet = 'edit') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<Verdict
  verdict={row.trace.verdict}
  heading={1}
  words={{
    yes: row.state === 'repaired' ? 'Mended and sound' : 'Sound',
    no: row.state === 'open' ? 'Open' : 'Thin',
    unknown: row.state === 'measureBetter' ? 'Measure better' : 'To be measured',
  }}
>
  {#if n.from && n.to}<p class="mt-2 font-semibold">
      {n.from} <span class="font-normal text-soft">to</span>
      {n.to}
    </p>{/if}
  {#if row.state === 'notMeasured'}<p class="mt-2">
      <span class="reading text-2xl">{siText(row.trace.expectedOhms, 'Ω')}</span>
      <span class="text-sm text-soft"
        >whole; thin above {siText(row.trace.limitOhms, 'Ω')}. Leads as they are add up to 0.5 Ω; zeroed on each other,
        10 mΩ.</span
      >
    </p>{/if}
  {#if row.under.length}<p class="mt-1 text-sm text-soft">
      Runs under {row.under.join(' and ')}{row.ready ? '' : ': measure it when that is dry'}.
    </p>{/if}
  {#if n.repair}<p class="mt-2 text-sm">Mended: <strong>{n.repair}</strong></p>{/if}
  {#if row.jumper && bad}<p class="mt-3 font-semibold">{row.jumper.verdict.sentence}</p>
    <ol class="mt-1 list-decimal pl-5 text-sm">
      {#each row.jumper.route as r (r)}<li>{r}</li>{/each}
    </ol>{/if}
</Verdict>
{#if !sheet}<ProblemNote problem={form.problem} />{/if}

{#if bench}
  <BenchEdge>
    {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={doNext}
        >{form.busy
          ? 'The meter settles …'
          : bad
            ? `Mend ${n.name}`
            : row.state === 'notMeasured' || row.state === 'measureBetter'
              ? `Read ${n.name} from the meter`
              : 'Next in the list'}</button
      >{/snippet}
    {#snippet needs()}{bad
        ? 'Jumper wire, iron, glue, mask.'
        : 'Board off and dry. Four wires, or leads zeroed on each other, on the parts’ own pins.'}{/snippet}
    {#snippet acts()}<button class="act max-sm:hidden" disabled={form.busy} onclick={() => void form.send(pull)}
        >From meter <Key k="M" /></button
      ><button class="act" onclick={() => (sheet = 'read')}>Type <Key k="R" /></button><button
        class="act"
        onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button
      >{@render more()}{/snippet}
  </BenchEdge>
{/if}

<Sheet
  bind:current={sheet}
  name="read"
  title="{n.name}, end to end"
  about="Earlier readings are kept; the newest one stands."
>
  <MeasureForm {form} onkeep={() => type()} ready={!!ohms.trim()}>
    <NumberField label="Ohms" error={form.field('ohms')} bind:value={ohms} size="w-40 text-2xl" />
    <Choice label="Read with" bind:value={leads.trace.with} options={traceLeads} />
    <NumberField
      label="Smallest step that the range shows, Ω (may be empty)"
      error={form.field('step')}
      bind:value={step}
      size="w-40"
    />
    {#snippet more()}<button type="button" class="btn" disabled={form.busy} onclick={() => form.send(() => type(true))}
        >It reads open: no connection</button
      >{/snippet}
  </MeasureForm>
</Sheet>
<Sheet
  bind:current={sheet}
  name="with"
  title="How is the meter connected?"
  about="A trace has milliohms: plain leads add more than that. Haar asks once on this device; “Type” changes it."
>
  <div class="flex flex-wrap gap-3">
    {#each traceLeads as [v, word] (v)}<button class="btn min-h-12" onclick={() => readWith(v)}>{word}</button>{/each}
  </div>
</Sheet>
<Sheet
  bind:current={sheet}
  name="repair"
  title="How was {n.name} mended?"
  about="It is measured again after this, and counts as whole only then."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void mend();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="With" error={form.field('repair')} bind:value={repair} required maxlength={200} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It is mended</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="edit" title="Change {n.name}"
  ><NetForm
    {id}
    boardId={n.boardId}
    side={n.side}
    sheet={side}
    path={n.path}
    {row}
    ondone={() => (sheet = '')}
  /></Sheet
>

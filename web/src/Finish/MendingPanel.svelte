<!-- @component One mend: how, its steps in order, and what it waits for. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Steps from '$lib/ui/Steps.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { photoUrl } from '../Intake/photos';
  import MendingForm from './MendingForm.svelte';

  let { id, row, onadd }: { id: string; row: Schemas['MendingRow']; onadd: () => void } = $props();
  const m = $derived(row.mending);
  const done = $derived(!!m.sheet.doneAt);
  const waits = $derived(!!row.from && Date.parse(row.from) > now.value);
  const form = new Sending();
  let sheet = $state<'step' | 'change' | ''>('');
  let helped = $state<'yes' | 'no'>('no');
  let left = $state('3');
  const path = $derived({ params: { path: { id, mendingId: m.id } } });
  const take = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/mendings/{mendingId}/step', {
          ...path,
          body: {
            step: row.next!,
            helped: m.kind === 'button' ? helped : 'notKnown',
            leftShare: m.kind === 'scratches' ? Number(left) / 5 : null,
          },
        }),
      );
      sheet = '';
      helped = 'no';
    });
  const finish = (asItIs: boolean) =>
    form.send(() => act(api.POST('/api/machines/{id}/mendings/{mendingId}/finish', { ...path, body: { asItIs } })));
  function show(what: typeof sheet) {
    form.forget();
    sheet = what;
  }
  const doNext = () => {
    if (done) onadd();
    else if (!row.next) void finish(row.mayFinish.verdict.outcome !== 'yes');
    else if (m.kind === 'button' || m.kind === 'scratches') show('step');
    else if (!waits) void take();
  };
  /** What was done and what is to come, in one list. */
  const steps = $derived([
    ...m.sheet.steps.map((s) => ({ step: s.words, words: s.words, at: s.at as string | null })),
    ...(done
      ? []
      : row.steps.filter(
          (s) => m.kind === 'button' || m.kind === 'scratches' || m.sheet.steps.every((d) => d.words !== s),
        )
    ).map((s) => ({ step: s, words: s, at: null as string | null })),
  ]);
  useKeys([
    { key: 'Enter', words: 'Do what is next', run: doNext },
    { key: 'e', words: 'Change this mend', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{m.name}</p>
<Verdict
  verdict={done
    ? { ...row.verdict, outcome: 'yes', sentence: m.sheet.leftAsItIs ? 'Left as it is.' : 'Mended.' }
    : row.verdict}
  words={{ yes: done ? 'Done' : 'So', yesIf: 'So', no: 'Stop', unknown: 'To be looked at' }}
  big
  heading={1}
/>
{#if waits && row.from}<p class="mt-3 text-lg"><strong>The glue holds from {moment(row.from)}.</strong></p>{/if}
<div class="mt-4 grid gap-x-7 {row.photoHash ? 'md:grid-cols-[minmax(0,1fr)_16rem]' : ''}">
  {#if steps.length}<Steps {steps} next={row.next ?? null}>
      {#snippet beside(x)}{x.at
          ? moment(x.at)
          : waits && x.words === row.next
            ? `from ${moment(row.from!)}`
            : ''}{/snippet}
    </Steps>{/if}
  {#if row.photoHash}<img
      class="mt-3 w-full rounded-md"
      src={photoUrl(row.photoHash, 'screen')}
      alt="{m.name} as it was"
    />{/if}
</div>
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}<button class="btn-next" disabled={form.busy || (waits && !done)} onclick={doNext}
      >{done
        ? 'Put something on the list'
        : !row.next
          ? row.mayFinish.verdict.outcome === 'yes'
            ? 'It is mended'
            : 'Leave it as it is'
          : m.kind === 'button' || m.kind === 'scratches'
            ? 'Keep how it went'
            : 'This step is done'}</button
    >{/snippet}
  {#snippet acts()}
    {#if !done && row.next}<button class="act" disabled={form.busy} onclick={() => void finish(true)}
        >Leave it as it is</button
      >{/if}
    {#if !done}<Otherwise
        name={m.name}
        left="nothing"
        ondo={(body) => act(api.POST('/api/machines/{id}/mendings/{mendingId}/otherwise', { ...path, body }))}
      />{/if}
    {#if !done}<button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>{/if}
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet bind:current={sheet} name="step" title="How did it go?" about={m.name}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void take();
    }}
  >
    <ProblemNote problem={form.problem} />
    {#if m.kind === 'button'}<Choice
        label="Does it come back by itself now?"
        bind:value={helped}
        options={{ yes: 'Yes', no: 'No' }}
      />{:else}<Choice
        label="How much of the scratches is left, in fifths?"
        bind:value={left}
        options={[
          ['0', 'None'],
          ['1', '1'],
          ['2', '2'],
          ['3', '3'],
          ['4', '4'],
          ['5', 'All'],
        ]}
      />{/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="change" title={m.name}><MendingForm {id} {row} ondone={() => (sheet = '')} /></Sheet>

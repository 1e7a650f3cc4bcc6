<!-- @component One hot part: paste or pad, with the kelvins each costs; temperatures before and after, and whether the difference is real. -->
<script lang="ts">
  import MeasureForm from '$lib/ui/MeasureForm.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import type { Snippet } from 'svelte';
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { plain, typed } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { fillerWords } from '$lib/words';
  import HotForm from './HotForm.svelte';

  let {
    id,
    row,
    boardId,
    bench,
    onkeep,
    onnext,
    more,
  }: {
    id: string;
    row: Schemas['HotRow'];
    boardId: string;
    bench: boolean;
    onkeep: () => void;
    onnext: () => void;
    more: Snippet;
  } = $props();
  const form = new Sending();
  let sheet = $state<'read' | 'fit' | 'edit' | ''>('');
  let celsius = $state('');
  let room = $state('');
  let reason = $state('');
  let filler = $state<NonNullable<Schemas['GapFiller']>>('paste');
  const h = $derived(row.part);
  const after = $derived(!!h.fittedAt);
  const path = $derived({ params: { path: { id, hotId: h.id } } });
  const refused = $derived(
    row.gap.options.find((o) => o.filler === filler)?.verdict.outcome === 'no' || !row.gap.options.length,
  );
  const numbers = (text: string, what: string) =>
    text
      .split(/[\s;]+/)
      .filter(Boolean)
      .map((t) => {
        const v = typed(t.replace(/,$/, ''));
        if (v === undefined || Number.isNaN(v))
          throw new Error(`“${t}” is no number: ${what} are digits, with blanks between.`);
        return v;
      });
  const keep = async () => {
    onkeep();
    await act(
      api.POST('/api/machines/{id}/hot/{hotId}/readings', {
        ...path,
        body: {
          after,
          celsius: numbers(celsius, 'the temperatures'),
          roomCelsius: numbers(room, 'the room’s temperatures'),
          source: 'typed',
        },
      }),
    );
    sheet = '';
    celsius = room = '';
  };
  const fit = () =>
    form.send(async () => {
      onkeep();
      await act(
        api.POST('/api/machines/{id}/hot/{hotId}/fitted', {
          ...path,
          body: { filler, overruleReason: refused ? reason : null },
        }),
      );
      sheet = '';
    });
  function openFit() {
    filler = row.gap.options[0]?.filler ?? 'paste';
    reason = '';
    sheet = 'fit';
  }
  function doNext() {
    if (!after && row.before && row.gap.options.length) openFit();
    else if (!after && row.before) sheet = 'edit';
    else if (!after || !row.after) sheet = 'read';
    else onnext();
  }
  useKeys([
    { key: 'r', words: 'Type temperatures', run: () => (sheet = 'read') },
    { key: 'e', words: 'Change this part', run: () => (sheet = 'edit') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<Verdict
  verdict={after ? row.heat.verdict : row.gap.verdict}
  heading={1}
  words={after
    ? { yes: 'Cooler', no: 'Not cooler', unknown: 'To be measured' }
    : { yes: 'Fit this', yesIf: 'On a condition', no: 'None of them', unknown: 'Measure the gap' }}
>
  {#if row.gap.options.length && !after}
    <ul class="mt-3 border-t border-sill">
      {#each row.gap.options as o (o.filler)}
        <li class="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-x-2.5 border-b border-sill py-1.5">
          <Mark
            of={o.verdict.outcome === 'yes' ? 'sound' : o.verdict.outcome === 'no' ? 'out' : 'if'}
            size={19}
            word={{ yes: 'fits', no: 'refused', yesIf: 'on a condition', unknown: 'not known' }[o.verdict.outcome]}
          /><span class="min-w-0"
            ><strong>{o.name}</strong>{#if o.amount}<span class="block text-sm text-soft">{o.amount}</span>{/if}</span
          ><span class="reading text-lg">{o.dropKelvin == null ? '' : `${plain(o.dropKelvin, 2)} K`}</span>
        </li>
      {/each}
    </ul>
  {/if}
  {#if row.heat.before}<p class="mt-3">
      <span class="reading text-2xl">{plain(row.heat.before.median, 3)} K</span>{#if row.heat.after}
        <span aria-hidden="true">→</span> <span class="reading text-2xl">{plain(row.heat.after.median, 3)} K</span>{/if}
      <span class="text-sm text-soft">above the room{h.load ? `, ${h.load}` : ''}</span>
    </p>{/if}
  {#if row.fan}<p class="mt-2 text-sm font-semibold {row.fan.outcome === 'no' ? 'text-oxide' : ''}">
      Fan: {row.fan.sentence}
    </p>{/if}
</Verdict>
{#if !sheet}<ProblemNote problem={form.problem} />{/if}

{#if bench}
  <BenchEdge>
    {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={doNext}
        >{!after && row.before && row.gap.options.length
          ? `Fitted ${fillerWords[row.gap.options[0]!.filler!]}`
          : !after && row.before
            ? 'Give the gap'
            : !after
              ? 'Measure it as it is'
              : !row.after
                ? 'Measure it again'
                : 'Next in the list'}</button
      >{/snippet}
    {#snippet needs()}{!after && row.before
        ? 'Old paste off with alcohol, cold and unplugged.'
        : 'Five readings under the same load, and the room beside each.'}{/snippet}
    {#snippet acts()}<button class="act" onclick={() => (sheet = 'read')}>Temperatures <Key k="R" /></button><button
        class="act"
        onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button
      >{@render more()}{/snippet}
  </BenchEdge>
{/if}

<Sheet
  bind:current={sheet}
  name="read"
  title="{h.name[0]!.toUpperCase() + h.name.slice(1)}, {after ? 'after' : 'before'} the work"
  about={h.load ? `Under the same load: ${h.load}.` : 'Under the same load before and after.'}
>
  <MeasureForm {form} onkeep={keep} keep="Keep the readings" columns={2}>
    <NumberField
      label="Readings, °C"
      hint="Five, with blanks between: 71 72.5 71 72 73"
      error={form.field('celsius')}
      bind:value={celsius}
      several
      size="text-xl"
      required
    />
    <NumberField
      label="The room, °C"
      hint="Once, or once for each."
      error={form.field('roomCelsius')}
      bind:value={room}
      several
      size="text-xl"
      required
    />
  </MeasureForm>
</Sheet>
<Sheet bind:current={sheet} name="fit" title="What was fitted?">
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void fit();
    }}
  >
    <ProblemNote problem={form.problem} />
    {#if h.facts.bareDie}<CautionNote id="bareDie" />{/if}
    <SelectField label="Between part and sink" bind:value={filler} options={fillerWords} />
    {#if refused}<p class="font-semibold text-oxide">
        {row.gap.options.find((o) => o.filler === filler)?.verdict.sentence}
      </p>
      <TextField
        label="Why all the same?"
        error={form.field('overruleReason')}
        bind:value={reason}
        required
        minlength={3}
        maxlength={500}
      />{/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>It is fitted</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="edit" title="Change {h.name}"
  ><HotForm {id} {boardId} side={h.side} {row} ondone={() => (sheet = '')} /></Sheet
>

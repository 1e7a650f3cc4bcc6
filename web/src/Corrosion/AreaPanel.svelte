<!-- @component One corroded area: what takes the residue off, how far its cleaning has come, the nets under it, and when to look again. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { day, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { areaStepWords, corrosionWords } from '$lib/words';
  import { stageNumber } from '../Boards/items';
  import AreaForm from './AreaForm.svelte';
  import AreaCurve from './AreaCurve.svelte';

  let {
    id,
    row,
    nets,
    bench,
    onnext,
    onpick,
    scaled,
    more,
  }: {
    id: string;
    row: Schemas['AreaRow'];
    nets: Schemas['NetRow'][];
    bench: boolean;
    onnext: () => void;
    onpick: (id: string) => void;
    scaled: boolean;
    more: Snippet;
  } = $props();
  const form = new Sending();
  let sheet = $state<'step' | 'look' | 'edit' | ''>('');
  let ph = $state('');
  let rinses = $state('');
  let hoursAgo = $state('');
  let celsius = $state('');
  let stage = $state<Schemas['CorrosionStage']>('bloom');
  let size = $state('');
  const a = $derived(row.area);
  const path = $derived({ params: { path: { id, areaId: a.id } } });
  const verdict = $derived(
    row.next === 'neutralise' ? row.plan.verdict : row.due || !row.next ? row.inspect.verdict : row.plan.verdict,
  );
  const heading = $derived(
    row.next === 'rinse'
      ? `Rinse ${a.name} ${row.plan.rinses} times.`
      : row.next === 'alcohol'
        ? `Alcohol over ${a.name}, iron off.`
        : row.next === 'dry'
          ? `Let ${a.name} dry.`
          : row.next === 'mask'
            ? `New mask over ${a.name}.`
            : '',
  );
  const under = $derived(nets.filter((n) => row.nets.includes(n.net.id)));

  const take = (step: NonNullable<Schemas['AreaStep']>) =>
    form.decide(async (overruleReason) => {
      await act(
        api.POST('/api/machines/{id}/areas/{areaId}/step', {
          ...path,
          body: {
            step,
            ph: step === 'rinse' ? number(ph, 'the pH') : null,
            rinses: step === 'rinse' ? (number(rinses, 'how often') ?? 0) : 0,
            hoursAgo: number(hoursAgo, 'how long ago') ?? 0,
            celsius: step === 'dry' ? number(celsius, 'the temperature') : null,
            overruleReason,
          },
        }),
      );
      sheet = '';
      ph = rinses = hoursAgo = celsius = '';
    });
  const neutraliserCautions = $derived<Schemas['CautionId'][]>(
    row.plan.verdict.cautions.length ? row.plan.verdict.cautions : ['leakingCell'],
  );
  const asks: Record<NonNullable<Schemas['AreaStep']>, string> = {
    neutralise: 'Does it no longer react?',
    rinse: 'Rinsed, and what does the rinse water read?',
    alcohol: 'Alcohol all over it?',
    dry: 'Is it dry?',
    mask: 'New mask over it?',
  };
  const look = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/areas/{areaId}/looks', {
          ...path,
          body: { stage, squareCentimetres: number(size, 'the size') },
        }),
      );
      sheet = '';
    });
  function doNext() {
    if (row.next) {
      form.forget();
      rinses = String(row.plan.rinses);
      sheet = 'step';
    } else if (row.due) openLook();
    else onnext();
  }
  function openLook() {
    stage = a.looks.at(-1)?.stage ?? 'bloom';
    size = plain(row.squareCentimetres, 4);
    sheet = 'look';
  }
  useKeys([
    { key: 'l', words: 'Look at this area again', run: openLook },
    { key: 'e', words: 'Change this area', run: () => (sheet = 'edit') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

{#snippet figures()}
  <dl class="mt-3 flex flex-wrap gap-x-7 gap-y-2">
    <div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">area on the board</dt>
      <dd class="reading text-2xl leading-tight">
        {plain(row.squareCentimetres, 3)} <span class="text-lg font-normal">cm²</span>
      </dd>
    </div>
    <div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">stage, of 0 to 4</dt>
      <dd class="reading text-2xl leading-tight">{stageNumber(a)}</dd>
    </div>
    {#if a.treatment.ph != null || a.phBefore != null}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">{a.treatment.ph != null ? 'pH after neutralising' : 'pH on the residue'}</dt>
        <dd class="reading text-2xl leading-tight">{plain(a.treatment.ph ?? a.phBefore ?? 0)}</dd>
      </div>{/if}
  </dl>
{/snippet}

{#if heading}
  <h1 class="text-xl leading-snug font-bold">{heading}</h1>
  <p class="mt-1 text-sm text-soft">
    {row.next === 'rinse'
      ? `${plain(row.plan.rinseMillilitres)} ml of distilled water each time, tipped dry between: ${plain(row.plan.residueShare * 100, 2)} % of the residue is left.`
      : row.next === 'alcohol'
        ? 'It takes the water out from under the chips.'
        : row.next === 'dry'
          ? '4 hours at 40 °C, or two days in a dry room, standing on edge.'
          : row.mask[0]?.cure}
  </p>
  {@render figures()}
  {#if row.next === 'alcohol'}<div class="mt-3"><CautionNote id="solventAndFlame" /></div>{/if}
  {#if row.next === 'mask'}<ul class="mt-3 grid gap-2">
      {#each row.mask as m (m.kind)}<li>
          <strong>{m.name}</strong>, {plain(m.millilitres)} ml in {m.coats === 1 ? 'one coat' : `${m.coats} coats`}: {m.cure}.
          <span class="text-sm text-soft">{m.verdict.sentence}</span>
        </li>{/each}
    </ul>{/if}
{:else}
  <Verdict
    {verdict}
    heading={1}
    words={row.next === 'neutralise'
      ? { yes: 'Neutralise', unknown: 'Wet pH paper first' }
      : { yes: 'Cleaned', no: 'Clean it again' }}
    figures={false}>{@render figures()}</Verdict
  >
{/if}
{#if row.next === 'neutralise' && row.plan.steps.length}<ol class="mt-3 list-decimal pl-5 text-sm">
    {#each row.plan.steps as s (s)}<li class="mb-1">{s}</li>{/each}
  </ol>{/if}
{#if under.length}
  <p class="mt-3 text-sm font-semibold">
    {under.length}
    {under.length === 1 ? 'net' : 'nets'} under it{row.netsBad ? `, ${row.netsBad} not whole` : ''}{row.netsToMeasure
      ? `, ${row.netsToMeasure} to measure`
      : ''}
  </p>
  <p class="flex flex-wrap gap-x-4">
    {#each under as n (n.net.id)}<button class="act text-sm" onclick={() => onpick(n.net.id)}>{n.net.name}</button
      >{/each}
  </p>
{/if}
{#if row.capacitors.length}<p class="mt-1 text-sm text-soft">Inside it: {row.capacitors.join(', ')}.</p>{/if}
{#if a.looks.length > 1}<AreaCurve looks={a.looks} />{/if}
{#if a.inspectOn && !row.next}<p class="mt-2 text-sm">Look at it again by <strong>{day(a.inspectOn)}</strong>.</p>{/if}
{#if !sheet}<ProblemNote {form} />{/if}

{#if bench}
  <BenchEdge>
    {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={doNext}
        >{row.next ? areaStepWords[row.next] : row.due ? 'Look at it now' : 'Next in the list'}</button
      >{/snippet}
    {#snippet needs()}{row.next === 'neutralise'
        ? 'Gloves, glasses, soft brush. Nothing into connectors.'
        : row.next === 'rinse'
          ? 'Distilled water, a tray, pH paper.'
          : ''}{/snippet}
    {#snippet acts()}<button class="act" onclick={openLook}>Look again <Key k="L" /></button><button
        class="act"
        onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button
      >{#if !a.treatment.alcoholAt}<Otherwise
          name={a.name}
          left="the drying, and the nets under it"
          ph
          ondo={(body) => act(api.POST('/api/machines/{id}/areas/{areaId}/otherwise', { ...path, body }))}
        />{/if}{@render more()}{/snippet}
  </BenchEdge>
{/if}

<Sheet
  bind:current={sheet}
  name="step"
  title={row.next ? asks[row.next] : ''}
  about={row.next === 'neutralise'
    ? 'Dab, wait, wipe, until fresh neutraliser does nothing more. The bath itself never reads neutral: paper comes after the rinse.'
    : row.next === 'rinse'
      ? `${row.plan.rinses} times leave ${plain(row.plan.residueShare * 100, 2)} % of the residue. Paper in the last rinse water, after a minute: 6 to 8 is done.`
      : row.next === 'dry'
        ? 'Counted from the alcohol: 4 hours at 40 °C, or two days in a dry room. Nothing is powered before.'
        : row.next === 'mask'
          ? 'Over nets that were measured and are whole.'
          : ''}
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      if (row.next) void take(row.next);
    }}
  >
    <ProblemNote {form} />
    {#if row.next === 'neutralise'}{#each neutraliserCautions as c (c)}<CautionNote id={c} />{/each}
    {:else if row.next === 'rinse'}<NumberField
        label="Times"
        error={form.field('rinses')}
        bind:value={rinses}
        whole
        size="w-32 text-2xl"
        required
      /><NumberField
        label="pH of the last rinse water"
        error={form.field('ph')}
        bind:value={ph}
        size="w-32 text-2xl"
        required
      />
    {:else if row.next === 'alcohol'}<CautionNote id="solventAndFlame" />
    {:else if row.next === 'dry'}<NumberField
        label="Warmth of the air that it dried in, °C"
        hint="Empty is the room’s. A thermometer beside the board, not the oven’s dial."
        error={form.field('celsius')}
        bind:value={celsius}
        size="w-32 text-2xl"
      />{/if}
    <NumberField
      label="Done how many hours ago"
      hint="Empty is now. Write it down later, and it still counts from when it was done."
      error={form.field('hoursAgo')}
      bind:value={hoursAgo}
      size="w-32"
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>{row.next ? areaStepWords[row.next] : ''}</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="look"
  title="How does it look today?"
  about="If it has spread or gone a stage further, residue is still under it, and it is cleaned again."
>
  <form
    class="grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void look();
    }}
  >
    <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
    <SelectField label="Stage" bind:value={stage} options={corrosionWords} />
    <NumberField label="Size now, cm²" error={form.field('squareCentimetres')} bind:value={size} />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep this look</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="edit" title="Change {a.name}"
  ><AreaForm
    {id}
    boardId={a.boardId}
    side={a.side}
    outline={a.outline}
    {row}
    sheet={scaled ? { widthMillimetres: 1 } : undefined}
    ondone={() => (sheet = '')}
  /></Sheet
>

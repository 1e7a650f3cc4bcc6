<!-- @component One panel: its next step with what stands in the way, the steps, and the window in which the next coat goes on. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, moment, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Steps from '$lib/ui/Steps.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import type { Point } from '../Boards/items';
  import { TappedCard } from '../Colour/card.svelte';
  import CardFields from '../Colour/CardFields.svelte';
  import { photoUrl } from '../Intake/photos';
  import Taps from '../Photos/Taps.svelte';
  import { cornerWords } from '../Photos/words';
  import PanelForm from './PanelForm.svelte';

  let { id, row, onadd }: { id: string; row: Schemas['PanelRow']; onadd: () => void } = $props();
  const p = $derived(row.panel);
  const form = new Sending();
  let sheet = $state<'step' | 'photo' | 'sample' | 'change' | ''>('');
  let ph = $state('');
  let celsius = $state('');
  let humidity = $state('');
  let ohms = $state('');
  let looks = $state<'yes' | 'no'>('no');
  let photoId = $state('');
  let corners = $state<Point[]>([]);
  const card = new TappedCard();
  let sampleId = $state('');
  let sampled = $state<Point[]>([]);
  let apart = $state<Schemas['SampleApart'] | null>(null);
  const path = $derived({ params: { path: { id, panelId: p.id } } });
  const next = $derived(p.next ?? null);
  const stays = $derived(row.verdict.outcome === 'no' && next !== null);

  /** What is asked before a step can be true; the others are one press. */
  const asks: Partial<Record<NonNullable<Schemas['FinishStep']>, string>> = {
    readResidue: 'What does the wet pH paper read?',
    neutralise: 'What does the pH paper read now?',
    removeRust: 'How did it come off?',
    trueUp: 'Do its mating parts fit?',
    prime: 'How is the air?',
    testCard: 'The dried card against the part',
    coat: 'How is the air?',
    earthPoints: 'The worst earth point against the inlet’s earth pin',
  };
  const take = (more: Partial<Schemas['FinishStepAsk']> = {}) =>
    form.decide(async (overruleReason) => {
      await act(
        api.POST('/api/machines/{id}/panels/{panelId}/step', {
          ...path,
          body: { step: next!, looks: 'notKnown', wet: 'notKnown', overruleReason, photo: null, ...more },
        }),
      );
      sheet = '';
      ph = ohms = '';
      looks = 'no';
    });
  const answer = () =>
    take({
      ph: number(ph, 'the pH'),
      celsius: number(celsius, 'the temperature'),
      humidity: number(humidity, 'the humidity'),
      ohms: number(ohms, 'the reading'),
      looks,
      wet: looks,
    });
  const samplePhoto = (): Schemas['SamplePhotoAsk'] => ({
    photoId: sampleId,
    kind: card.kind,
    card: card.of(sampled),
    part: sampled[card.fields]!,
    sample: sampled[card.fields + 1]!,
  });
  const compare = () =>
    form.send(async () => {
      apart = await ask(api.POST('/api/machines/{id}/panels/{panelId}/sample', { ...path, body: samplePhoto() }));
    });
  const again = () => form.send(() => act(api.POST('/api/machines/{id}/panels/{panelId}/again', path)));
  const measure = () =>
    form.send(async () => {
      await act(api.POST('/api/machines/{id}/panels/{panelId}/rust', { ...path, body: { photoId, corners } }));
      sheet = '';
    });
  function show(what: typeof sheet) {
    form.forget();
    sheet = what;
  }
  function doNext() {
    if (!next || stays) onadd();
    else if (next === 'removeRust' && p.rustedPercent == null) show('photo');
    else if (next === 'testCard') show('sample');
    else if (asks[next]) show('step');
    else void take();
  }
  const words = $derived(row.steps.find((s) => s.step === next)?.words ?? '');
  useKeys([
    { key: 'Enter', words: 'Do what is next', run: doNext },
    { key: 'e', words: 'Change this panel', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{p.name}</p>
<Verdict
  verdict={row.verdict}
  big
  heading={1}
  figures={false}
  words={{ yes: 'Done', yesIf: 'To be done', no: 'Stays as it is', unknown: 'To be looked at' }}
>
  <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
    {#if p.rustedPercent != null}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">rusted, by {row.photoHash ? 'its photo' : 'eye'}</dt>
        <dd class="reading text-2xl">{plain(p.rustedPercent, 2)} %</dd>
      </div>
      <div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">grade of ISO 4628-3</dt>
        <dd class="reading text-2xl">Ri {row.grade}</dd>
      </div>{/if}
    {#if row.paint}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">paint for {p.coats} coats</dt>
        <dd class="reading text-2xl">{Math.ceil(row.paint.millilitres)} ml</dd>
      </div>
      <div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">{row.paint.cans === 1 ? 'can' : 'cans'}</dt>
        <dd class="reading text-2xl">{row.paint.cans}</dd>
      </div>{/if}
    {#if row.bareUntil}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">bare: primed before</dt>
        <dd class="reading text-2xl">{moment(row.bareUntil)}</dd>
      </div>{/if}
    {#if row.from}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">{next === 'cure' ? 'cured at' : 'next coat from'}</dt>
        <dd class="reading text-2xl">{moment(row.from)}</dd>
      </div>{/if}
    {#if p.sheet.earthOhms != null}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">earth points</dt>
        <dd class="reading text-2xl">{plain(p.sheet.earthOhms)} Ω</dd>
      </div>{/if}
  </dl>
</Verdict>
<div class="mt-4 grid gap-x-7 {row.photoHash ? 'md:grid-cols-[minmax(0,1fr)_16rem]' : ''}">
  <Steps steps={row.steps} next={stays ? null : next}>
    {#snippet beside(s)}{s.step === 'coat' && p.sheet.coats.length
        ? `${p.sheet.coats.length} of ${p.coats}`
        : s.at
          ? moment(s.at)
          : ''}{/snippet}
  </Steps>
  {#if row.photoHash}<img
      class="mt-3 w-full rounded-md"
      src={photoUrl(row.photoHash, 'screen')}
      alt="{p.name} as it was"
    />{/if}
</div>
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}
    <button class="btn-next" disabled={form.busy} onclick={doNext}
      >{!p.next || stays
        ? 'Put something on the list'
        : p.next === 'removeRust' && p.rustedPercent == null
          ? 'Measure the rust on a photo'
          : capital(words)}</button
    >
  {/snippet}
  {#snippet acts()}
    {#if p.sheet.rustOffAt && !p.sheet.primer && !p.sheet.oiledAt}<button
        class="act"
        disabled={form.busy}
        onclick={again}>It rusts again</button
      >{/if}
    {#if !p.sheet.rustOffAt && !stays}<button class="act" onclick={() => show('photo')}>Rust on a photo</button>{/if}
    {#if p.coats && p.next && p.next !== 'testCard' && !stays}<button class="act" onclick={() => show('sample')}
        >A paint sample</button
      >{/if}
    {#if next && !stays}<Otherwise
        name={p.name}
        left="its earth points"
        ondo={(body) => act(api.POST('/api/machines/{id}/panels/{panelId}/otherwise', { ...path, body }))}
      />{/if}
    <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet bind:current={sheet} name="step" title={next ? (asks[next] ?? '') : ''} about={p.name}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void answer();
    }}
  >
    <ProblemNote {form} />
    {#if next === 'readResidue' || next === 'neutralise'}
      <NumberField label="pH" error={form.field('ph')} bind:value={ph} least={0} most={14} size="text-2xl" required />
    {:else if next === 'prime' || next === 'coat'}
      <NumberField label="Air, °C" error={form.field('celsius')} bind:value={celsius} size="text-2xl" required />
      <NumberField label="Humidity, %" error={form.field('humidity')} bind:value={humidity} size="text-2xl" required />
      <p class="text-sm">Outdoors or in moving air, with a mask for solvents, and no flame near.</p>
    {:else if next === 'earthPoints'}
      <NumberField label="Reads, Ω" error={form.field('ohms')} bind:value={ohms} size="text-2xl" required />
      <p class="text-sm">With the plug out: the meter’s leads together first, and that taken off.</p>
    {:else if next === 'removeRust'}
      <Choice label="Wet, with a mask on, and wiped up?" bind:value={looks} options={{ yes: 'Yes', no: 'No, dry' }} />
    {:else}
      <Choice label="Without force?" bind:value={looks} options={{ yes: 'Yes', no: 'No' }} />
    {/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="photo"
  title="How much of it is rusted?"
  about="From straight above, in daylight. Tap the four corners of the panel."
>
  <div class="grid gap-4">
    <ProblemNote problem={form.problem} />
    <Taps
      {id}
      {form}
      caption={p.name}
      prompts={cornerWords('the panel')}
      hash={row.photoHash}
      bind:photoId
      bind:taps={corners}
      label="Photo of the panel"
    />
    <button class="btn-next justify-self-start" disabled={form.busy || corners.length < 4} onclick={measure}
      >Count the rust</button
    >
  </div>
</Sheet>
<Sheet
  bind:current={sheet}
  name="sample"
  title={next === 'testCard' ? 'The dried card against the part' : 'A sample of paint against the part'}
  about="Both under one card, in daylight, the paint dry: wet it has another shade."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void take({ looks: 'notKnown', photo: samplePhoto() }).then(() => (apart = null));
    }}
  >
    <ProblemNote {form} />
    <CardFields
      {card}
      onchange={() => {
        sampled = [];
        apart = null;
      }}
    />
    <Taps
      {id}
      {form}
      caption="{p.name} with the sample"
      prompts={[...card.prompts, 'the part, on a clean place', 'the sample']}
      bind:photoId={sampleId}
      bind:taps={sampled}
      label="Photo with part and sample"
    />
    {#if apart}<Verdict
        verdict={apart.verdict}
        words={{ yes: 'The shade', yesIf: 'Near', no: 'Another shade' }}
        bad="no"
      />{/if}
    <div class="flex flex-wrap items-center gap-6">
      {#if next === 'testCard'}<button class="btn-next" disabled={form.busy || sampled.length < card.fields + 2}
          >Keep it</button
        >{/if}
      <button type="button" class="btn" disabled={form.busy || sampled.length < card.fields + 2} onclick={compare}
        >How far apart?</button
      >
      {#if next === 'testCard'}<button
          type="button"
          class="act"
          disabled={form.busy}
          onclick={() => void take({ looks: 'yes' })}>By eye, in daylight, it is the shade</button
        >{/if}
    </div>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="change" title={p.name}
  ><PanelForm
    {id}
    {row}
    ondone={() => {
      sheet = '';
    }}
  /></Sheet
>

<!-- @component The whitening of one part: how yellow it is, how it goes on, and when to stop. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { moment, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { threeWords } from '$lib/words';
  import { photoUrl } from '../Intake/photos';
  import { curve } from './curve';
  import MeasureColour from './MeasureColour.svelte';
  import { bleachAsWords, lightWords, policyWords } from './words';

  let {
    id,
    row,
    policy,
    matches,
    onadd,
    onitem,
  }: {
    id: string;
    row: Schemas['WhiteningRow'];
    policy: Schemas['ColourPolicy'];
    matches?: Schemas['MatchResult'] | null;
    onadd: () => void;
    onitem: (itemId: string) => void;
  } = $props();
  const run = $derived(row.run);
  const form = new Sending();
  let sheet = $state<'photo' | 'start' | 'change' | ''>('');
  let percent = $state('6');
  let as = $state<Schemas['BleachAs']>('bath');
  let light = $state<Schemas['BleachLight']>('sun');
  let cloud = $state('');
  let celsius = $state('');
  let hours = $state('3');
  let tray = $state('the grey tray');
  let shielded = $state(false);
  let target = $state('');
  let masked = $state<Schemas['ThreeState']>('notKnown');
  let fits = $state<Schemas['ThreeState']>('notKnown');
  const path = $derived({ params: { path: { id, runId: run.id } } });
  const last = $derived(run.readings.at(-1));
  const first = $derived(run.readings[0]);
  const pairs = $derived(matches?.pairs.filter((p) => p.first === row.name || p.second === row.name) ?? []);
  const drawn = $derived(curve(row, 640, 240));
  const verdict = $derived<Schemas['Verdict']>(
    row.next === 'end'
      ? {
          ...row.mayStart.verdict,
          outcome: 'unknown',
          sentence: `In the light: look at it ${moment(row.lookAt!)}.`,
          reasons: [],
          wouldChange: [],
          cautions: ['peroxide'],
        }
      : row.forecast && row.next !== 'done'
        ? row.forecast.verdict
        : row.next === 'done'
          ? { ...row.mayStart.verdict, outcome: 'yes', sentence: 'As white as it is to be.', wouldChange: [] }
          : last
            ? row.mayStart.verdict
            : {
                ...row.mayStart.verdict,
                outcome: 'unknown',
                sentence: 'First a photo under the card.',
                wouldChange: ['A photo with a grey or white card, and the places tapped.'],
              },
  );

  const choose = (p: Schemas['ColourPolicy']) =>
    form.send(() =>
      act(api.PUT('/api/machines/{id}/whitening/policy', { params: { path: { id } }, body: { policy: p } })),
    );
  const start = () =>
    form.decide(async (overruleReason) => {
      const share = number(cloud, 'the clouds');
      await act(
        api.POST('/api/machines/{id}/whitening/{runId}/start', {
          ...path,
          body: {
            bleach: {
              percent: number(percent, 'the strength'),
              as,
              light,
              cloudShare: share == null ? null : share / 100,
              latitude: null,
              lampStrength: null,
              celsius: number(celsius, 'the temperature'),
            },
            hours: number(hours, 'the hours') ?? 0,
            tray: as === 'bath' ? tray : '',
            protected: shielded ? 'yes' : 'notKnown',
            overruleReason,
          },
        }),
      );
      sheet = '';
      shielded = false;
    });
  const end = () =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/whitening/{runId}/end', {
          ...path,
          body: { localHours: -new Date().getTimezoneOffset() / 60 },
        }),
      ),
    );
  const finish = () => form.send(() => act(api.POST('/api/machines/{id}/whitening/{runId}/finish', path)));
  const change = () =>
    form.send(async () => {
      await act(
        api.PUT('/api/machines/{id}/whitening/{rowId}', {
          params: { path: { id, rowId: run.id } },
          headers: basedOn(run.version),
          body: { itemId: run.itemId, targetB: number(target, 'b*'), masked, fits },
        }),
      );
      sheet = '';
    });
  const remove = () =>
    form.send(async () => {
      await act(api.DELETE('/api/machines/{id}/whitening/{rowId}', { params: { path: { id, rowId: run.id } } }));
      sheet = '';
    });
  function show(what: typeof sheet) {
    form.forget();
    if (what === 'change') {
      target = run.targetB == null ? '' : plain(run.targetB);
      masked = run.masked;
      fits = run.fits;
    }
    sheet = what;
  }
  const steps: Record<string, [string, () => void]> = $derived({
    photo: ['Photo under the card', () => show('photo')],
    start: ['Into the light', () => show('start')],
    end: ['Out of the light', () => void end()],
    dry: ['Rinse and dry it', () => onitem(run.itemId)],
    done: ['Put something on the list', onadd],
  });
  useKeys([
    { key: 'Enter', words: 'Do what is next', run: () => steps[row.next]![1]() },
    { key: 'e', words: 'Change this whitening', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{row.name}, whitened</p>
<Verdict
  {verdict}
  big
  heading={1}
  bad="yes"
  words={{
    yes: row.next === 'done' ? 'Done' : 'Go on',
    yesIf: 'Go on',
    no: 'Stop',
    unknown: row.next === 'end' ? 'In the light' : 'To be measured',
  }}
/>
{#if row.next === 'end' && row.forecast}<p class="mt-3 text-lg">
    <strong>Forecast before this session:</strong>
    {row.forecast.verdict.sentence}
  </p>{/if}
{#if policy !== 'whiten' && row.next !== 'done'}
  <div class="mt-3">
    <Choice
      label="What is done about the colour of this machine?"
      value={policy}
      options={policyWords}
      onchange={(p) => void choose(p)}
    />
  </div>
{/if}
<dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
  {#if first && last}
    <div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">b* now{last.absolute ? '' : ', under this card'}</dt>
      <dd class="reading text-3xl">{last.b.toFixed(1)}</dd>
    </div>
    {#if first !== last}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">at first</dt>
        <dd class="reading text-3xl">{first.b.toFixed(1)}</dd>
      </div>{/if}
  {/if}
  {#if run.targetB != null}<div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">where light never reached</dt>
      <dd class="reading text-3xl">{run.targetB.toFixed(1)}</dd>
    </div>{/if}
  {#if row.hoursToGo}<div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">hours to go, {plain(row.hoursToGo.low)} to {plain(row.hoursToGo.high)}</dt>
      <dd class="reading text-3xl">{plain(row.hoursToGo.likely)} h</dd>
    </div>{/if}
  {#if last?.evenness != null}<div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">its patches apart, ΔE00</dt>
      <dd class="reading text-3xl">{last.evenness.toFixed(1)}</dd>
    </div>{/if}
  <div class="flex flex-col-reverse">
    <dt class="text-xs text-soft">one photo is good to</dt>
    <dd class="reading text-3xl">±{row.noise.toFixed(1)}</dd>
  </div>
</dl>
{#if run.readings.length}
  <figure class="mt-5">
    <svg viewBox="0 0 640 240" class="w-full max-w-3xl" role="img" aria-label="b* by dose of light">
      {#each drawn.ticksY as t (t)}<line
          x1={drawn.left}
          x2="630"
          y1={drawn.y(t)}
          y2={drawn.y(t)}
          class="stroke-sill"
        /><text x={drawn.left - 6} y={drawn.y(t) + 4} text-anchor="end" class="reading fill-soft text-[12px]">{t}</text
        >{/each}
      {#each drawn.ticksX as t (t)}<text
          x={drawn.x(t)}
          y="234"
          text-anchor="middle"
          class="reading fill-soft text-[12px]">{t}</text
        >{/each}
      {#if drawn.target != null}<line
          x1={drawn.left}
          x2="630"
          y1={drawn.target}
          y2={drawn.target}
          class="stroke-verdigris"
          stroke-width="3"
          stroke-dasharray="2 6"
          stroke-linecap="round"
        />{/if}
      <path d={drawn.path} fill="none" class="stroke-tide" stroke-width="3" />
      {#each drawn.points as p, i (i)}<line
          x1={p.x}
          x2={p.x}
          y1={p.top}
          y2={p.low}
          class="stroke-ink"
          stroke-width="2"
        /><circle cx={p.x} cy={p.y} r="6" class="fill-brass stroke-ink" stroke-width="2" />{/each}
    </svg>
    <figcaption class="text-sm text-soft">
      b* against hours of full summer sun at 6 %. Dots are photos with how far one can be trusted; the line is the fit;
      dotted is what is wanted.
    </figcaption>
  </figure>
  <table class="mt-4 w-full max-w-3xl text-sm">
    <caption class="sr-only">The readings</caption>
    <thead
      ><tr class="border-b border-ink text-left"
        ><th class="py-1 font-semibold">When</th><th class="text-right font-semibold">Dose, h</th><th
          class="text-right font-semibold">b*</th
        ><th class="text-right font-semibold">Evenness</th><th class="pl-4 font-semibold">Places</th></tr
      ></thead
    >
    <tbody>
      {#each run.readings as r (r.at)}<tr class="border-b border-sill"
          ><td class="py-1">{moment(r.at)}</td><td class="reading text-right">{r.dose.toFixed(1)}</td><td
            class="reading text-right">{r.b.toFixed(1)}</td
          ><td class="reading text-right">{r.evenness == null ? '' : r.evenness.toFixed(1)}</td><td class="pl-4"
            >{r.patches.map((p) => `${p.name} ${p.lab.b.toFixed(1)}`).join(', ')}{r.bloom ? ' · bloom' : ''}</td
          ></tr
        >{/each}
    </tbody>
  </table>
{/if}
{#if pairs.length}<section class="mt-6" aria-label="Beside its neighbours">
    <h2 class="font-bold">Beside its neighbours</h2>
    <div class="mt-2 grid gap-4">
      {#each pairs as p (`${p.first}${p.second}`)}<Verdict
          verdict={p.verdict}
          words={{ yes: 'Alike', yesIf: 'Alike', no: 'Not alike', unknown: 'Not known' }}
          bad="yes"
        />{/each}
    </div>
  </section>{/if}
{#if row.photoHash}<img
    class="mt-4 max-h-72 rounded-md"
    src={photoUrl(row.photoHash, 'screen')}
    alt="{row.name} under the card"
  />{/if}
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={steps[row.next]![1]}
      >{steps[row.next]![0]}</button
    >{/snippet}
  {#snippet needs()}{row.next === 'start'
      ? 'Peroxide, tray, gloves, glasses, water.'
      : row.next === 'photo'
        ? 'Card, daylight from a window.'
        : ''}{/snippet}
  {#snippet acts()}
    {#if row.next === 'start'}<button class="act" onclick={() => show('photo')}>Another photo</button>
      <button class="act" disabled={form.busy} onclick={finish}>White enough</button>{/if}
    <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet
  bind:current={sheet}
  name="photo"
  title="Its colour"
  about="The card flat beside the part, both in the same light, none of it mirrored."
>
  <MeasureColour
    {id}
    {row}
    ondone={() => {
      sheet = '';
    }}
  />
</Sheet>
<Sheet bind:current={sheet} name="start" title="Into the light" about={row.name}>
  <form
    class="grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void start();
    }}
  >
    <div class="empty:hidden sm:col-span-2"><ProblemNote {form} /></div>
    <NumberField
      label="Peroxide as it is used, %"
      error={form.field('bleach.percent')}
      bind:value={percent}
      least={3}
      most={12}
      required
    />
    <Choice
      label="How does it lie on it?"
      bind:value={as}
      options={[
        ['bath', bleachAsWords.bath],
        ['film', bleachAsWords.film],
      ]}
    />
    {#if as === 'bath'}<TextField
        label="In which tray"
        error={form.field('tray')}
        bind:value={tray}
        maxlength={40}
      />{/if}
    <SelectField label="Light" bind:value={light} options={lightWords} />
    {#if light === 'sun'}<NumberField
        label="Sky covered, %"
        hint="Empty counts as half."
        bind:value={cloud}
        least={0}
        most={100}
      />{/if}
    <NumberField
      label="Bath or part, °C"
      hint="Empty counts as 25."
      bind:value={celsius}
      error={form.field('bleach.celsius')}
    />
    <NumberField
      label="A look after, h"
      error={form.field('hours')}
      bind:value={hours}
      least={0.5}
      most={12}
      required
    />
    <div class="sm:col-span-2"><CautionNote id="peroxide" /></div>
    <label class="flex min-h-11 items-center gap-3 sm:col-span-2"
      ><CheckBox bind:checked={shielded} large />{light === 'lampUvC'
        ? 'Nobody is in the room, and it is aired before anybody comes in'
        : 'Glasses and gloves are on; nothing is sealed, and no foil lies over it'}</label
    >
    <button class="btn-next justify-self-start" disabled={form.busy}>It is in the light</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="change" title="This whitening" about={row.name}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void change();
    }}
  >
    <ProblemNote problem={form.problem} />
    <Choice
      label="Are labels, bare metal and printed lettering off it or masked?"
      bind:value={masked}
      options={threeWords}
    />
    <Choice
      label="From another machine: are its holes, slots and edges those of its place?"
      bind:value={fits}
      options={threeWords}
    />
    <NumberField
      label="b* that is wanted"
      hint="Empty for as far as it goes; a place that light never reached says it by itself."
      error={form.field('targetB')}
      bind:value={target}
      least={-10}
      most={40}
    />
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep it</button>
      <button type="button" class="act" onclick={remove}>Take it off the list</button>
    </div>
  </form>
</Sheet>

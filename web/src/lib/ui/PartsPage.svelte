<!-- @component Every part of which the screens are made, each in the states it can have. Not in the menu: for who builds, and for the machine that looks for what a screen reader would miss. -->
<script lang="ts">
  import { Sending } from '$lib/api/act.svelte';
  import { Problem } from '$lib/api/client';
  import { theme, type Theme } from '$lib/theme.svelte';
  import { directionWords, kindWords, signWords } from '$lib/words';
  import CautionNote from './CautionNote.svelte';
  import CheckBox from './CheckBox.svelte';
  import CheckGroup from './CheckGroup.svelte';
  import Choice from './Choice.svelte';
  import DayField from './DayField.svelte';
  import Empty from './Empty.svelte';
  import Field from './Field.svelte';
  import Fold from './Fold.svelte';
  import Key from './Key.svelte';
  import LimitBar from './LimitBar.svelte';
  import Mark, { type MarkOf } from './Mark.svelte';
  import MarkedList from './MarkedList.svelte';
  import MarkedPhoto from './MarkedPhoto.svelte';
  import MeasureForm from './MeasureForm.svelte';
  import NumberField from './NumberField.svelte';
  import PickMany from './PickMany.svelte';
  import ProblemNote from './ProblemNote.svelte';
  import ProgressBar from './ProgressBar.svelte';
  import Query from './Query.svelte';
  import SelectField from './SelectField.svelte';
  import Sheet from './Sheet.svelte';
  import SuggestField from './SuggestField.svelte';
  import TextField from './TextField.svelte';
  import Tideline from './Tideline.svelte';
  import Verdict from './Verdict.svelte';

  const themes: [Theme, string][] = [
    ['light', 'Light'],
    ['dark', 'Dark'],
    ['system', 'As the system'],
  ];
  let [height, slip, wrong, year] = $state(['11.5', '4700', 'much', '1985']);
  let paid = $state<number | null>(12.5);
  let [name, note, tray] = $state(['Harbour till', '', '']);
  let kind = $state<keyof typeof kindWords>('aluminiumRadial');
  let up = $state<keyof typeof directionWords>('up');
  let [swollen, day] = $state([true, '1992-05-14']);
  let signs = $state<(keyof typeof signWords)[]>(['bulging']);
  let behind = $state<string[]>(['a']);
  let keyed = $state<'yes' | 'no' | 'notKnown'>('notKnown');
  let ohms = $state('');
  let chosen = $state('c14');
  let sheet = $state<'form' | ''>('');
  const form = new Sending();
  const marks: MarkOf[] = ['sound', 'out', 'unknown', 'waiting', 'if', 'done'];
  const row = (id: string, name: string, mark: MarkOf, word: string, value: string, end: string, code = true) => ({
    id,
    name,
    mark,
    word,
    value,
    end,
    code,
  });
  const rows = [
    row('c14', 'C14', 'out', 'comes out', '47 µF 16 V', 'ESR 8.6 Ω'),
    row('c33', 'C33', 'unknown', 'not measured', '10 µF 25 V', 'measure'),
    row('corner', 'the memory corner', 'waiting', 'drying', '4.2 cm²', 'until 18:00', false),
  ];
  const board =
    'data:image/svg+xml,' +
    encodeURIComponent(
      '<svg xmlns="http://www.w3.org/2000/svg" width="300" height="200"><rect width="300" height="200" fill="#45605b"/><rect x="40" y="50" width="90" height="60" fill="#142e2b"/></svg>',
    );
  const stages = [
    ['arrive', 1, 'done', ''],
    ['survey', 1, 'done', ''],
    ['stripDown', 0.6, 'here', 'step 15'],
    ['boards', 0.3, 'waiting', 'drying'],
    ['case', 0, 'empty', ''],
    ['parts', 0.2, 'begun', ''],
    ['rebuild', 0, 'empty', ''],
    ['bringUp', 0, 'stopped', 'no picture'],
    ['system', 0, 'empty', ''],
    ['prove', 0, 'empty', ''],
    ['handOver', 0, 'empty', ''],
  ] as const;
  const tides = stages.map(([stage, level, state, waits]) => ({ stage, level, state, waits, waitUntil: null }));
  const states = [
    ['it is being read', { data: undefined, error: null, isFetching: true, refetch: () => {} }],
    [
      'it failed',
      {
        data: undefined,
        error: new Problem(500, 'It did not work', 'The database could not do that.'),
        isFetching: false,
        refetch: () => {},
      },
    ],
    [
      'Haar is out of reach',
      {
        data: 'What was read before stays.',
        error: new Problem(0, 'Out of reach', 'Haar cannot be reached.'),
        isFetching: false,
        refetch: () => {},
      },
    ],
  ] as const;
</script>

<main class="mx-auto grid max-w-5xl gap-10 px-4 py-8 sm:px-7">
  <div class="flex flex-wrap items-end justify-between gap-5">
    <div>
      <h1 class="text-3xl font-bold">The parts of which screens are made</h1>
      <p class="text-soft">
        Each in the states that it can have. What a screen needs is taken from here, not made again.
      </p>
    </div>
    <Choice label="Theme" value={theme.chosen} options={themes} onchange={(t) => theme.choose(t)} />
  </div>

  <section aria-labelledby="p-numbers">
    <h2 id="p-numbers" class="text-2xl font-bold">Numbers</h2>
    <div class="mt-3 grid gap-5 sm:grid-cols-3">
      <NumberField label="Height, mm" bind:value={height} hint="Unit and range come from the label." />
      <NumberField label="Diameter, mm" bind:value={slip} />
      <NumberField label="Drain, µA" bind:value={wrong} />
      <NumberField label="From year" bind:value={year} whole error="A year from 1970 to 2026; 1885 is not." />
      <NumberField label="Paid" bind:number={paid} />
      <NumberField label="Board on, volts" value="4.92" size="text-xl" read={() => {}} />
    </div>
  </section>

  <section aria-labelledby="p-words">
    <h2 id="p-words" class="text-2xl font-bold">Words and choices</h2>
    <div class="mt-3 grid gap-5 sm:grid-cols-3">
      <TextField label="What you call it" bind:value={name} maxlength={80} />
      <TextField label="A note" bind:value={note} rows={2} hint="Two lines are enough." />
      <SuggestField label="Tray" bind:value={tray} suggestions={['A1', 'A2', 'B7']} mono maxlength={12} />
      <SelectField label="Kind" bind:value={kind} options={kindWords} />
      <SelectField label="Its minus points" bind:value={up} options={directionWords} error="The print says left." />
      <DayField label="Bought on" bind:value={day} />
      <Field label="Photo" hint="What has no part of its own stands in a plain field."
        >{#snippet children(f)}<input class="input py-2" type="file" accept="image/*" {...f} />{/snippet}</Field
      >
      <label class="flex min-h-11 items-center gap-3 self-start"
        ><CheckBox bind:checked={swollen} large />It is swollen</label
      >
      <Choice
        label="Goes in one way only"
        bind:value={keyed}
        options={[
          ['yes', 'Yes'],
          ['no', 'No, both'],
          ['notKnown', 'Not known'],
        ]}
      />
    </div>
    <div class="mt-5 grid gap-5 sm:grid-cols-2">
      <CheckGroup label="It" bind:value={signs} options={signWords} />
      <PickMany
        label="It sat behind"
        bind:value={behind}
        options={[
          ['a', '1 Side panel'],
          ['b', '2 Front panel'],
          ['c', '3 Drive cage'],
        ]}
      />
    </div>
    <Fold title="What is there for who wants it" class="mt-5"><p class="mt-1">Which goes where, and why.</p></Fold>
  </section>

  <section aria-labelledby="p-measure">
    <h2 id="p-measure" class="text-2xl font-bold">Measuring</h2>
    <div class="mt-3 grid gap-8 sm:grid-cols-2">
      <MeasureForm
        {form}
        onkeep={() => Promise.reject(new Problem(400, 'No', 'Ohms must be 0 or more.'))}
        ready={!!ohms.trim()}
      >
        <NumberField label="Ohms" bind:value={ohms} size="w-40 text-2xl" />
        {#snippet more()}<button type="button" class="btn">It reads open: no connection</button>{/snippet}
      </MeasureForm>
      <div class="grid content-start gap-4">
        <LimitBar label="+5 V reads 5.02 V, within its limits" value={5.02} low={4.75} high={5.25} />
        <LimitBar label="+12 V reads 11.21 V, below its limits" value={11.21} low={11.4} high={12.6} bad />
        <ProgressBar label="Sent" value={17} most={40} class="w-full" />
      </div>
    </div>
  </section>

  <section aria-labelledby="p-states">
    <h2 id="p-states" class="text-2xl font-bold">Marks, lists, photos</h2>
    <ul class="mt-3 flex flex-wrap gap-5">
      {#each marks as m (m)}<li class="flex items-center gap-2"><Mark of={m} hidden />{m}</li>{/each}
      <li class="flex items-center gap-2"><Key k="M" />a key</li>
    </ul>
    <div class="mt-4 grid gap-6 sm:grid-cols-2">
      <MarkedList items={rows} {chosen} empty="Nothing." onselect={(id) => (chosen = id)} />
      <MarkedPhoto
        src={board}
        alt="A board"
        marks={[
          { x: 0.3, y: 0.4, text: '1' },
          { x: 0.7, y: 0.6, text: '2', brass: true },
        ]}
      />
    </div>
    <div class="mt-6 overflow-x-auto"><Tideline {tides} name="Harbour till" /></div>
  </section>

  <section aria-labelledby="p-said">
    <h2 id="p-said" class="text-2xl font-bold">What Haar says</h2>
    <div class="mt-3 grid gap-6 sm:grid-cols-2">
      <Verdict
        heading={3}
        verdict={{
          question: 'Does C14 stay?',
          outcome: 'no',
          sentence: 'C14 comes out. It has lost 31 % of its capacitance and has an ESR of 8.6 Ω.',
          reasons: [
            {
              text: 'ESR is four times its limit.',
              figure: { name: 'ESR', value: 8.6, unit: 'Ω', limitLow: null, limitHigh: 2.1 },
              source: 'tan δ by rated volts',
            },
          ],
          wouldChange: ['A reading with one leg lifted.'],
          founded: 'measured',
          cautions: [],
          mayBeOverruled: true,
        }}
      />
      <div class="grid content-start gap-4">
        <CautionNote id="mainsSupply" />
        <ProblemNote
          problem={new Problem(412, 'Changed meanwhile', 'Somebody else has changed this since you opened it.')}
        />
        <Empty title="No board yet." about="A photo from straight above is a map."
          >{#snippet act()}<button class="btn" onclick={() => (sheet = 'form')}>Open a sheet</button>{/snippet}</Empty
        >
      </div>
      {#each states as [what, query] (what)}
        <div class="border border-sill px-4">
          <p class="pt-2 text-sm font-semibold text-soft">A screen when {what}</p>
          <Query {query} what="this example">{#snippet children(d: string)}<p class="py-4">{d}</p>{/snippet}</Query>
        </div>
      {/each}
    </div>
  </section>
</main>

<Sheet bind:current={sheet} name="form" title="A sheet over the bench" about="Escape closes it.">
  <TextField label="What you see" bind:value={note} />
</Sheet>

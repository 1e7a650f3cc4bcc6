<!-- @component One mechanism: its next step, what it was read to do, and what it may be trusted with. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Steps from '$lib/ui/Steps.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import MechanismForm from './MechanismForm.svelte';
  import { lubricantWords, mechanismWords } from './words';

  let { id, row, onadd }: { id: string; row: Schemas['MechanismRow']; onadd: () => void } = $props();
  const m = $derived(row.mechanism);
  const form = new Sending();
  let sheet = $state<'step' | 'again' | 'change' | ''>('');
  let value = $state('');
  let good = $state<'yes' | 'no'>('no');
  let worthless = $state<'yes' | 'no'>('no');
  let lubricant = $state<Schemas['LubricantKind']>('notKnown');
  let from = $state<NonNullable<Schemas['MechanismStep']>>('heads');
  const next = $derived(m.next ?? null);
  const path = $derived({ params: { path: { id, mechanismId: m.id } } });
  const drive = $derived(['floppyDrive', 'hardDrive', 'opticalDrive', 'tapeDrive'].includes(m.kind));
  const units: Partial<Record<NonNullable<Schemas['MechanismStep']>, string>> = {
    belt: 'mm',
    speed: 'a minute',
    noise: 'dB',
    temperature: '°C',
    firstRun: 'errors',
  };
  /** What is asked before a step can be true; the others are one press. */
  const asks: Partial<Record<NonNullable<Schemas['MechanismStep']>, string>> = {
    copyFirst: 'Is it copied off?',
    belt: 'How long is the belt’s path?',
    rails: 'What was it lubricated with?',
    turnByHand: 'Does it turn freely?',
    speed: 'How fast does it turn?',
    firstRun: 'What went in first?',
    real: 'Was it read without an error?',
    noise: 'How loud is it?',
    temperature: 'How warm does it get?',
  };
  const take = (more: Partial<Schemas['MechanismStepAsk']> = {}) =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/mechanisms/{mechanismId}/step', {
          ...path,
          body: { step: next!, worthless: 'notKnown', good: 'notKnown', with: 'notKnown', note: '', ...more },
        }),
      );
      sheet = '';
      value = '';
      good = worthless = 'no';
      lubricant = 'notKnown';
    });
  const answer = () => take({ value: number(value, 'the reading'), good, worthless, with: lubricant });
  const say = (kind: Schemas['MechanismKind']) =>
    form.send(() =>
      act(
        api.PUT('/api/machines/{id}/mechanisms/{rowId}', {
          params: { path: { id, rowId: m.id } },
          headers: basedOn(m.version),
          body: {
            name: m.name,
            kind,
            nominalRpm: m.nominalRpm,
            hasBelt: m.hasBelt,
            rails: m.rails,
            holdsData: m.holdsData,
            noiseBefore: m.noiseBefore,
            celsiusBefore: m.celsiusBefore,
            fromId: null,
          },
        }),
      ),
    );
  const again = () =>
    form.send(async () => {
      await act(api.POST('/api/machines/{id}/mechanisms/{mechanismId}/again', { ...path, body: { from } }));
      sheet = '';
    });
  function show(what: typeof sheet) {
    form.forget();
    sheet = what;
  }
  function doNext() {
    if (!next) onadd();
    else if (m.kind === 'notKnown' && next !== 'photograph' && next !== 'copyFirst') show('change');
    else if (next === 'rails' && m.rails === 'notKnown') show('change');
    else if (asks[next]) show('step');
    else void take();
  }
  const done = $derived(row.steps.filter((s) => s.at));
  useKeys([
    { key: 'Enter', words: 'Do what is next', run: doNext },
    { key: 'e', words: 'Change this mechanism', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{m.name}</p>
<Verdict verdict={row.verdict} big heading={1} words={{ yes: 'Serviced', yesIf: 'To be done' }}>
  <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
    {#if m.nominalRpm}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">its speed, turns a minute</dt>
        <dd class="reading text-2xl">{plain(m.nominalRpm)}</dd>
      </div>{/if}
    {#if row.belt}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">a new belt, round the inside</dt>
        <dd class="reading text-2xl">{Math.round(row.belt.insideMillimetres)} mm</dd>
      </div>{/if}
    {#if m.noiseBefore}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">noise before</dt>
        <dd class="reading text-2xl">{plain(m.noiseBefore)} dB</dd>
      </div>{/if}
  </dl>
</Verdict>
{#if m.kind === 'notKnown'}<div class="mt-3 flex flex-wrap gap-2" role="group" aria-label="What is it?">
    {#each Object.entries(mechanismWords) as [k, word] (k)}
      {#if k !== 'notKnown'}<button class="btn" disabled={form.busy} onclick={() => say(k as Schemas['MechanismKind'])}
          >{word}</button
        >{/if}
    {/each}
  </div>{/if}
<Steps steps={row.steps} {next}>
  {#snippet beside(s)}{@const v = row.steps.find((x) => x.step === s.step)?.value}{v == null
      ? ''
      : `${plain(v)} ${units[s.step!] ?? ''}`}{/snippet}
</Steps>
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}
    <button class="btn-next" disabled={form.busy} onclick={doNext}
      >{!m.next
        ? 'Put something on the list'
        : m.next === 'rails' && m.rails === 'notKnown'
          ? 'Say what slides on what'
          : capital((row.steps.find((s) => s.step === m.next)?.words ?? '').split(/[:;,]/)[0]!)}</button
    >
  {/snippet}
  {#snippet acts()}
    {#if done.length}<button
        class="act"
        onclick={() => {
          from = done.at(-1)!.step!;
          show('again');
        }}>Once more from …</button
      >{/if}
    {#if next}<Otherwise
        name={m.name}
        left="a copy of what is on it, its readings, and a run with something worthless"
        ondo={(body) => act(api.POST('/api/machines/{id}/mechanisms/{mechanismId}/otherwise', { ...path, body }))}
      />{/if}
    <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet bind:current={sheet} name="step" title={next ? (asks[next] ?? '') : ''} about={m.name}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void answer();
    }}
  >
    <ProblemNote problem={form.problem} />
    {#if next === 'belt'}
      <NumberField
        label="Path, mm"
        hint="By a thread laid round it."
        error={form.field('value')}
        bind:value
        size="text-2xl"
      />
    {:else if next === 'rails'}
      <p>{row.lubricant.verdict.sentence}</p>
      <SelectField label="Lubricated with" error={form.field('with')} bind:value={lubricant} options={lubricantWords} />
    {:else if next === 'speed'}
      <NumberField
        label="Turns a minute"
        error={form.field('value')}
        bind:value
        size="text-2xl"
        least={1}
        most={20000}
      />
    {:else if next === 'noise'}
      <NumberField label="Noise, dB" error={form.field('value')} bind:value size="text-2xl" least={20} most={90} />
    {:else if next === 'temperature'}
      <NumberField label="Temperature, °C" error={form.field('value')} bind:value size="text-2xl" />
    {:else if next === 'firstRun'}
      <Choice
        label="Was it worth nothing to anybody?"
        bind:value={worthless}
        options={{ yes: 'Yes, worthless', no: 'No' }}
      />
      {#if drive}<NumberField
          label="Errors read"
          whole
          error={form.field('value')}
          bind:value
          size="text-2xl"
          least={0}
          most={10000}
        />{/if}
      <Choice
        label={drive ? 'Looked at afterwards: no ring on it?' : 'Looked at afterwards: no crease on it?'}
        bind:value={good}
        options={{ yes: 'None', no: 'There is' }}
      />
    {:else}
      <Choice
        label={next === 'copyFirst'
          ? 'Copied off, and the copy read back?'
          : next === 'turnByHand'
            ? 'Once through, without force?'
            : 'All of it, read only?'}
        bind:value={good}
        options={{ yes: 'Yes', no: 'No' }}
      />
    {/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="again" title="Once more, from which step?" about={m.name}>
  <div class="grid max-w-md gap-4">
    <ProblemNote problem={form.problem} />
    <SelectField label="From" bind:value={from} options={done.map((s) => [s.step!, capital(s.words)] as const)} />
    <button class="btn-next justify-self-start" disabled={form.busy} onclick={again}>Go back to it</button>
  </div>
</Sheet>
<Sheet bind:current={sheet} name="change" title={m.name}
  ><MechanismForm
    {id}
    {row}
    ondone={() => {
      sheet = '';
    }}
  /></Sheet
>

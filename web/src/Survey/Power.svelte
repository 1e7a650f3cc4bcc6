<script lang="ts">
  import MeasureForm from '$lib/ui/MeasureForm.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { minutes, moment, number, plain, si } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import { session } from '$lib/session.svelte';
  import { leftOffWords, observationWords, ranWords } from '$lib/words';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Field from '$lib/ui/Field.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import LimitBar from '$lib/ui/LimitBar.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import PowerList from './PowerList.svelte';
  import Rails from './Rails.svelte';
  import TestInPieces from './TestInPieces.svelte';
  import { go } from '../router';
  import { readMeter } from '../Meters/read';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type View = Schemas['PowerStepView'];
  type Rail = Schemas['RailResult'];
  const query = createQuery(() => ({
    queryKey: ['power', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/power', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let shown = $state<Schemas['PowerStepKind']>();
  let sheet = $state<'read' | 'fail' | 'overrule' | 'rails' | 'pieces' | 'ran' | ''>('');
  let rail = $state('');
  let value = $state('');
  let ripple = $state('');
  let rippleBy = $state<Schemas['Instrument']>('notKnown');
  let because = $state('');
  let trained = $state(false);
  let notes = $state({ load: '', seen: '', heard: '', smelled: '', said: '' });

  const data = $derived(query.data);
  const view = $derived<View | undefined>(
    query.data?.steps.find((s) => s.plan.kind === (shown ?? query.data?.next)) ?? query.data?.steps.at(-1),
  );
  const kind = $derived(view?.plan.kind);
  const stepState = $derived(view?.lapsed ? 'notYet' : (view?.step?.state ?? 'notYet'));
  const isNext = $derived(view?.plan.kind === query.data?.next);
  // Whether it may be taken is the core's to say, here as when it is pressed.
  const blocked = $derived((isNext || data?.next == null) && view?.may.granted === false);
  const untrusted = $derived(
    blocked &&
      data?.next !== 'shorts' &&
      data?.next !== 'supplyLook' &&
      data?.next !== 'supplyLoaded' &&
      (data?.supply.trust === 'none' || data?.supply.trust === 'idle'),
  );
  // A machine with a tube is its own load, and is read at its plug.
  const closed = $derived(kind === 'supplyLoaded' && view?.plan.mustRead === false);
  // What is known to be wrong goes before what is not known.
  const first = $derived(
    data?.before.find((b) => b.permit.verdict.outcome === 'no') ??
      data?.before.find((b) => b.screen) ??
      data?.before[0],
  );
  const mustConfirm = $derived((view?.plan.cautions ?? []).some((c) => session.caution(c)?.stopsUntilConfirmed));
  const unread = $derived(
    (view?.rails?.rails ?? []).find((r) => (kind === 'shorts' ? r.ohmsToGround == null : r.volts == null)),
  );
  const noRipple = $derived(
    kind === 'supplyLoaded' &&
      (view?.rails?.rails ?? []).some((r) => r.rippleMillivolts == null) &&
      data?.supply.trust !== 'none',
  );
  const path = $derived({ params: { path: { id, kind: kind ?? 'shorts' } } });
  // The verdict of the whole, the step's own once it has readings, or what it came to.
  const sentence = $derived(
    blocked
      ? untrusted
        ? data!.supply.verdict.sentence
        : data!.verdict.sentence
      : stepState === 'failed' || stepState === 'overruled'
        ? view!.step!.sentence
        : view?.rails && view.rails.verdict.outcome !== 'unknown' && stepState === 'notYet'
          ? view.rails.verdict.sentence
          : stepState === 'passed'
            ? view!.step!.sentence
            : (view?.plan.title ?? ''),
  );
  const stop = $derived(
    blocked || stepState === 'failed' || (stepState === 'notYet' && view?.rails?.verdict.outcome === 'no'),
  );
  const points = $derived(
    view?.rails?.verdict.outcome === 'no'
      ? view.rails.verdict.reasons
          .filter((r) => !r.figure)
          .map((r) => r.text)
          .join(' ')
      : '',
  );

  function edit(r?: Rail) {
    rail = r?.name ?? unread?.name ?? view?.rails?.rails[0]?.name ?? '';
    value = '';
    ripple = '';
    form.forget();
    sheet = 'read';
  }
  const put = (
    quantity: Schemas['Quantity'],
    v: number,
    source: string,
    instrument: Schemas['Instrument'] = 'notKnown',
  ) =>
    act(
      api.POST('/api/machines/{id}/power/{kind}/readings', {
        ...path,
        body: { rail, quantity, value: v, source, instrument },
      }),
      true,
    );
  async function typedReading() {
    if (kind === 'shorts') {
      const ohms = number(value, 'the resistance');
      if (ohms == null) throw new Error('Type the ohms that you read.');
      await put('ohms', ohms, 'typed');
    } else {
      const volts = number(value, 'the volts');
      const mv = number(ripple, 'the ripple');
      if (volts == null && mv == null) throw new Error('Type the volts, or the ripple.');
      if (volts != null) await put('volts', volts, 'typed');
      if (mv != null) await put('rippleVolts', mv / 1000, 'typed', rippleBy);
    }
    const left = (query.data?.steps.find((s) => s.plan.kind === kind)?.rails?.rails ?? []).find(
      (r) => r.name !== rail && (kind === 'shorts' ? r.ohmsToGround == null : r.volts == null),
    );
    if (left) edit(left);
    else sheet = '';
  }
  async function pull(r?: Rail) {
    const target = r ?? unread ?? view?.rails?.rails[0];
    if (!target) return;
    rail = target.name;
    if (kind === 'shorts') {
      const m = await readMeter('ohms', rail);
      await put('ohms', m.value ?? 1e9, m.identification);
    } else {
      const v = await readMeter('volts', rail);
      if (v.value == null)
        throw new Error('The meter reads off its scale: choose a higher range, or check the probes.');
      await put('volts', v.value, v.identification);
      const a = await readMeter('rippleVolts', rail);
      if (a.value != null) await put('rippleVolts', a.value, a.identification, 'multimeter');
    }
  }
  const close = (failedBecause: string | null = null) =>
    act(
      api.POST('/api/machines/{id}/power/{kind}/close', {
        ...path,
        body: { notes: $state.snapshot(notes), confirmedCautions: trained || !mustConfirm, failedBecause },
      }),
    );
  async function through() {
    await close();
    shown = undefined;
    notes = { load: '', seen: '', heard: '', smelled: '', said: '' };
  }
  async function fail() {
    await close(because);
    sheet = '';
  }
  async function again() {
    shown = kind;
    await act(api.POST('/api/machines/{id}/power/{kind}/again', path));
  }
  let observed = $state<Schemas['ObservationKind']>('beep');
  let observedText = $state('');
  async function observe() {
    const kb =
      observed === 'memoryCount' ? Math.round(number(observedText.replace(/\s*k?b?$/i, ''), 'the count') ?? 0) : null;
    await act(
      api.POST('/api/machines/{id}/observations', {
        params: { path: { id } },
        body: { kind: observed, text: kb == null ? observedText : `${kb} KB`, kilobytes: kb, during: kind ?? null },
      }),
    );
    observedText = '';
  }
  const onLoad = $derived(query.data?.steps.find((s) => s.plan.kind === 'supplyLoaded')?.step?.onLoadSince);
  const soak = $derived(
    onLoad ? minutes(Math.max(0, Math.floor((now.value - new Date(onLoad).getTime()) / 60_000))) : '',
  );
  const canPull = $derived(!!view?.rails && !blocked && (isNext || stepState !== 'notYet'));
  const rituals: Record<Schemas['PowerRitual'], string> = {
    fromNothing: 'From nothing: supply, board, then one thing more at a time.',
    asItRan: 'It ran whole for somebody: its supply is measured, then it is switched on as it is.',
    runsHere: 'It runs here: it is looked at, then switched on as it is.',
  };
  let ran = $state<Schemas['LastRan']>('notKnown');
  let ranWord = $state('');
  const sayRan = () =>
    form.send(async () => {
      await act(api.POST('/api/machines/{id}/power/ran', { params: { path: { id } }, body: { ran, word: ranWord } }));
      sheet = '';
      shown = undefined;
    });
  function askRan(to: Schemas['LastRan']) {
    ran = to;
    ranWord = to === data?.ran ? (data?.ranWord ?? '') : '';
    form.forget();
    if (to === 'never') void sayRan();
    else sheet = 'ran';
  }
  useKeys([
    { key: 'm', words: 'Read the next rail from the meter', run: () => canPull && void form.send(() => pull()) },
    { key: 'r', words: 'Type a reading', run: () => canPull && edit() },
  ]);
  // Volts hold on a load, and only ripple is wanting: what somebody with a multimeter can come to.
  const multimeterOnly = $derived(untrusted && data?.supply.onlyRippleMissing === true);
  const small = (r: Rail) =>
    kind === 'shorts'
      ? r.ohmsToGround == null
        ? null
        : si(r.ohmsToGround, 'Ω')
      : r.volts == null
        ? null
        : ([r.volts.toFixed(2).replace('-', '−'), 'V'] as [string, string]);
</script>

{#snippet list(d: Schemas['PowerScreen'])}
  <PowerList
    {id}
    list={d.list}
    leftBehind={d.leftBehind}
    onpieces={() => (sheet = 'pieces')}
    onrails={() => (sheet = 'rails')}
  />
{/snippet}

<svelte:head><title>First power · {head.machine.name}</title></svelte:head>

<Query {query} what="first power">
  {#snippet children(data)}
    <div class="grid gap-x-7 gap-y-5 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <div class="max-lg:order-last">
        <section class="mb-3" aria-label="How it came">
          <Choice label="Has it been seen running?" options={ranWords} bind:value={() => data.ran, askRan} />
          {#if data.ran === 'forSomebody' || data.ran === 'here'}<p class="mt-1 text-sm text-soft">
              {data.ranWord}{#if data.ritual === 'fromNothing'}. <strong class="text-brass-ink"
                  >Something has changed since: it is begun from nothing.</strong
                >{/if}
            </p>{/if}
          <p class="mt-1 text-sm">
            {data.ritual === 'fromNothing' && !data.steps.some((s) => s.plan.kind === 'bareBoard')
              ? 'From nothing, covers on: measured at its plug, then switched on from outside.'
              : rituals[data.ritual]}
          </p>
        </section>
        <ol aria-label="Steps of first power">
          {#each data.steps as s, i (s.plan.kind)}
            {@const st = s.lapsed ? 'notYet' : (s.step?.state ?? 'notYet')}
            <li class="border-t border-sill">
              <button
                class="flex w-full items-start gap-4 py-2.5 text-left hover:bg-rock/60"
                aria-current={s.plan.kind === kind ? 'step' : undefined}
                onclick={() => (shown = s.plan.kind)}
              >
                <span
                  class="grid size-7 shrink-0 place-items-center text-sm font-bold {st === 'passed'
                    ? 'rounded-full bg-verdigris text-paper'
                    : st === 'failed'
                      ? 'rounded-[4px] bg-oxide text-paper'
                      : st === 'overruled'
                        ? 'rounded-full border-2 border-brass-ink text-brass-ink'
                        : 'rounded-full border-2 border-sill text-soft'}"
                  aria-hidden="true"
                  >{st === 'passed' ? '✓' : st === 'failed' ? '×' : st === 'overruled' ? '!' : i + 1}</span
                >
                <span class="min-w-0">
                  <span
                    class="block leading-snug {st !== 'notYet' || s.plan.kind === data.next
                      ? 'font-bold'
                      : 'text-soft'} {s.plan.kind === kind ? 'underline decoration-2 underline-offset-4' : ''}"
                    >{s.plan.title}</span
                  >
                  <span class="sr-only"
                    >{st === 'passed'
                      ? 'through'
                      : st === 'failed'
                        ? 'stopped'
                        : st === 'overruled'
                          ? 'overruled'
                          : 'not yet'}</span
                  >
                  <span class="block text-sm text-soft"
                    >{s.lapsed
                      ? s.since
                        ? `Once more. Since then: ${s.since}`
                        : 'Was through, and something has changed since: once more'
                      : st === 'notYet'
                        ? ''
                        : [s.step?.load, s.step?.sentence].filter(Boolean).join('. ')}</span
                  >
                </span>
              </button>
            </li>
          {/each}
        </ol>
      </div>

      <div class="min-w-0">
        {#if data.inPieces}<p class="mb-3 flex flex-wrap items-baseline gap-x-4 font-semibold text-brass-ink">
            <span
              >A test in pieces: {plain(data.inPieces.minutes)} minutes{data.inPieces.missing.length
                ? `, without ${data.inPieces.missing.map((m) => leftOffWords[m].toLowerCase()).join(' and ')}`
                : ''}. A hand on the switch.</span
            ><button
              class="act"
              disabled={form.busy}
              onclick={() =>
                void form.send(() =>
                  act(api.DELETE('/api/machines/{id}/power/in-pieces', { params: { path: { id } } })),
                )}>It is over</button
            >
          </p>{/if}
        <h1 class="text-title leading-tight font-bold text-pretty {stop ? 'text-oxide' : ''}">{sentence}</h1>
        {#if points}<p class="mt-1.5 max-w-read">
            {[
              points,
              data.supplyInside
                ? 'It is a mains part: Haar stops here. Fit a tested supply, or hand this one to somebody trained to open it.'
                : '',
            ].join(' ')}
          </p>{/if}
        {#if blocked}
          {#if untrusted || data.answeredOn || !(data.before.length || data.leftBehind.length)}
            <ul class="mt-2 grid gap-1">
              {#each untrusted && !data.answeredOn ? data.supply.verdict.reasons : data.verdict.reasons as r (r.text)}<li
                >
                  {r.text}
                </li>{/each}
            </ul>
          {/if}
          {@render list(data)}
          <div class="mt-3 grid max-w-read gap-2">
            {#each data.verdict.cautions as c (c)}<CautionNote id={c} />{/each}
          </div>
        {:else if view}
          {#if !stop && stepState === 'notYet'}<p class="mt-1.5 max-w-read">{view.plan.how}</p>
            <p class="mt-1 max-w-read"><span class="text-soft">Right is:</span> {view.plan.expected}</p>{/if}
          {#if (kind === 'supplyLoaded' || kind === 'bareBoard') && !stop && !closed}
            <p class="mt-2 max-w-read">
              <span
                class="font-semibold {data.supply.trust === 'none' || data.supply.trust === 'idle'
                  ? 'text-oxide'
                  : 'text-verdigris'}">{data.supply.verdict.sentence}</span
              >{#if soak && data.supply.trust !== 'soakedAnHour'}&nbsp;<span class="text-tide"
                  >On its load for {soak}; at an hour, read every rail once more.</span
                >{/if}{#if noRipple && !unread}&nbsp;<span class="text-soft"
                  >Ripple is read with an oscilloscope; without one, close this step and decide.</span
                >{/if}
            </p>
          {/if}
          <div class="mt-3"><ProblemNote problem={sheet ? undefined : form.problem} /></div>
          {#if view.plan.cautions.length && stepState === 'notYet' && isNext}
            <div class="mt-3 grid max-w-read gap-2">
              {#each view.plan.cautions as c (c)}<CautionNote id={c} />{/each}
            </div>
            {#if mustConfirm}<label class="mt-3 flex min-h-11 items-center gap-3 font-semibold"
                ><CheckBox bind:checked={trained} large />I am trained for this, and the covers stay on.</label
              >{/if}
          {/if}
          {#if closed && stepState === 'notYet' && isNext}
            <p class="mt-3 flex flex-wrap items-center gap-x-4 gap-y-2">
              <button
                type="button"
                class="btn"
                disabled={form.busy || (mustConfirm && !trained)}
                onclick={() =>
                  void form.send(() =>
                    act(
                      api.POST('/api/machines/{id}/power/load', {
                        params: { path: { id } },
                        body: { load: 'the machine itself', minutesAgo: 0 },
                      }),
                    ),
                  )}>{view.step?.onLoadSince ? 'Switched on again: count anew' : 'It is switched on now'}</button
              >
              {#if soak}<span class="reading text-tide">on for {soak}; ten minutes</span>{/if}
            </p>
          {:else if view.plan.kind === 'supplyLoaded' && stepState === 'notYet' && isNext}
            <div class="mt-3 grid items-end gap-2 max-w-read sm:grid-cols-[1fr_auto]">
              <Field
                label="The load"
                hint="Such as 2.0 A on +5, 1.0 A on +12. Without one, the supply earns no trust."
                error={form.field('load')}
                >{#snippet children(f)}<input
                    class="input"
                    maxlength={200}
                    value={notes.load || (view.step?.load ?? '')}
                    oninput={(e) => (notes.load = e.currentTarget.value)}
                    {...f}
                  />{/snippet}</Field
              >
              <button
                type="button"
                class="btn sm:mb-6"
                disabled={form.busy}
                onclick={() =>
                  void form.send(() =>
                    act(
                      api.POST('/api/machines/{id}/power/load', {
                        params: { path: { id } },
                        body: { load: notes.load || (view.step?.load ?? ''), minutesAgo: 0 },
                      }),
                    ),
                  )}>{view.step?.onLoadSince ? 'Load changed: start anew' : 'The load is on'}</button
              >
            </div>
          {/if}
          {#if view.rails}
            <ul class="mt-4 border-t border-sill" aria-label="Rails">
              {#each view.rails.rails as r (r.name)}
                {@const bad = r.outcome === 'no'}
                {@const shownValue = small(r)}
                <li
                  class="grid grid-cols-[5.500rem_1fr] items-center gap-x-4 border-b border-sill py-1.5 sm:grid-cols-[6.5rem_9.500rem_minmax(6rem,1fr)_12rem]"
                >
                  <span class="reading text-lg">{r.name}</span>
                  <span class="reading text-saying leading-none whitespace-nowrap {bad ? 'text-oxide' : ''}"
                    >{#if shownValue}{shownValue[0]}
                      <span class="text-lg font-normal">{shownValue[1]}</span>{:else}<button
                        class="btn font-sans text-base"
                        onclick={() => edit(r)}
                        disabled={!canPull}>Read it</button
                      >{/if}</span
                  >
                  {#if kind !== 'shorts'}<span class="max-sm:col-span-2 max-sm:py-1"
                      ><LimitBar
                        value={r.volts}
                        low={r.leastVolts}
                        high={r.mostVolts}
                        bad={bad && r.volts != null && (r.volts < r.leastVolts || r.volts > r.mostVolts)}
                        label="{r.name}: {r.sentence}; limits {plain(r.leastVolts)} to {plain(r.mostVolts)} V"
                      /></span
                    >{:else}<span class="max-sm:hidden"></span>{/if}
                  <span class="text-sm font-semibold max-sm:col-span-2 sm:text-right {bad ? 'text-oxide' : 'text-soft'}"
                    >{r.sentence}{#if bad && r.rippleMillivolts != null && r.rippleMillivolts > r.mostRippleMillivolts},
                      limit {r.mostRippleMillivolts}{/if}</span
                  >
                </li>
              {/each}
            </ul>
            {#if view.earlier.length}<p class="mt-2 text-sm text-soft">
                Kept from before: {view.earlier
                  .map(
                    (e) =>
                      `${e.channel} ${e.quantity === 'rippleVolts' ? `${plain(e.value * 1000)} mV` : si(e.value, e.quantity === 'ohms' ? 'Ω' : 'V').join(' ')} (${moment(e.at)})`,
                  )
                  .join('; ')}.
              </p>{/if}
          {/if}
          {#if stepState === 'notYet' && isNext}
            <div class="mt-5 grid max-w-read gap-4 sm:grid-cols-2">
              {#if view.plan.kind !== 'shorts'}
                <TextField label="Seen" error={form.field('notes.seen')} bind:value={notes.seen} maxlength={500} />
                <TextField label="Heard" bind:value={notes.heard} maxlength={500} />
                <TextField label="Smelled" bind:value={notes.smelled} maxlength={500} />
                <TextField
                  label={view.plan.kind === 'whatItSaid' ? 'What it said, beeped and counted' : 'Read on its screen'}
                  error={form.field('notes.said')}
                  bind:value={notes.said}
                  maxlength={500}
                />
              {/if}
            </div>
          {:else if view.step}
            <dl class="mt-4 grid gap-x-6 gap-y-1 sm:grid-cols-[7rem_1fr]">
              {#each [['Load', view.step.load], ['Seen', view.step.seen], ['Heard', view.step.heard], ['Smelled', view.step.smelled], ['It said', view.step.said]] as [w, t] (w)}{#if t}<dt
                    class="text-soft"
                  >
                    {w}
                  </dt>
                  <dd>{t}</dd>{/if}{/each}
            </dl>
          {/if}
          {@render list(data)}
        {/if}
      </div>
    </div>

    {#if data.observations.length || kind === 'whatItSaid' || kind === 'bareBoard' || kind === 'oneMemory'}
      <section class="mt-6 max-w-[56rem] lg:ml-[21.75rem]" aria-label="What it said">
        <h2 class="text-sm font-semibold text-soft">What it said, beeped and counted</h2>
        <ul class="mt-1 border-t border-sill">
          {#each data.observations as o (o.id)}
            <li class="grid grid-cols-[6.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-sill py-1.5">
              <span class="text-sm text-soft">{observationWords[o.kind]}</span><span class="reading">{o.text}</span
              ><button
                class="act min-h-8 text-sm"
                aria-label="Strike: {o.text}"
                onclick={() =>
                  void form.send(() =>
                    act(
                      api.DELETE('/api/machines/{id}/observations/{observationId}', {
                        params: { path: { id, observationId: o.id } },
                      }),
                    ),
                  )}>Strike</button
              >
            </li>
          {/each}
        </ul>
        <form
          class="mt-2 grid items-end gap-2 sm:grid-cols-[10rem_minmax(0,1fr)_auto]"
          onsubmit={(e) => {
            e.preventDefault();
            void form.send(observe);
          }}
        >
          <SelectField label="It" bind:value={observed} options={observationWords} />
          <TextField
            label={observed === 'memoryCount' ? 'Kilobytes' : 'As it was'}
            error={form.field('text') ?? form.field('kilobytes')}
            bind:value={observedText}
            mono
            autocomplete="off"
            maxlength={200}
          />
          <button class="btn" disabled={form.busy || !observedText.trim()}>Write it down</button>
        </form>
      </section>
    {/if}

    <BenchEdge>
      {#snippet next()}
        {#if blocked && untrusted}<button
            class="btn-next"
            onclick={() =>
              void form.send(async () => {
                await act(
                  api.POST('/api/machines/{id}/power/{kind}/again', { params: { path: { id, kind: 'supplyLoaded' } } }),
                );
                shown = 'supplyLoaded';
              })}>Read it on a load</button
          >
        {:else if blocked && first && !data.answeredOn}<a class="btn-next" href="/m/{id}/{first.screen || 'survey'}"
            >{first.permit.verdict.outcome === 'no' ? 'Put it right first' : 'Look first'}</a
          >
        {:else if blocked}<button
            class="btn-next"
            onclick={() =>
              go(`/m/${id}/${!data.answeredOn || data.answeredOn === 'power' ? 'survey' : data.answeredOn}`)}
            >{data.answeredOn === 'battery' ? 'To the battery' : 'What is found'}</button
          >
        {:else if stepState === 'failed'}<button
            class="btn-next"
            onclick={() => void form.send(again)}
            disabled={form.busy}>Read it again</button
          >
        {:else if data.next == null}<button class="btn-next" onclick={() => go(`/m/${id}`)}>On to what is next</button>
        {:else if !isNext}<button class="btn-next" onclick={() => (shown = undefined)}>To the next step</button>
        {:else if unread}<button class="btn-next" disabled={form.busy} onclick={() => edit(unread)}
            >Type {unread.name}&nbsp;<Key k="R" /></button
          >
        {:else if view?.rails?.verdict.outcome === 'no'}<button
            class="btn-next"
            disabled={form.busy || (mustConfirm && !trained)}
            onclick={() => void form.send(through)}>Stop here, and keep the readings</button
          >
        {:else}<button
            class="btn-next"
            disabled={form.busy || (mustConfirm && !trained)}
            onclick={() => void form.send(through)}>This step is through</button
          >{/if}
      {/snippet}
      {#snippet needs()}{#if mustConfirm && !trained && isNext && !blocked && !unread}Confirm above that you are trained
          for this.{:else if stepState === 'failed'}Fit a tested supply, or hand it to a trained person.{:else if isNext && !blocked && unread}{data.rails.some(
            (r) => r.name === unread?.name,
          )
            ? `Probes on ${unread.name} and ground.`
            : 'Plug out of the wall, its switch on.'}{/if}{/snippet}
      {#snippet acts()}
        {#if canPull && unread}<button class="act" disabled={form.busy} onclick={() => void form.send(() => pull())}
            >{form.busy ? `Reading ${rail} …` : `Read ${unread.name} from the meter`} <Key k="M" /></button
          >
        {:else if canPull}<button class="act" onclick={() => edit()}>Type a reading <Key k="R" /></button>{/if}
        {#if view?.plan.reads}<button class="act" onclick={() => (sheet = 'rails')}>Its rails</button>{/if}
        {#if isNext && !blocked && stepState === 'notYet'}<button
            class="act"
            onclick={() => {
              because = '';
              sheet = 'fail';
            }}>Something is wrong</button
          >{/if}
        {#if stepState === 'failed' || (blocked && untrusted)}<button class="act" onclick={() => (sheet = 'overrule')}
            >{multimeterOnly ? 'No oscilloscope here' : 'Overrule'}</button
          >{/if}
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet bind:current={sheet} name="read" title="{rail}: what do you read?">
  <MeasureForm {form} onkeep={typedReading} keep="Keep this reading">
    <SelectField
      label="Rail"
      bind:value={rail}
      options={(view?.rails?.rails ?? []).map((r) => [r.name, r.name] as const)}
      mono
    />
    {#if kind === 'shorts'}
      <NumberField label="Ohms to ground, plug out" error={form.field('value')} bind:value size="text-2xl" required />
    {:else}
      <NumberField label="Volts" error={form.field('value')} bind:value size="text-2xl" inputmode="text" />
      <NumberField label="Ripple, millivolts peak to peak" bind:value={ripple} size="text-2xl" />
      {#if ripple.trim()}<SelectField
          label="Read with"
          bind:value={rippleBy}
          options={[
            ['notKnown', 'Say with what'],
            ['oscilloscope', 'an oscilloscope, 20 MHz'],
            ['multimeter', 'a multimeter, AC millivolts'],
          ]}
        />
        {#if rippleBy !== 'oscilloscope'}<p class="text-sm text-soft">
            A multimeter finds a bad supply, and clears none: it does not see what is fast.
          </p>{/if}{/if}
    {/if}
  </MeasureForm>
</Sheet>
<Sheet
  bind:current={sheet}
  name="pieces"
  title="A test in pieces"
  about="Look at each before you answer. It counts for the pieces that are out now, and for twelve hours."
  ><TestInPieces {id} supplyInside={!!data?.supplyInside} ondone={() => (sheet = '')} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="rails"
  title="The rails of its supply"
  about="As printed on the supply, or as its plug has them. Take out what this machine does not have."
  ><Rails {id} rails={data?.rails ?? []} version={data?.machineVersion ?? 0} ondone={() => (sheet = '')} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="ran"
  title={ran === 'here' ? 'It runs here' : 'It ran for somebody'}
  about={ran === 'here'
    ? 'Counts while nothing is found, taken out or soldered: then it is begun from nothing.'
    : 'A word spares the bare board, and no measurement.'}
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void sayRan();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label={ran === 'here' ? 'What did you see, and for how long?' : 'Whose word is it?'}
      error={form.field('word')}
      bind:value={ranWord}
      maxlength={200}
      required
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="fail"
  title="What is wrong?"
  about="Everything after this step stops until it is read again or overruled."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(fail);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="What you saw, heard or smelled" bind:value={because} rows={3} required maxlength={300} />
    {#if mustConfirm}<label class="flex min-h-11 items-center gap-3 font-semibold"
        ><CheckBox bind:checked={trained} large />I am trained for this, and the covers stay on.</label
      >{/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Stop here</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="overrule"
  title="Go on all the same?"
  about={(untrusted ? query.data?.supply.verdict.sentence : view?.step?.sentence) ?? ''}
>
  {#if multimeterOnly}<p class="mb-3 max-w-read">
      A multimeter clears no ripple. Whoever goes on without it leaves the supply on its load for an hour, reads every
      volt once more, feeds the board with the least that can be lost, and takes the plug out at the first hum, smell or
      reset. The record says that its ripple is not known.
    </p>{/if}
  <OverruleForm
    proposed={multimeterOnly ? 'No oscilloscope here: every volt holds on its load, its ripple is not known.' : ''}
    ondo={async (reason) => {
      await act(
        api.POST('/api/machines/{id}/power/{kind}/overrule', {
          params: { path: { id, kind: untrusted ? 'supplyLoaded' : (kind ?? 'shorts') } },
          body: { reason },
        }),
      );
      sheet = '';
      shown = undefined;
    }}
  />
</Sheet>

<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { day, number, plain, years } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import MoneyLine from '../Costs/MoneyLine.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import OnePhoto from '../Photos/OnePhoto.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import Charging from './Charging.svelte';
  import Compare from './Compare.svelte';
  import Pack from './Pack.svelte';
  import VoltsWindow from './VoltsWindow.svelte';
  import {
    chemistryWords,
    keepsWords,
    threeStateWords,
    reactionWords,
    restorationPolicyWords,
    threeWords,
  } from '$lib/words';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type Option = Schemas['ReplacementOption'];
  const query = createQuery(() => ({
    queryKey: ['battery', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/battery', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let picked = $state<Schemas['ReplacementKind']>();
  let editing = $state(false);
  let site = $state<Schemas['CellSite']>(null!);
  let place = $state('');
  let version = 0;
  let numbers = $state({
    nominalVolts: '',
    chargeVolts: '',
    chargeMilliamps: '',
    windowLowVolts: '',
    windowHighVolts: '',
    drainMicroamps: '',
    holdMicrofarads: '',
  });
  let sheet = $state<'charging' | 'pack' | 'compare' | ''>('');
  let print = $state('');
  let said = $state('');
  /** What the print says goes into the fields, where it can be put right before it is saved. */
  const read = () =>
    form.send(async () => {
      const r = await ask(api.POST('/api/calc/batteries/print', { body: { print } }));
      said = r.verdict.sentence;
      if (r.chemistry !== 'unknown') site.chemistry = r.chemistry;
      if (r.nominalVolts != null) numbers.nominalVolts = plain(r.nominalVolts);
    });
  const fields = {
    nominalVolts: 'Nominal volts',
    chargeVolts: 'Charging line, volts',
    chargeMilliamps: 'and what it gives, mA',
    windowLowVolts: 'The chip needs at least, V',
    windowHighVolts: 'The chip bears at most, V',
    drainMicroamps: 'Drain with the machine off, µA',
    holdMicrofarads: 'Capacitor beside the chip, µF',
  } as const;

  const options = $derived(query.data?.plan?.options ?? []);
  const chosen = $derived(query.data?.cell?.chosen ?? undefined);
  const shown = $derived<Option | undefined>(options.find((o) => o.kind === (picked ?? chosen)) ?? options[0]);
  const mark = (o: Option) =>
    (({ yes: 'sound', yesIf: 'if', no: 'out', unknown: 'unknown' }) as const)[o.verdict.outcome];
  const burns = $derived(shown?.verdict.mayBeOverruled === false);

  const cellOf = (s?: Schemas['CellSite'] | null): Schemas['CellSite'] =>
    s
      ? { ...s }
      : {
          chemistry: 'unknown',
          nominalVolts: null,
          charges: 'notKnown',
          chargeVolts: null,
          chargeMilliamps: null,
          windowLowVolts: null,
          windowHighVolts: null,
          drainMicroamps: null,
          keeps: 'notKnown',
          dataSafe: false,
          hiddenInModule: false,
          coinHolder: false,
          roomForHolder: 'notKnown',
          leaking: 'notKnown',
          swollen: 'notKnown',
          lossAccepted: false,
          holdMicrofarads: null,
        };
  function edit() {
    site = cellOf(query.data?.cell?.site);
    place = query.data?.cell?.place ?? '';
    version = query.data?.cell?.version ?? 0;
    for (const k of Object.keys(fields) as (keyof typeof fields)[]) numbers[k] = site[k] == null ? '' : plain(site[k]!);
    form.forget();
    print = said = '';
    editing = true;
  }
  async function save() {
    const figures = Object.fromEntries(
      (Object.keys(fields) as (keyof typeof fields)[]).map((k) => [k, number(numbers[k], fields[k])]),
    );
    await act(
      api.PUT('/api/machines/{id}/battery', {
        params: { path: { id } },
        headers: basedOn(version),
        body: { place, site: { ...$state.snapshot(site), ...figures } },
      }),
    );
    editing = false;
  }
  const choose = () =>
    form.decide((overruleReason) =>
      act(
        api.POST('/api/machines/{id}/battery/choose', {
          params: { path: { id } },
          body: { kind: shown!.kind, overruleReason },
        }),
      ),
    );
  const step = (step: Schemas['CellStep']) =>
    form.decide((overruleReason) =>
      act(api.POST('/api/machines/{id}/battery/step', { params: { path: { id } }, body: { step, overruleReason } })),
    );
  function move(by: number) {
    const i = options.findIndex((o) => o.kind === shown?.kind);
    picked = options[(i + by + options.length) % options.length]?.kind;
  }
  async function settle(said: Partial<Schemas['CellSite']>) {
    const c = query.data!.cell!;
    await act(
      api.PUT('/api/machines/{id}/battery', {
        params: { path: { id } },
        headers: basedOn(c.version),
        body: { place: c.place, site: { ...c.site, ...said } },
      }),
    );
  }
  const next = $derived(query.data?.next ?? undefined);
  // Why the next step would be refused now, in the words with which it would be.
  const against = $derived(query.data?.steps.find((s) => s.step === next && !s.may.granted)?.may.verdict.sentence);
  const mustChoose = $derived(
    !!query.data?.cell &&
      next !== 'outAgain' &&
      !query.data.cell.fittedAt &&
      (!query.data.cell.chosen || (!!picked && picked !== query.data.cell.chosen)),
  );
  const stepWords: Record<Schemas['CellStep'], string> = {
    oldOut: 'The old cell is out',
    fitted: 'It is fitted',
    outAgain: 'It is out again',
  };
  function doNext() {
    if (!query.data?.cell || !shown) return;
    if (mustChoose) {
      if (!burns) void choose();
    } else if (next) void step(next);
  }
  useKeys([
    { key: 'n', words: 'The next option', run: () => move(1) },
    { key: 'e', words: 'Change what is known of the cell', run: edit },
    { key: 'v', words: 'Side by side', run: () => options.length && (sheet = 'compare') },
    { key: 'g', words: 'Does the board charge it? Read and see', run: () => query.data?.cell && (sheet = 'charging') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<svelte:head><title>Battery · {head.machine.name}</title></svelte:head>

<Query {query} what="the battery">
  {#snippet children(data)}
    {#if !data.cell || !data.plan}
      <div class="max-w-xl py-8">
        <h1 class="text-title font-bold">No cell is known on this machine</h1>
        <p class="mt-2">
          A clock that stops, settings that go, a memory that is kept: behind each of them is a cell. Look for a barrel,
          a coin, a lead to a holder, or a clock module that is taller than its neighbours.
        </p>
      </div>
    {:else}
      {@const c = data.cell}
      {@const s = c.site}
      <div class="grid gap-x-8 gap-y-6 lg:grid-cols-[minmax(0,1fr)_27rem]">
        <div class="min-w-0">
          {#if !c.oldOutAt}
            <div class="mb-5">
              <Verdict
                verdict={data.plan.data}
                big
                heading={1}
                words={{ no: 'Leave it in', yes: 'It may come out', yesIf: 'On a condition', unknown: 'Leave it in' }}
                overruled={data.dataOverruled}
              >
                {#if data.plan.data.outcome === 'no' || data.plan.data.outcome === 'unknown'}
                  <div class="mt-3 flex flex-wrap items-center gap-x-5 gap-y-2">
                    {#if s.keeps === 'notKnown'}<button
                        class="btn"
                        disabled={form.busy}
                        onclick={() => void form.send(() => settle({ keeps: 'nothing' }))}>Nothing hangs on it</button
                      >{/if}
                    <button
                      class="btn"
                      disabled={form.busy}
                      onclick={() =>
                        void form.send(() =>
                          settle({ dataSafe: true, ...(s.keeps === 'notKnown' ? { keeps: 'userData' as const } : {}) }),
                        )}
                      >{s.keeps === 'settings'
                        ? 'They are written down'
                        : 'It is copied and read back, or bridged'}</button
                    >
                    <button
                      class="act"
                      disabled={form.busy}
                      onclick={() => void form.send(() => settle({ lossAccepted: true }))}
                      >Its owner says that it may go</button
                    >
                  </div>
                {/if}
              </Verdict>
            </div>
          {:else}
            <h1 class="mb-4 text-title leading-tight font-bold {data.next === 'outAgain' ? 'text-oxide' : ''}">
              {data.next === 'outAgain'
                ? 'Take out what was fitted: it must not stay on this line.'
                : c.fittedAt
                  ? `Fitted. Look at it by ${c.nextCheck ? day(c.nextCheck) : 'next year'}.`
                  : c.chosen
                    ? 'The old cell is out. Fit what was chosen.'
                    : 'The old cell is out. Choose what replaces it.'}
            </h1>
            {#if c.fittedAt}<p class="-mt-2 mb-4 text-sm">
                <a class="underline" href="/api/workshop/checks.ics" download="checks.ics"
                  >Every day on which something has to be looked at, as a calendar</a
                >
              </p>{/if}
          {/if}
          <h2 class="flex flex-wrap items-baseline gap-x-4 text-lg font-bold">
            What can replace it <span class="text-sm font-normal text-soft"
              >best first, school: {restorationPolicyWords[data.school].toLowerCase()}</span
            ><button class="act ml-auto text-sm font-semibold" onclick={() => (sheet = 'compare')}
              >Side by side <Key k="V" /></button
            >
          </h2>
          <div class="mt-2 border-t border-sill" role="radiogroup" aria-label="What can replace it">
            {#each options as o (o.kind)}
              <button
                role="radio"
                aria-checked={o.kind === shown?.kind}
                class="grid w-full grid-cols-[1.75rem_minmax(0,1fr)] items-center gap-x-3 border-b border-sill px-1 py-2 text-left sm:grid-cols-[1.75rem_minmax(0,1fr)_7rem_5.500rem] {o.kind ===
                shown?.kind
                  ? 'bg-rock'
                  : 'hover:bg-rock/60'}"
                onclick={() => (picked = o.kind)}
              >
                <Mark
                  of={mark(o)}
                  size={22}
                  word={{ sound: 'fits', if: 'fits on a condition', out: 'refused', unknown: 'cannot say yet' }[
                    mark(o)
                  ]}
                />
                <span class="min-w-0 leading-snug font-semibold"
                  >{o.name}{#if o.kind === chosen}<span
                      class="ml-2 text-sm font-bold text-ink underline decoration-2 underline-offset-4">chosen</span
                    >{/if}</span
                >
                <span class="reading text-right max-sm:col-start-2 max-sm:text-left"
                  >{plain(o.endVolts, 3)}–{plain(o.freshVolts, 3)} <span class="font-normal">V</span></span
                >
                <span class="text-right text-sm text-soft max-sm:col-start-2 max-sm:text-left"
                  >{o.run && o.verdict.outcome !== 'no'
                    ? years(o.run.years.likely)
                    : o.verdict.outcome === 'no'
                      ? 'refused'
                      : 'charged'}</span
                >
              </button>
            {/each}
          </div>
          <dl class="mt-5 grid grid-cols-2 gap-x-6 gap-y-3 sm:grid-cols-3">
            {#each [['The cell', `${chemistryWords[s.chemistry]}${s.nominalVolts ? `, ${plain(s.nominalVolts)} V` : ''}`], ['It sits', c.place || 'not said'], ['The board charges it', `${threeStateWords[s.charges]}${s.chargeVolts ? `, ${plain(s.chargeVolts)} V` : ''}`], ['The chip works at', s.windowLowVolts != null ? `${plain(s.windowLowVolts)} to ${s.windowHighVolts == null ? '?' : plain(s.windowHighVolts)} V` : 'not known'], ['It draws', s.drainMicroamps == null ? 'not measured' : `${plain(s.drainMicroamps)} µA`], ['It keeps alive', `${keepsWords[s.keeps]}${s.dataSafe ? ', safe' : ''}`]] as [w, v] (w)}
              <div>
                <dt class="text-xs text-soft">{w}</dt>
                <dd class="font-semibold">{v}</dd>
              </div>
            {/each}
          </dl>
        </div>
        {#if shown}
          <aside class="min-w-0 rounded-lg bg-paper p-5" aria-label="The option looked at">
            {#if !data.cell.chosen}<MoneyLine {head} />{/if}
            <Verdict
              verdict={shown.verdict}
              figures={false}
              heading={2}
              words={{ yes: 'Fits', no: 'Refused', yesIf: 'Fits on a condition' }}
              overruled={shown.kind === chosen ? data.choiceOverruled : null}
            >
              <VoltsWindow option={shown} low={s.windowLowVolts} high={s.windowHighVolts} />
              <p class="mt-2 text-sm">
                It sits <strong>{shown.sits}</strong>{shown.leaks === 'none'
                  ? ', and nothing leaks out of it'
                  : `; ${reactionWords[shown.leaks]} leaks out of it in the end`}. Room: {shown.space}{shown.leadMillimetres
                  ? `, a lead of about ${plain(shown.leadMillimetres)} mm`
                  : ''}.
              </p>
              {#if shown.risk}<p class="mt-1 text-sm font-semibold text-brass-ink">{shown.risk}</p>{/if}
              {#if shown.run && shown.verdict.outcome !== 'no'}<p class="mt-3">
                  <span class="reading text-2xl">{plain(shown.run.years.low, 2)}–{plain(shown.run.years.high, 2)}</span>
                  years <span class="text-sm text-soft">look at it after {years(shown.checkAfterYears)}</span>
                </p>{/if}
              {#if shown.asksOfBoard.length}
                <h3 class="mt-3 text-sm font-bold">What it asks of the board</h3>
                <ul class="mt-1 list-disc pl-5 text-sm">
                  {#each shown.asksOfBoard as a (a)}<li>{a}</li>{/each}
                </ul>
              {/if}
            </Verdict>
          </aside>
        {/if}
      </div>
    {/if}
    {#if data.pack || head.machine.traits.includes('lithiumPack')}<Pack {id} pack={data.pack ?? undefined} />{/if}
    {#if !editing}<div class="mt-4 max-w-read"><ProblemNote {form} /></div>{/if}
    <BenchEdge>
      {#snippet next()}
        {#if !data.cell}<button class="btn-next" onclick={edit}>Describe its cell</button>
        {:else if shown && mustChoose}<button class="btn-next" disabled={form.busy || burns} onclick={doNext}
            >{burns ? 'Refused: it burns' : 'Choose this one'}</button
          >
        {:else if data.next}<button class="btn-next" disabled={form.busy} onclick={doNext}
            >{stepWords[data.next]}</button
          >
        {:else}<a class="btn-next" href="/m/{id}/capacitors">On to the capacitors</a>{/if}
      {/snippet}
      {#snippet needs()}{!mustChoose && against ? against : shown && !data.cell?.fittedAt ? shown.name : ''}{/snippet}
      {#snippet acts()}{#if options.length}<button class="act" onclick={() => move(1)}>Next option <Key k="N" /></button
          >{/if}{#if data.cell?.fittedAt && data.next !== 'outAgain'}<button
            class="act"
            disabled={form.busy}
            onclick={() => void step('outAgain')}>Take it out again</button
          >{/if}{#if data.cell}<button class="act" onclick={() => (sheet = 'charging')}>Charging? <Key k="G" /></button
          >{/if}<button class="act" onclick={edit}>Change <Key k="E" /></button>{/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet
  bind:open={editing}
  title="What is known of the cell"
  about="Leave out what nobody has measured: Haar says which figure would settle it."
>
  <form
    class="grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(save);
    }}
  >
    <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
    <div class="flex flex-wrap items-start gap-3 sm:col-span-2">
      <TextField
        label="What is printed on it"
        hint="CR2032, ER14250 3.6V, Ni-Cd 3.6V 60mAh"
        error={form.field('print')}
        bind:value={print}
        maxlength={120}
      />
      <button type="button" class="btn mt-6" disabled={form.busy || !print.trim()} onclick={read}>Read the print</button
      >
      {#if said}<p class="basis-full text-sm" aria-live="polite">{said}</p>{/if}
      <div class="basis-full">
        <OnePhoto {id} {form} caption="Print on the cell" label="Photograph the print, to read it large" toRead />
      </div>
    </div>
    <SelectField label="Chemistry" bind:value={site.chemistry} options={chemistryWords} />
    <TextField label="Where it sits" bind:value={place} maxlength={120} />
    <SelectField
      label="Does the board charge it?"
      hint="Cell out, board on: volts from its plus pad to ground."
      bind:value={site.charges}
      options={threeStateWords}
    />
    <SelectField label="What it keeps alive" bind:value={site.keeps} options={keepsWords} />
    <Choice label="Does it leak, or has it leaked?" bind:value={site.leaking} options={threeWords} />
    <Choice label="Is it swollen?" bind:value={site.swollen} options={threeWords} />
    {#each Object.entries(fields) as [k, w] (k)}<NumberField
        label={w}
        error={form.field(`site.${k}`)}
        bind:value={numbers[k as keyof typeof fields]}
      />{/each}
    <SelectField label="Room for a holder in the case?" bind:value={site.roomForHolder} options={threeStateWords} />
    <fieldset class="grid content-start gap-1 sm:col-span-2 sm:grid-cols-2">
      <legend class="text-sm font-semibold">It is so</legend>
      {#each [['dataSafe', 'The data is copied, or the line is bridged'], ['hiddenInModule', 'It is hidden in a clock module'], ['coinHolder', 'There is a coin holder'], ['lossAccepted', 'Its owner says that the data may go']] as const as [k, w] (k)}
        <label class="flex min-h-9 items-center gap-2.5"><CheckBox bind:checked={site[k]} />{w}</label>
      {/each}
    </fieldset>
    <button class="btn-next justify-self-start" disabled={form.busy}>Save</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="charging"
  title="Does the board charge its cell?"
  about="Cell out. Red on its plus pad, black on ground."><Charging {id} ondone={() => (sheet = '')} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="compare"
  title="Side by side"
  wide
  about="What each asks of the board, what is left of its volts, and what leaks where in the end."
  ><Compare
    {options}
    low={query.data?.cell?.site.windowLowVolts}
    high={query.data?.cell?.site.windowHighVolts}
    {chosen}
    onpick={(k) => {
      picked = k;
      sheet = '';
    }}
  /></Sheet
>

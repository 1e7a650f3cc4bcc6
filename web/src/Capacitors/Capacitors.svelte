<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { siText } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Field from '$lib/ui/Field.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { fittingWords, recapWords } from '$lib/words';
  import { upload } from '../Intake/photos';
  import { readMeter } from '../Meters/read';
  import BoardMap from './BoardMap.svelte';
  import BoardTools from './BoardTools.svelte';
  import CapacitorForm from './CapacitorForm.svelte';
  import ReadingForm from './ReadingForm.svelte';
  import { standMarks, tally } from './stand';
  import MoneyLine from '../Costs/MoneyLine.svelte';
  import Substitutes from './Substitutes.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type Row = Schemas['CapacitorRow'];
  const query = createQuery(() => ({ queryKey: ['capacitors', id], queryFn: () => ask(api.GET('/api/machines/{id}/capacitors', { params: { path: { id } } })) }));
  const form = new Sending();
  let picked = $state(searchParams.get('part') as string | null);
  let boardAt = $state<string>();
  let sheet = $state<'read' | 'drawer' | 'edit' | 'add' | 'pads' | 'way' | 'tools' | ''>('');
  let filter = $state<Schemas['CapacitorStand'] | 'all'>('all');
  let placing = $state(false);
  let list = $state<HTMLElement>();

  const rows = $derived(query.data?.capacitors ?? []);
  const board = $derived(query.data?.boards.find((b) => b.id === (boardAt ?? rows.find((r) => r.capacitor.id === picked)?.capacitor.boardId)) ?? query.data?.boards[0]);
  const onBoard = $derived(rows.filter((r) => r.capacitor.boardId === board?.id));
  const shown = $derived(filter === 'all' ? onBoard : onBoard.filter((r) => r.stand === filter));
  const row = $derived<Row | undefined>(onBoard.find((r) => r.capacitor.id === picked) ?? shown[0] ?? onBoard[0]);
  const d = $derived(row?.capacitor.designator ?? '');
  const fitting = $derived(row?.capacitor.fitting);
  const decided = $derived(row && (row.stand === 'comesOut' || row.stand === 'exchanging'));
  const path = $derived({ params: { path: { id, capacitorId: row?.capacitor.id ?? '' } } });
  const value = (r: Row) => `${siText(r.capacitor.spec.microfarads * 1e-6, 'F')}${r.capacitor.spec.ratedVolts ? ` ${r.capacitor.spec.ratedVolts} V` : ''}`;

  function select(capacitorId: string) {
    picked = capacitorId;
    placing = false;
    form.problem = undefined;
  }
  function step(by: number) {
    const i = shown.findIndex((r) => r.capacitor.id === row?.capacitor.id);
    const next = shown[(i + by + shown.length) % shown.length];
    if (next) {
      select(next.capacitor.id);
      list?.querySelector(`[data-id="${next.capacitor.id}"]`)?.scrollIntoView({ block: 'nearest' });
    }
  }
  async function pull() {
    const r = row!;
    const label = `${r.capacitor.designator} ${value(r)}${r.capacitor.fitting.fittedAt ? ' new' : ''}`;
    const c = await readMeter('capacitance', label);
    if (c.value == null) throw new Error(`The meter reads ${r.capacitor.designator} as open: check the probes, or its legs. Nothing was written.`);
    const e = await readMeter('esr', label);
    await act(api.POST('/api/machines/{id}/capacitors/{capacitorId}/readings', { ...path, body: { microfarads: c.value * 1e6, esrOhms: e.value, esrFrequencyHertz: 100_000, leakageMicroamps: null, inCircuit: false, source: c.identification } }));
    picked = r.capacitor.id;
  }
  async function take(step: Schemas['FittingStep'], pads: Schemas['PadState'] | null = null) {
    await act(api.POST('/api/machines/{id}/capacitors/{capacitorId}/fitting', { ...path, body: { step, pads } }));
    sheet = '';
    picked = row!.capacitor.id;
  }
  const needsPart = $derived(decided && !fitting?.partId);
  function doNext() {
    if (!row || form.busy) return;
    picked = row.capacitor.id;
    if (row.stand === 'notMeasured') void form.send(pull);
    else if (needsPart) sheet = 'drawer';
    else if (decided && row.next === 'checkPads') sheet = 'pads';
    else if (decided && row.next === 'checkWayRound') sheet = 'way';
    else if (decided && row.next === 'remeasure') void form.send(pull);
    else if (decided && row.next) {
      const s = row.next;
      void form.send(() => take(s));
    } else step(1);
  }
  const nextWord = $derived(
    !row ? 'Put a capacitor on the board' : row.stand === 'notMeasured' ? `Read ${d} from the meter` : needsPart ? `Choose a part for ${d}` : decided && row.next ? (row.next === 'remeasure' ? `Measure ${d} again` : `${fittingWords[row.next]}${row.next === 'remove' || row.next === 'fit' ? ` ${d}` : ''}`) : 'Next part',
  );
  const advice: Partial<Record<NonNullable<Schemas['FittingStep']>, string>> = { remove: 'Hot tweezers, never twist. Then look at the pads.', checkPads: 'Bright and flat is sound; loose at an edge is lifted; dull or green is corroded.', clean: 'Wick and alcohol, until pH paper reads 6 to 8.', fit: 'Stripe to the board’s own mark, not to the old part’s.', checkWayRound: 'A second look, best by somebody else.', remeasure: 'Out of circuit values are right until the next power-up.' };
  async function place(x: number, y: number) {
    placing = false;
    const c = row!.capacitor;
    await form.send(() => act(api.PUT('/api/machines/{id}/capacitors/{capacitorId}', { ...path, headers: { 'If-Match': `"${c.version}"` }, body: { designator: c.designator, marking: c.marking, kind: c.spec.kind, role: c.role, ratedVolts: null, maxCelsius: c.spec.maxCelsius ?? null, diameterMillimetres: c.spec.diameterMillimetres ?? null, heightMillimetres: c.spec.heightMillimetres ?? null, leadPitchMillimetres: c.spec.leadPitchMillimetres ?? null, signs: c.signs, x, y } })));
  }
  async function photo(files: FileList | null) {
    if (!files?.[0] || !board) return;
    const photoId = await upload(id, files[0], board.name);
    await act(api.PUT('/api/machines/{id}/boards/{boardId}', { params: { path: { id, boardId: board.id } }, headers: { 'If-Match': `"${board.version}"` }, body: { name: board.name, photoId } }));
  }
  const overrule = (reason: string) => act(api.POST('/api/machines/{id}/overrules', { params: { path: { id } }, body: { key: `capacitors/comes-out/${row!.capacitor.id}`, sentence: row!.comesOut.sentence, reason } }));
  let camera = $state<HTMLInputElement>();
  useKeys([
    { key: 'n', words: 'Next part', run: () => step(1) },
    { key: 'b', words: 'The part before', run: () => step(-1) },
    { key: 'm', words: 'Read this part from the meter', run: () => row && void form.send(pull) },
    { key: 'r', words: 'Type a reading', run: () => row && (sheet = 'read') },
    { key: 'd', words: 'What from the drawer will do', run: () => row && (sheet = 'drawer') },
    { key: 'a', words: 'Put a capacitor on the board', run: () => (sheet = board ? 'add' : 'tools') },
    { key: 'e', words: 'Change this part', run: () => row && (sheet = 'edit') },
    { key: 'p', words: 'Photo of the board', run: () => camera?.click() },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<svelte:head><title>Capacitors · {head.machine.name}</title></svelte:head>

<Query {query} what="the capacitors">
  {#snippet children(data)}
    {#if !board}
      <div class="max-w-xl py-8">
        <h1 class="text-[1.75rem] font-bold">No board is listed yet</h1>
        <p class="mt-2">Name a board, then type its capacitors or take them from a list. Haar reads the markings, ranks the risk, judges the readings and finds what fits in the drawer.</p>
      </div>
      <BenchEdge>{#snippet next()}<button class="btn-next" onclick={() => (sheet = 'tools')}>Add a board</button>{/snippet}</BenchEdge>
    {:else}
      <div class="grid gap-x-5 gap-y-4 lg:grid-cols-[minmax(0,1fr)_30rem]">
        <div class="min-w-0">
          <BoardMap rows={onBoard} hash={board.photoHash} name={board.name} selected={row?.capacitor.id} onselect={select} {placing} onplace={place} />
          <div class="mt-1.5 flex flex-wrap items-center gap-x-5 text-sm">
            {#if data.boards.length > 1}<Field label="Board" class="w-56">{#snippet children(f)}<select class="input" value={board.id} onchange={(e) => { boardAt = e.currentTarget.value; picked = null; }} {...f}>{#each data.boards as b (b.id)}<option value={b.id}>{b.name}</option>{/each}</select>{/snippet}</Field>{:else}<span class="font-semibold">{board.name}</span>{/if}
            <button class="act" onclick={() => camera?.click()}>{board.photoHash ? 'Another photo' : 'Photo of the board'} <Key k="P" /></button>
            {#if row}<button class="act" aria-pressed={placing} onclick={() => { picked = row.capacitor.id; placing = !placing; }}>{placing ? `Tap where ${d} sits` : 'Place on the map'}</button>{/if}
            <button class="act" onclick={() => (sheet = 'tools')}>Lists and boards</button>
            <input bind:this={camera} type="file" accept="image/*" capture="environment" class="sr-only" tabindex="-1" aria-label="Photo of the board" onchange={(e) => { const f = e.currentTarget.files; void form.send(() => photo(f)); }} />
          </div>
          <p class="mt-1 text-sm text-soft">School: {recapWords[data.school].toLowerCase()}. By evidence {data.byEvidence} {data.byEvidence === 1 ? 'comes' : 'come'} out now; the preventive school takes {data.preventive}.</p>
        </div>
        <div class="flex min-w-0 flex-col gap-4 max-lg:order-first">
          {#if row}
            <div class="rounded-lg bg-paper px-5 py-4">
              <Verdict verdict={row.stand === 'exchanged' || row.stand === 'exchanging' ? (row.capacitor.fitting.fittedAt ? row.sound : row.comesOut) : row.comesOut} bad={row.stand === 'exchanged' || row.capacitor.fitting.fittedAt ? 'no' : 'yes'} heading={1} words={row.capacitor.fitting.fittedAt ? { yes: 'New part sound', no: 'New part not sound', unknown: 'New part not measured' } : { yes: 'Comes out', no: 'Stays', unknown: 'Measure it', yesIf: 'Comes out' }} overruled={row.overruled} onoverrule={row.stand === 'comesOut' || row.stand === 'sound' ? overrule : undefined}>
                {#if row.part}<p class="mt-3">{row.capacitor.fitting.fittedAt ? 'Fitted' : 'Set aside'}: <strong>{row.part}</strong>{#if !row.capacitor.fitting.fittedAt} <button class="act text-sm" onclick={() => void form.send(() => act(api.DELETE('/api/machines/{id}/capacitors/{capacitorId}/reserve', path)))}>Put it back</button>{/if}</p>{/if}
                <p class="mt-2 text-sm text-soft">{d}: {value(row)}, risk {row.risk.word} ({row.risk.score} of 100)</p>
              </Verdict>
              {#if !sheet}<ProblemNote problem={form.problem} />{/if}
            </div>
          {/if}
          <section aria-label="The list of capacitors" class="min-w-0">
            <div class="flex flex-wrap items-end justify-between gap-3">
              <h2 class="font-bold">{tally(onBoard)}</h2>
              <select class="input min-h-9 w-auto py-0 text-sm" aria-label="Show" bind:value={filter}><option value="all">All</option>{#each Object.entries(standMarks) as [v, s] (v)}<option value={v}>{s.word}</option>{/each}</select>
            </div>
            <ul bind:this={list} class="mt-1 max-h-[max(15rem,calc(100dvh-34rem))] overflow-y-auto border-t border-sill" tabindex="-1">
              {#each shown as r (r.capacitor.id)}
                <li data-id={r.capacitor.id}>
                  <button class="grid w-full grid-cols-[1.5rem_3.25rem_minmax(0,1fr)_auto] items-center gap-x-2.5 border-b border-sill px-1 py-[5px] text-left {r.capacitor.id === row?.capacitor.id ? 'bg-rock' : 'hover:bg-rock/60'}" aria-current={r.capacitor.id === row?.capacitor.id ? 'true' : undefined} onclick={() => select(r.capacitor.id)}>
                    <Mark of={standMarks[r.stand].mark} size={19} word={standMarks[r.stand].word} />
                    <span class="reading">{r.capacitor.designator}</span><span class="reading truncate font-normal">{value(r)}</span>
                    <span class="max-w-48 truncate text-right font-semibold max-sm:max-w-36">{r.does}</span>
                  </button>
                </li>
              {:else}<li class="py-4 text-soft">{onBoard.length ? 'None of these.' : 'Type the first one, or take them from a list.'}</li>{/each}
            </ul>
          </section>
        </div>
      </div>
      <BenchEdge>
        {#snippet next()}{#if row}<button class="btn-next" disabled={form.busy} onclick={doNext}>{form.busy && (row.stand === 'notMeasured' || row.next === 'remeasure') ? 'The meter settles …' : nextWord}</button>{:else}<button class="btn-next" onclick={() => (sheet = 'add')}>{nextWord}</button>{/if}{/snippet}
        {#snippet needs()}{decided && row?.next && !needsPart ? advice[row.next] : row?.stand === 'notMeasured' ? 'One leg lifted, let down first. The meter shows which part it waits for.' : ''}{/snippet}
        {#snippet acts()}
          {#if row}<button class="act max-sm:hidden" onclick={() => void form.send(pull)} disabled={form.busy}>From meter <Key k="M" /></button><button class="act" onclick={() => (sheet = 'read')}>Type <Key k="R" /></button><button class="act max-sm:hidden" onclick={() => (sheet = 'drawer')}>Drawer <Key k="D" /></button><button class="act" onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button>{/if}
          <button class="act" onclick={() => (sheet = 'add')}>Add <Key k="A" /></button>
          {#if row}<button class="act" onclick={() => step(1)}>Next <Key k="N" /></button>{/if}
        {/snippet}
      </BenchEdge>
    {/if}
  {/snippet}
</Query>

<Sheet bind:open={() => sheet === 'read', (v) => { if (!v) sheet = ''; }} title="{d}: what does it measure?" about={row?.capacitor.fitting.fittedAt ? 'The new part; the old one’s readings are kept.' : 'Earlier readings are kept; the newest one stands.'}>
  <div class="mb-4"><CautionNote id="chargedCapacitor" /></div>
  {#if row}<ReadingForm {id} {row} ondone={() => { picked = row.capacitor.id; sheet = ''; }} />{/if}
</Sheet>
<Sheet bind:open={() => sheet === 'drawer', (v) => { if (!v) sheet = ''; }} title="What will do in the place of {d}?" about={row ? `${value(row)}. Exact value and oldest stock first; one piece is set aside once.` : ''}><MoneyLine {head} />{#if row}<Substitutes {id} {row} ondone={() => { picked = row.capacitor.id; sheet = ''; }} />{/if}</Sheet>
<Sheet bind:open={() => sheet === 'edit', (v) => { if (!v) sheet = ''; }} title="Change {d}">{#if row}<CapacitorForm {id} boardId={row.capacitor.boardId} {row} ondone={() => (sheet = '')} />{/if}</Sheet>
<Sheet bind:open={() => sheet === 'add', (v) => { if (!v) sheet = ''; }} title="A capacitor on {board?.name}">{#if board}<CapacitorForm {id} boardId={board.id} ondone={(made) => { sheet = ''; if (made) picked = made; }} />{/if}</Sheet>
<Sheet bind:open={() => sheet === 'pads', (v) => { if (!v) sheet = ''; }} title="How are the pads under {d}?" about="A lifted pad opens its own repair in the list of work.">
  <div class="grid gap-3"><CautionNote id="leadAndFlux" /><ProblemNote problem={form.problem} />
    {#each [['sound', 'Sound: bright, flat, all there'], ['corroded', 'Corroded: dull or green'], ['lifted', 'Lifted: loose at an edge, or gone']] as const as [p, w] (p)}<button class="btn justify-start" onclick={() => void form.send(() => take('checkPads', p))}>{w}</button>{/each}
  </div>
</Sheet>
<Sheet bind:open={() => sheet === 'way', (v) => { if (!v) sheet = ''; }} title="{d}: look again, which way round?" about="A part the wrong way round bursts at the next switch-on. Best done by somebody who did not solder it.">
  <p>The stripe of an aluminium electrolytic is its minus; the stripe of a tantalum or polymer is its plus. Compare with the mark printed on the board.</p>
  <button class="btn-next mt-4" onclick={() => void form.send(() => take('checkWayRound'))}>I looked again: it sits the right way round</button>
</Sheet>
<Sheet bind:open={() => sheet === 'tools', (v) => { if (!v) sheet = ''; }} title="Lists and boards"><BoardTools {id} {board} ondone={(b) => { sheet = ''; if (b) boardAt = b; }} /></Sheet>

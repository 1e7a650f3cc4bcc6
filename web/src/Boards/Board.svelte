<!-- @component A machine's boards: the map of one side, the matching list of everything on it, and what the rules say of the one chosen. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { tick } from 'svelte';
  import { searchParams } from 'sv-router';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { upload } from '../Intake/photos';
  import CapacitorForm from '../Capacitors/CapacitorForm.svelte';
  import CapacitorPanel from '../Capacitors/CapacitorPanel.svelte';
  import ForecastSheet from '../Capacitors/ForecastSheet.svelte';
  import { MeasurementSeries, type Sat } from '../Capacitors/series.svelte';
  import SeriesStrip from '../Capacitors/SeriesStrip.svelte';
  import { editOf } from '../Capacitors/edit';
  import { QuickEntry } from '../Capacitors/quick.svelte';
  import TapMany from '../Capacitors/TapMany.svelte';
  import { tally } from '../Capacitors/stand';
  import AreaForm from '../Corrosion/AreaForm.svelte';
  import AreaPanel from '../Corrosion/AreaPanel.svelte';
  import NetForm from '../Corrosion/NetForm.svelte';
  import NetPanel from '../Corrosion/NetPanel.svelte';
  import HotForm from '../Thermal/HotForm.svelte';
  import HotPanel from '../Thermal/HotPanel.svelte';
  import { editOf as solderedEdit } from '../Soldering/edit';
  import SolderedForm from '../Soldering/SolderedForm.svelte';
  import SolderedPanel from '../Soldering/SolderedPanel.svelte';
  import CellPanel from '../Batteries/CellPanel.svelte';
  import MarkedList from '$lib/ui/MarkedList.svelte';
  import BoardMap from './BoardMap.svelte';
  import BoardTools from './BoardTools.svelte';
  import { itemsOf, kindWord, seenThrough, type MapItem, type Point, type Side } from './items';
  import PrintSheet from './PrintSheet.svelte';
  import Straighten from './Straighten.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['capacitors', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/capacitors', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let picked = $state(searchParams.get('part') as string | null);
  let boardAt = $state<string>();
  let side = $state<Side>('front');
  let sheet = $state<'add' | 'area' | 'net' | 'hot' | 'soldered' | 'tools' | 'straighten' | 'forecast' | ''>('');
  let filter = $state('all');
  let drawing = $state<'place' | 'many' | 'grid' | 'area' | 'net' | 'hot' | 'soldered' | ''>('');
  let points = $state<Point[]>([]);
  /** Measuring one after the other, by designator; the next part is chosen, and said where the device can speak by itself. */
  // svelte-ignore state_referenced_locally
  const series = new MeasurementSeries(id);
  const quick = new QuickEntry();
  let camera = $state<HTMLInputElement>();

  const data = $derived(query.data);
  /** Whoever comes to mark what a leak reached begins to draw at once, unless it is marked already. */
  let toMark = searchParams.get('mark') === 'area';
  $effect(() => {
    if (!toMark || !board || !data) return;
    toMark = false;
    if (!data.areas.length) start('area');
  });
  const board = $derived(
    data?.boards.find(
      (b) => b.id === (boardAt ?? data.capacitors.find((r) => r.capacitor.id === picked)?.capacitor.boardId),
    ) ?? data?.boards[0],
  );
  const sheetOf = $derived(board?.[side]);
  const items = $derived(data ? itemsOf(data, board?.id) : []);
  const onBoard = $derived(data?.capacitors.filter((r) => r.capacitor.boardId === board?.id) ?? []);
  const shown = $derived(
    filter === 'all'
      ? items
      : filter === 'todo'
        ? items.filter((i) => i.rank < 3)
        : filter.startsWith('kind:')
          ? items.filter((i) => i.kind === filter.slice(5))
          : items.filter((i) => i.word === filter),
  );
  const item = $derived<MapItem | undefined>(items.find((i) => i.id === picked) ?? shown[0] ?? items[0]);
  const words = $derived([...new Set(items.map((i) => i.word))].sort());
  const kinds = $derived([...new Set(items.map((i) => i.kind))]);
  const onSide = $derived(items.filter((i) => i.side === side));
  /** Legs and holes are worked on from behind, so the back shows what sits in front. */
  let see = $state<Record<Side, boolean>>({ front: false, back: true });
  const other = $derived<Side>(side === 'front' ? 'back' : 'front');
  const behind = $derived(
    board ? seenThrough(items, board, side).filter((i) => i.at || i.outline?.length || i.path?.length) : [],
  );
  const onMap = $derived(see[side] ? [...onSide, ...behind] : onSide);
  const draft = $derived(drawing ? { points, closed: drawing === 'area', cross: null } : null);

  function select(itemId: string, through = false) {
    picked = itemId;
    drawing = '';
    form.forget();
    const i = items.find((x) => x.id === itemId);
    if (i && !through && i.side !== side && (i.at || i.outline || i.path?.length)) side = i.side;
  }
  function step(by: number) {
    const at = shown.findIndex((i) => i.id === item?.id);
    const to = shown[(at + by + shown.length) % shown.length];
    if (to) select(to.id);
  }
  const unmeasured = $derived(
    onBoard
      .filter((r) => r.stand === 'notMeasured')
      .map((r) => r.capacitor)
      .sort((a, b) => a.designator.localeCompare(b.designator, 'en', { numeric: true })),
  );
  function measured(part: Sat, first: boolean) {
    if (!series.going) return;
    series.took(part);
    if (!first) return;
    const to = unmeasured.find((c) => c.id !== item?.id);
    if (!to) return;
    select(to.id);
    say(to.designator);
  }
  function sit() {
    if (series.going) {
      void form.send(() => series.finish());
      return;
    }
    series.begin();
    if (unmeasured[0]) {
      select(unmeasured[0].id);
      say(unmeasured[0].designator);
    }
  }
  /** Only by a voice on this device: nothing is sent away to be spoken. */
  function say(designator: string) {
    const voice = window.speechSynthesis?.getVoices().find((v) => v.localService && v.lang.startsWith('en'));
    if (!voice) return;
    const words = new SpeechSynthesisUtterance(designator.split('').join(' '));
    words.voice = voice;
    speechSynthesis.speak(words);
  }
  let map = $state<HTMLElement>();
  function start(what: typeof drawing) {
    drawing = what;
    points = [];
    // On a phone the list stands above the map, and the strip below covers half of the screen.
    if (what && window.matchMedia('(max-width: 40rem)').matches)
      void tick().then(() => map?.scrollIntoView({ block: 'start' }));
  }
  function point(p: Point | null) {
    if (!p) points = points.slice(0, -1);
    else if (drawing === 'place') void form.send(() => place(p));
    else if (drawing === 'many') void form.send(() => tapped(p));
    else if (drawing === 'grid') points = points.length < 3 ? [...points, p] : [p];
    else if (drawing === 'hot' || drawing === 'soldered') {
      points = [p];
      finish();
    } else points = [...points, p];
  }
  function finish() {
    if (drawing && drawing !== 'place' && drawing !== 'many' && drawing !== 'grid') sheet = drawing;
  }
  function drawn(made?: string) {
    sheet = '';
    drawing = '';
    points = [];
    if (made) picked = made;
  }
  const designators = $derived(onBoard.map((r) => r.capacitor.designator));
  /** The part of the strip sits where the finger went; the next one is ready. */
  async function tapped(p: Point) {
    const { designator } = quick;
    const done = await act(
      api.POST('/api/machines/{id}/boards/{boardId}/capacitors', {
        params: { path: { id, boardId: board!.id } },
        body: quick.edit(side, p),
      }),
      true,
    );
    quick.took(designator, designators);
    if (done.id) picked = done.id;
  }
  /** A row or a grid of equal parts: one act, undone as one. */
  async function putGrid(places: Point[]) {
    await act(
      api.POST('/api/machines/{id}/boards/{boardId}/csv', {
        params: { path: { id, boardId: board!.id } },
        body: { text: quick.list(places, side, designators), leaveOut: false },
      }),
    );
    quick.added = [...quick.added, ...places.map(() => '')];
    quick.designator = '';
    start('many');
    await query.refetch();
    quick.ready(designators);
  }
  async function place(p: Point) {
    drawing = '';
    if (item?.kind === 'capacitor') {
      const c = onBoard.find((r) => r.capacitor.id === item.id)!.capacitor;
      await act(
        api.PUT('/api/machines/{id}/capacitors/{capacitorId}', {
          params: { path: { id, capacitorId: c.id } },
          headers: basedOn(c.version),
          body: { ...editOf(c), x: p.x, y: p.y, side },
        }),
      );
    } else if (item?.kind === 'cell')
      await act(
        api.PUT('/api/machines/{id}/battery/place', {
          params: { path: { id } },
          body: { boardId: board!.id, x: p.x, y: p.y },
        }),
      );
    else if (item?.kind === 'soldered') {
      const part = data!.soldered.find((x) => x.part.id === item.id)!.part;
      await act(
        api.PUT('/api/machines/{id}/soldered/{rowId}', {
          params: { path: { id, rowId: part.id } },
          headers: basedOn(part.version),
          body: { ...solderedEdit(part), x: p.x, y: p.y, side },
        }),
      );
    } else if (item?.kind === 'hot') {
      const h = data!.hotParts.find((x) => x.part.id === item.id)!.part;
      await act(
        api.PUT('/api/machines/{id}/hot/{rowId}', {
          params: { path: { id, rowId: h.id } },
          headers: basedOn(h.version),
          body: {
            boardId: board!.id,
            name: h.name,
            side,
            x: p.x,
            y: p.y,
            facts: h.facts,
            load: h.load,
            fan: h.fan ?? null,
          },
        }),
      );
    }
  }
  async function photo(files: FileList | null) {
    if (!files?.[0] || !board) return;
    const photoId = await upload(id, files[0], `${board.name}, ${side}`);
    await act(
      api.PUT('/api/machines/{id}/boards/{boardId}', {
        params: { path: { id, boardId: board.id } },
        headers: basedOn(board.version),
        body: { name: board.name, photoId, side },
      }),
    );
    sheet = 'straighten';
  }
  const edge = $derived(
    drawing === 'area'
      ? 'Go round the edge of what is eaten, a tap at each corner.'
      : drawing === 'net'
        ? 'Tap along the trace, from one end to the other.'
        : drawing === 'hot'
          ? 'Tap the hot part.'
          : drawing === 'soldered'
            ? 'Tap the connector, switch, socket or chip.'
            : `Tap where ${item?.name} sits.`,
  );
  useKeys([
    { key: 'n', words: 'The next in the list', run: () => step(1) },
    { key: 'b', words: 'The one before', run: () => step(-1) },
    { key: 'a', words: 'Put a capacitor on the board', run: () => (sheet = board ? 'add' : 'tools') },
    {
      key: 's',
      words: 'Measure one after the other, by designator',
      run: () => (series.going || unmeasured.length > 1) && sit(),
    },
    { key: 'o', words: 'Mark a corroded area', run: () => board && start('area') },
    { key: 't', words: 'Mark a trace to be measured', run: () => board && start('net') },
    { key: 'h', words: 'Mark a hot part', run: () => board && start('hot') },
    { key: 'j', words: 'Mark a part whose joints are made', run: () => board && start('soldered') },
    { key: 'f', words: 'Turn the board over', run: () => (side = side === 'front' ? 'back' : 'front') },
    { key: 'v', words: 'See the other side through the board', run: () => (see[side] = !see[side]) },
    { key: 'p', words: 'Photo of this side', run: () => camera?.click() },
    { key: 'Escape', words: 'Stop drawing', run: () => drawn() },
  ]);
</script>

<svelte:head><title>Boards · {head.machine.name}</title></svelte:head>

<Query {query} what="the boards">
  {#snippet children(data)}
    {#if !board}
      <div class="max-w-xl py-8">
        <h1 class="text-title font-bold">No board is listed yet</h1>
        <p class="mt-2">
          Name a board, then type its capacitors or take them from a list. Haar reads the markings, ranks the risk,
          judges the readings and finds what fits in the drawer.
        </p>
      </div>
      <BenchEdge
        >{#snippet next()}<button class="btn-next" onclick={() => (sheet = 'tools')}>Add a board</button
          >{/snippet}</BenchEdge
      >
    {:else}
      {#snippet more()}<button class="act" onclick={() => (sheet = 'add')}>Add <Key k="A" /></button
        >{#if items.length}<button class="act" onclick={() => step(1)}>Next <Key k="N" /></button>{/if}{/snippet}
      <div class="grid gap-x-5 gap-y-4 lg:grid-cols-[minmax(0,1fr)_30rem] print:hidden">
        <div class="min-w-0" bind:this={map}>
          <BoardMap
            items={onMap}
            hash={sheetOf?.hash}
            aspect={sheetOf?.pixelsWide ? sheetOf.pixelsHigh / sheetOf.pixelsWide : 0.68}
            name="{board.name}, {side}"
            selected={item?.id}
            onselect={select}
            {draft}
            onpoint={point}
          />
          <div class="mt-1.5 flex flex-wrap items-center gap-x-[0.9rem] text-sm">
            {#if data.boards.length > 1}<SelectField
                label="Board"
                class="w-56"
                value={board.id}
                options={data.boards.map((b) => [b.id, b.name] as const)}
                onchange={(v) => {
                  boardAt = v;
                  picked = null;
                }}
              />{/if}
            <button class="act" onclick={() => (side = side === 'front' ? 'back' : 'front')}
              >{side === 'front' ? 'Turn it over' : 'To the front'}</button
            >
            {#if behind.length}<button class="act" onclick={() => (see[side] = !see[side])}
                >{see[side] ? `Hide the ${other}` : `See the ${other} through`} <Key k="V" /></button
              >{/if}
            {#if item && item.kind !== 'area' && item.kind !== 'net' && (item.side === side || !item.at)}<button
                class="act"
                onclick={() => {
                  picked = item.id;
                  start('place');
                }}>Place on the map</button
              >{/if}
            <button class="act" onclick={() => start('area')}>Mark an area</button>
            <button class="act" onclick={() => start('net')}>Mark a trace</button>
            <button class="act" onclick={() => start('hot')}>Hot part</button>
            <button class="act" onclick={() => start('soldered')}>Soldered part</button>
            <button class="act" onclick={() => (sheetOf?.hash ? (sheet = 'straighten') : camera?.click())}
              >{sheetOf?.hash ? 'Photo and scale' : `Photo of the ${side}`}</button
            >
            <button class="act" onclick={() => (sheet = 'tools')}>Lists</button>
            <button class="act max-sm:hidden" onclick={() => print()}>Print</button>
            {#if unmeasured.length > 1 && !series.going}<button class="act" onclick={sit}>Measure in a row</button>{/if}
            <input
              bind:this={camera}
              type="file"
              accept="image/*"
              capture="environment"
              class="sr-only"
              tabindex="-1"
              aria-label="Photo of the board"
              onchange={(e) => {
                const f = e.currentTarget.files;
                void form.send(() => photo(f));
              }}
            />
          </div>
          {#if !sheetOf?.widthMillimetres && sheetOf?.hash}<p class="mt-1 text-sm">
              This side has no scale yet: <button class="underline" onclick={() => (sheet = 'straighten')}
                >set one length on it</button
              >, and areas and traces get their size.
            </p>{/if}
          {#if board.registration.outcome === 'no'}<p class="mt-1 text-sm">
              <button class="font-semibold underline" onclick={() => (sheet = 'straighten')}
                >{board.registration.sentence}</button
              >
            </p>{/if}
          {#if data.forecast}<p class="mt-1 text-sm text-soft">
              {data.forecast.verdict.sentence}
              <button
                class="font-semibold underline decoration-1 underline-offset-2 hover:text-ink"
                onclick={() => (sheet = 'forecast')}>Recap now, or wait?</button
              >
            </p>{/if}
          {#if data.baths.length}<p class="mt-1 text-sm text-soft">
              Neutralise in {data.baths.length === 1 ? 'one bath' : `${data.baths.length} separate baths, never one`}: {data.baths.join(
                '; ',
              )}.
            </p>{/if}
          {#if drawing === 'many' || drawing === 'grid'}
            <TapMany
              {quick}
              {form}
              {points}
              grid={drawing === 'grid'}
              ongrid={() => start('grid')}
              onput={(places) => void form.send(() => putGrid(places))}
              ondone={() => drawn()}
            />
          {:else if drawing}
            <BenchEdge>
              {#snippet next()}{#if drawing === 'area' || drawing === 'net'}<button
                    class="btn-next"
                    disabled={points.length < (drawing === 'area' ? 3 : 2)}
                    onclick={finish}>{drawing === 'area' ? 'Close the outline' : 'That is its run'}</button
                  >{:else}<p class="text-lg font-bold">{edge}</p>{/if}{/snippet}
              {#snippet needs()}{drawing === 'area' || drawing === 'net' ? edge : ''}{/snippet}
              {#snippet acts()}{#if points.length}<button class="act" onclick={() => point(null)}
                    >Last point away</button
                  >{/if}{#if drawing === 'net' || drawing === 'hot' || drawing === 'soldered'}<button
                    class="act"
                    onclick={() => {
                      points = [];
                      finish();
                    }}>Without a place</button
                  >{/if}<button class="act" onclick={() => drawn()}>Stop drawing</button>{/snippet}
            </BenchEdge>
          {/if}
        </div>
        <div class="flex min-w-0 flex-col gap-4 max-lg:order-first lg:min-h-[calc(100dvh-14.5rem)]">
          {#if series.going || series.check}<SeriesStrip {series} machineId={id} left={unmeasured.length} />{/if}
          {#if item}
            <div class="rounded-lg bg-paper px-5 py-4">
              {#if item.kind === 'capacitor'}
                {@const row = onBoard.find((r) => r.capacitor.id === item.id)}
                {#if row}<CapacitorPanel
                    {id}
                    {head}
                    {row}
                    bench={!drawing}
                    onkeep={() => (picked = item.id)}
                    onnext={() => step(1)}
                    onmeasured={measured}
                    {more}
                  />{/if}
              {:else if item.kind === 'area'}
                {@const row = data.areas.find((a) => a.area.id === item.id)}
                {#if row}<AreaPanel
                    {id}
                    {row}
                    nets={data.nets}
                    bench={!drawing}
                    onnext={() => step(1)}
                    onpick={(x) => select(x)}
                    scaled={!!board[row.area.side].widthMillimetres}
                    {more}
                  />{/if}
              {:else if item.kind === 'net'}
                {@const row = data.nets.find((n) => n.net.id === item.id)}
                {#if row}<NetPanel
                    {id}
                    {row}
                    side={board[row.net.side]}
                    bench={!drawing}
                    onkeep={() => (picked = item.id)}
                    onnext={() => step(1)}
                    {more}
                  />{/if}
              {:else if item.kind === 'hot'}
                {@const row = data.hotParts.find((h) => h.part.id === item.id)}
                {#if row}<HotPanel
                    {id}
                    {row}
                    boardId={board.id}
                    bench={!drawing}
                    onkeep={() => (picked = item.id)}
                    onnext={() => step(1)}
                    {more}
                  />{/if}
              {:else if item.kind === 'soldered'}
                {@const row = data.soldered.find((r) => r.part.id === item.id)}
                {#if row}<SolderedPanel
                    {id}
                    {row}
                    bench={!drawing}
                    onkeep={() => (picked = item.id)}
                    onnext={() => step(1)}
                    {more}
                  />{/if}
              {:else if data.cell}<CellPanel {id} cell={data.cell} bench={!drawing} {more} />{/if}
              {#if !sheet}<ProblemNote problem={form.problem} />{/if}
            </div>
          {/if}
          <section aria-label="The list of everything on the board" class="flex min-w-0 flex-1 flex-col">
            <div class="flex flex-wrap items-end justify-between gap-3">
              <h2 class="font-bold">
                {onBoard.length || !items.length ? tally(onBoard) : `${items.filter((i) => i.rank < 3).length} to do`}
              </h2>
              <SelectField
                label="Show"
                hidden
                small
                bind:value={filter}
                options={[
                  ['all', 'All'],
                  ['todo', 'To be done'],
                  ...words.map((w) => [w, w[0]!.toUpperCase() + w.slice(1)] as const),
                  ...(kinds.length > 1 ? kinds.map((k) => [`kind:${k}`, kindWord[k]] as const) : []),
                ]}
              />
            </div>
            <MarkedList
              fill
              items={shown}
              chosen={item?.id}
              empty={items.length ? 'None of these.' : 'Type the first one, or take them from a list.'}
              onselect={(x) => select(x)}
            />
          </section>
        </div>
      </div>
      <div class="h-56 sm:h-24 print:hidden" aria-hidden="true"></div>
      {#if !item && !drawing}<BenchEdge
          >{#snippet next()}<button class="btn-next" onclick={() => (sheet = 'add')}
              >Put a capacitor on the board</button
            >{/snippet}{#snippet acts()}{@render more()}{/snippet}</BenchEdge
        >{/if}
      <PrintSheet {head} {board} {side} items={onSide} rest={items.filter((i) => i.side !== side)} screen={data} />
    {/if}
  {/snippet}
</Query>

<Sheet bind:current={sheet} name="add" title="A capacitor on {board?.name}"
  >{#if board}<CapacitorForm
      {id}
      boardId={board.id}
      {side}
      {quick}
      taken={designators}
      ondone={(made) => {
        if (made) picked = made;
      }}
      onmap={sheetOf?.hash
        ? () => {
            quick.ready(designators);
            drawn();
            start('many');
          }
        : undefined}
      onlist={() => (sheet = 'tools')}
    />{/if}</Sheet
>
<Sheet
  bind:current={sheet}
  name="area"
  title="What is eaten here?"
  about="The size comes from the outline and the scale."
  >{#if board}<AreaForm {id} boardId={board.id} {side} sheet={sheetOf} outline={points} ondone={drawn} />{/if}</Sheet
>
<Sheet
  bind:current={sheet}
  name="net"
  title="A net to measure end to end"
  about="Haar says what whole copper would read, and what a reading means."
  >{#if board}<NetForm {id} boardId={board.id} {side} sheet={sheetOf} path={points} ondone={drawn} />{/if}</Sheet
>
<Sheet bind:current={sheet} name="hot" title="A hot part"
  >{#if board}<HotForm {id} boardId={board.id} {side} at={points[0]} ondone={drawn} />{/if}</Sheet
>
<Sheet
  bind:current={sheet}
  name="soldered"
  title="A part whose joints are made"
  about="A connector, switch, socket or chip: exchanged, or soldered again."
  >{#if board}<SolderedForm {id} boardId={board.id} {side} at={points[0]} ondone={drawn} />{/if}</Sheet
>
<Sheet bind:current={sheet} name="tools" title="Lists and plans"
  ><BoardTools
    {id}
    {board}
    ondone={(b) => {
      sheet = '';
      if (b) boardAt = b;
    }}
  /></Sheet
>
<Sheet
  bind:current={sheet}
  name="straighten"
  title="Photo and scale of the {side}"
  about="From straight above, and with one length known, the photo becomes a map."
  >{#if board}<Straighten {id} {board} {side} onphoto={() => camera?.click()} ondone={() => (sheet = '')} />{/if}</Sheet
>
<Sheet bind:current={sheet} name="forecast" title="Recap now, or wait?"
  >{#if data?.forecast}<ForecastSheet forecast={data.forecast} rows={onBoard} currency={head.currency} />{/if}</Sheet
>

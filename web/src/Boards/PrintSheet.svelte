<!-- @component The sheet for the bench: the map of one side with numbers, and a list to tick, on A4. Shown only in print. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { photoUrl } from '../Intake/photos';
  import type { MapItem, Side } from './items';
  let {
    head,
    board,
    side,
    items,
    rest,
    screen,
  }: {
    head: Schemas['MachineHead'];
    board: Schemas['BoardSheet'];
    side: Side;
    items: MapItem[];
    rest: MapItem[];
    screen: Schemas['CapacitorsScreen'];
  } = $props();
  const s = $derived(board[side]);
  const aspect = $derived(s.pixelsWide ? s.pixelsHigh / s.pixelsWide : 0.68);
  const height = $derived(1000 * aspect);
  const points = (p: { x: number; y: number }[]) => p.map((q) => `${q.x * 1000},${q.y * height}`).join(' ');
  const turn = $derived(new Map(screen.capacitors.filter((r) => r.turn).map((r) => [r.capacitor.id, r.turn!])));
  const part = $derived(
    new Map(screen.capacitors.map((r) => [r.capacitor.id, r.part ?? (r.onOrder ? 'in the post' : '')])),
  );
  const todo = $derived(
    [...items, ...rest]
      .filter((i) => i.rank < 4)
      .sort((a, b) => (turn.get(a.id)?.number ?? 999) - (turn.get(b.id)?.number ?? 999)),
  );
  const where = (i: MapItem) => (i.side === side ? '' : ` (${i.side})`);
</script>

<article class="hidden text-black print:block">
  <h1 class="text-2xl font-bold">{head.machine.name}: {board.name}, {side}</h1>
  <p class="text-sm">
    {todo.length} to do, {items.length + rest.length - todo.length} done or sound. {s.widthMillimetres
      ? `The picture is ${Math.round(s.widthMillimetres)} mm wide on the board.`
      : 'No scale is set.'}
  </p>
  <svg
    viewBox="0 0 1000 {height}"
    class="mt-3 w-full border border-black"
    role="img"
    aria-label="Map of {board.name}, {side}"
  >
    {#if s.hash}<image href={photoUrl(s.hash, 'screen')} width="1000" {height} opacity="0.45" />{/if}
    {#each items.filter((i) => i.outline) as i (i.id)}<polygon
        points={points(i.outline!)}
        fill="none"
        stroke="black"
        stroke-width="3"
        stroke-dasharray="6 5"
      /><text
        x={i.outline![0]!.x * 1000 + 6}
        y={i.outline![0]!.y * height}
        font-size="19"
        font-weight="700"
        stroke="white"
        stroke-width="5"
        paint-order="stroke">{i.name}</text
      >{/each}
    {#each items.filter((i) => (i.path?.length ?? 0) > 1) as i (i.id)}<polyline
        points={points(i.path!)}
        fill="none"
        stroke="white"
        stroke-width="7"
      /><polyline
        points={points(i.path!)}
        fill="none"
        stroke="black"
        stroke-width="3"
        stroke-dasharray={i.mark === 'out' ? '9 5' : undefined}
      />{/each}
    {#each items.filter((i) => i.at) as i (i.id)}
      {@const [x, y] = [i.at!.x * 1000, i.at!.y * height]}
      {#if i.rank < 4}<rect
          x={x - 11}
          y={y - 11}
          width="22"
          height="22"
          fill="white"
          stroke="black"
          stroke-width="3"
        />{#if i.mark === 'out'}<path
            d="M{x - 6} {y - 6}l12 12m0-12-12 12"
            stroke="black"
            stroke-width="3"
          />{:else}<text {x} y={y + 6} text-anchor="middle" font-size="18" font-weight="700">?</text>{/if}
        <text x={x + 15} y={y + 6} font-size="19" font-weight="700" stroke="white" stroke-width="5" paint-order="stroke"
          >{i.name}</text
        >
      {:else}<circle cx={x} cy={y} r="7" fill="white" stroke="black" stroke-width="2" />{/if}
    {/each}
  </svg>
  <p class="mt-1 text-sm">
    Square with a cross: has to be done. Question mark: to be measured. Ring: sound or done. Dashed outline: corrosion.
  </p>
  <table class="mt-4 w-full border-collapse text-left text-xs">
    <thead
      ><tr class="border-b-2 border-black"
        ><th class="py-1 pr-2">Turn</th><th class="pr-2">What</th><th class="pr-2">Value</th><th class="pr-2"
          >Why, or what is left</th
        ><th class="pr-2">Part, tool</th><th class="w-28">Reading</th><th class="w-8">Done</th></tr
      ></thead
    >
    <tbody>
      {#each todo as i (i.id)}
        {@const t = turn.get(i.id)}
        <tr class="break-inside-avoid border-b border-black/40"
          ><td class="py-1 pr-2 font-mono">{t?.number ?? ''}</td><td class="pr-2 font-semibold">{i.name}{where(i)}</td
          ><td class="pr-2">{i.value}</td><td class="pr-2">{i.word === i.end ? i.end : `${i.word}: ${i.end}`}</td><td
            class="pr-2"
            >{part.get(i.id) ?? ''}{#if t}{part.get(i.id) ? ', ' : ''}{t.joint.celsius} °C, {t.joint.dwellSeconds} s{/if}</td
          ><td class="border-b border-dotted border-black"></td><td
            ><span class="inline-block size-4 border-2 border-black"></span></td
          ></tr
        >
      {:else}<tr><td colspan="7" class="py-2">Nothing is left to do on this board.</td></tr>{/each}
    </tbody>
  </table>
</article>

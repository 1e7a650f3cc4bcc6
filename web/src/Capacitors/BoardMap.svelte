<!--
@component A board's photo with its capacitors on it: a map of facts with a legend. Fingers, wheel and keys move it; the list beside it does everything that it does.
-->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark from '$lib/ui/Mark.svelte';
  import { photoUrl } from '../Intake/photos';
  import { MapView } from './view.svelte';
  import { standMarks } from './stand';

  type Row = Schemas['CapacitorRow'];
  let { rows, hash, name, selected, onselect, placing = false, onplace }: { rows: Row[]; hash?: string | null; name: string; selected?: string; onselect: (id: string) => void; placing?: boolean; onplace?: (x: number, y: number) => void } = $props();

  const view = new MapView();
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing on the screen depends on it
  const pointers = new Map<number, { x: number; y: number }>();
  let frame: HTMLElement;
  let moved = 0;
  const placed = $derived(rows.filter((r) => r.capacitor.x != null && r.capacitor.y != null));
  const counts = $derived(Object.values(standMarks).filter((s) => rows.some((r) => standMarks[r.stand].mark === s.mark)));

  $effect(() => {
    const r = placed.find((x) => x.capacitor.id === selected)?.capacitor;
    if (r && view.width) view.show(r.x!, r.y!);
  });

  const local = (e: { clientX: number; clientY: number }) => {
    const box = frame.getBoundingClientRect();
    return { x: e.clientX - box.left, y: e.clientY - box.top };
  };
  function down(e: PointerEvent) {
    pointers.set(e.pointerId, local(e));
    if (pointers.size === 1) moved = 0;
  }
  function move(e: PointerEvent) {
    const before = pointers.get(e.pointerId);
    if (!before) return;
    const now = local(e);
    if (pointers.size === 1) {
      moved += Math.abs(now.x - before.x) + Math.abs(now.y - before.y);
      if (moved > 6) {
        frame.setPointerCapture(e.pointerId);
        view.pan(now.x - before.x, now.y - before.y);
      }
    } else {
      const other = [...pointers.entries()].find(([k]) => k !== e.pointerId)?.[1];
      if (other) {
        const was = Math.hypot(before.x - other.x, before.y - other.y);
        const is = Math.hypot(now.x - other.x, now.y - other.y);
        if (was > 0) view.zoomAt(is / was, (now.x + other.x) / 2, (now.y + other.y) / 2);
        moved = 99;
      }
    }
    pointers.set(e.pointerId, now);
  }
  function up(e: PointerEvent) {
    const had = pointers.delete(e.pointerId);
    if (!had || e.type !== 'pointerup' || moved > 6 || !placing || pointers.size) return;
    const at = local(e);
    const p = view.under(at.x, at.y);
    if (p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 1) onplace?.(p.x, p.y);
  }
  function wheel(e: WheelEvent) {
    e.preventDefault();
    const at = local(e);
    view.zoomAt(Math.exp(-e.deltaY / 400), at.x, at.y);
  }
  function keys(e: KeyboardEvent) {
    const step = 60;
    const acts: Record<string, () => void> = {
      ArrowLeft: () => view.pan(step, 0), ArrowRight: () => view.pan(-step, 0), ArrowUp: () => view.pan(0, step), ArrowDown: () => view.pan(0, -step),
      '+': () => view.zoomAt(1.4, view.width / 2, view.height / 2), '=': () => view.zoomAt(1.4, view.width / 2, view.height / 2), '-': () => view.zoomAt(1 / 1.4, view.width / 2, view.height / 2), '0': () => (view.zoom = 1),
    };
    if (acts[e.key]) {
      e.preventDefault();
      acts[e.key]!();
    }
  }
</script>

<div class="relative overflow-hidden rounded-lg bg-[#8a938c] print:hidden">
  <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
  <div
    bind:this={frame}
    bind:clientWidth={view.width}
    bind:clientHeight={view.height}
    role="group"
    tabindex="0"
    aria-label="Map of {name}. Arrow keys move it, plus and minus zoom. The list beside it holds the same."
    class="relative h-[clamp(20rem,calc(100dvh-20.5rem),40rem)] touch-none overflow-hidden select-none max-sm:h-[38dvh] {placing ? 'cursor-crosshair' : 'cursor-grab'}"
    onpointerdown={down}
    onpointermove={move}
    onpointerup={up}
    onpointercancel={up}
    onwheel={wheel}
    onkeydown={keys}
  >
    {#if hash}
      <img class="pointer-events-none absolute max-w-none" style:left="{view.left}px" style:top="{view.top}px" style:width="{view.boardWidth}px" style:height="{view.boardHeight}px" src={photoUrl(hash)} alt="" draggable="false" onload={(e) => { const i = e.currentTarget as HTMLImageElement; view.aspect = i.naturalHeight / i.naturalWidth; }} />
    {:else}
      <div class="absolute rounded-md bg-[#2c5847]" style:left="{view.left + 12}px" style:top="{view.top + 12}px" style:width="{Math.max(0, view.boardWidth - 24)}px" style:height="{Math.max(0, view.boardHeight - 24)}px"></div>
    {/if}
    {#each placed as r (r.capacitor.id)}
      {@const s = standMarks[r.stand]}
      {@const on = r.capacitor.id === selected}
      <button
        tabindex="-1"
        class="absolute flex items-center gap-0.5 {on ? 'z-10' : s.mark === 'sound' || s.mark === 'done' ? '' : 'z-[5]'}"
        style:left="{view.left + r.capacitor.x! * view.boardWidth - 15}px"
        style:top="{view.top + r.capacitor.y! * view.boardHeight - 15}px"
        aria-label="{r.capacitor.designator}, {s.word}"
        onclick={() => { if (!placing) onselect(r.capacitor.id); }}
      >
        <span class="grid size-[30px] place-items-center rounded-full {on ? 'outline-[5px] outline-brass outline-solid' : ''}"><Mark of={s.mark} size={s.mark === 'sound' ? 22 : 27} hidden /></span>
        {#if on || (s.mark !== 'sound' && s.mark !== 'done')}<span class="rounded-sm bg-[#142e2b]/75 px-1 font-mono text-[0.875rem] leading-tight font-semibold text-[#f6f8f7]">{r.capacitor.designator}</span>{/if}
      </button>
    {/each}
  </div>
  <ul class="absolute bottom-2.5 left-2.5 flex flex-wrap gap-x-4 gap-y-1 rounded bg-paper px-3 py-1.5 text-sm max-sm:static max-sm:rounded-none" aria-label="Legend">
    {#each counts as c (c.mark)}<li class="flex items-center gap-1.5"><Mark of={c.mark} size={18} hidden />{c.word}</li>{/each}
  </ul>
  <div class="absolute top-2.5 right-2.5 grid gap-1.5">
    <button class="grid size-10 place-items-center rounded bg-paper text-xl font-bold" aria-label="Nearer" onclick={() => view.zoomAt(1.5, view.width / 2, view.height / 2)}>+</button>
    <button class="grid size-10 place-items-center rounded bg-paper text-xl font-bold" aria-label="Farther" onclick={() => view.zoomAt(1 / 1.5, view.width / 2, view.height / 2)}>−</button>
  </div>
  {#if !placed.length && rows.length}<p class="absolute inset-x-6 top-1/2 -translate-y-1/2 rounded bg-paper p-3 text-center">None of these parts has a place on the map yet. Choose one, then “Place on the map”.</p>{/if}
</div>

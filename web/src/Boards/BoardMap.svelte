<!--
@component A side of a board with what matters on it: a map of facts with a legend. Fingers, wheel and keys move it; the list beside it does everything that it does.
With `draft` it takes points: a tap, or the crosshair by arrow keys and Enter.
-->
<script lang="ts">
  import { untrack } from 'svelte';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import { photoUrl } from '../Intake/photos';
  import { draw, under, type Draft, type Sight } from './draw';
  import type { MapItem, Point } from './items';
  import { MapView } from './view.svelte';

  let {
    items,
    hash,
    aspect = 0.68,
    name,
    selected,
    onselect,
    draft = null,
    onpoint,
  }: {
    items: MapItem[];
    hash?: string | null;
    aspect?: number;
    name: string;
    selected?: string;
    onselect: (id: string, through?: boolean) => void;
    draft?: Draft | null;
    onpoint?: (p: Point | null) => void;
  } = $props();

  const view = new MapView();
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- nothing on the screen depends on it
  const pointers = new Map<number, { x: number; y: number }>();
  let frame: HTMLElement;
  let canvas: HTMLCanvasElement | null = null;
  let drawn = $state.raw<Sight>(view.sheet);
  let moved = 0;
  let asked = 0;
  let cross = $state<Point>({ x: 0.5, y: 0.5 });
  let keyed = $state(false);
  const placed = $derived(items.filter((i) => i.at || i.outline?.length || (i.path?.length ?? 0) > 1));
  /** Where the chosen mark is, for who cannot see it. */
  const where = $derived.by(() => {
    const at = placed.find((i) => i.id === selected)?.at;
    const name = placed.find((i) => i.id === selected)?.name;
    return at ? `${name} is ${Math.round(at.x * 100)} % across and ${Math.round(at.y * 100)} % down. ` : '';
  });
  const legend = $derived(
    [...new Map(placed.filter((i) => i.kind !== 'area' && !i.through).map((i) => [i.mark, i])).values()].map(
      (i) =>
        [
          i.mark,
          i.mark === 'if'
            ? 'to be decided'
            : i.mark === 'waiting'
              ? 'waits'
              : i.mark === 'unknown'
                ? 'not known'
                : i.mark === 'out'
                  ? 'has to be done'
                  : i.mark === 'done'
                    ? 'done'
                    : 'sound',
        ] as [MarkOf, string],
    ),
  );

  $effect(() => {
    view.aspect = aspect;
  });
  $effect(() => {
    const i = placed.find((x) => x.id === selected);
    const at =
      i?.at ??
      i?.path?.[0] ??
      (i?.outline
        ? {
            x: i.outline.reduce((s, p) => s + p.x, 0) / i.outline.length,
            y: i.outline.reduce((s, p) => s + p.y, 0) / i.outline.length,
          }
        : undefined);
    // Brought into sight when it is chosen; after that the hand may move the map away from it.
    if (at && view.width) untrack(() => view.show(at.x, at.y));
  });
  const sheet = $derived(view.sheet);
  $effect(() => {
    // Read here, so that a change of any of them asks for a frame; a pan within the sheet changes none.
    const [seen, shown, chosen, pencil] = [sheet, placed, selected, draft && { ...draft, cross: keyed ? cross : null }];
    cancelAnimationFrame(asked);
    asked = requestAnimationFrame(() => {
      if (canvas) draw(canvas, seen, shown, chosen, pencil);
      drawn = seen;
    });
    return () => cancelAnimationFrame(asked);
  });
  $effect(() => {
    void document.fonts?.ready.then(() => canvas && draw(canvas, sheet, placed, selected, draft));
  });

  const local = (e: { clientX: number; clientY: number }) => {
    const box = frame.getBoundingClientRect();
    return { x: e.clientX - box.left, y: e.clientY - box.top };
  };
  function down(e: PointerEvent) {
    pointers.set(e.pointerId, local(e));
    if (pointers.size === 1) moved = 0;
    keyed = false;
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
    if (!had || e.type !== 'pointerup' || moved > 6 || pointers.size) return;
    const at = local(e);
    if (draft) {
      const p = view.under(at.x, at.y);
      if (p.x >= 0 && p.x <= 1 && p.y >= 0 && p.y <= 1) onpoint?.({ x: share(p.x), y: share(p.y) });
    } else {
      const hit = under(view, placed, at.x, at.y);
      if (hit) onselect(hit.id, hit.through);
    }
  }
  const share = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 10_000) / 10_000;
  function wheel(e: WheelEvent) {
    e.preventDefault();
    const at = local(e);
    view.zoomAt(Math.exp(-e.deltaY / 400), at.x, at.y);
  }
  function keys(e: KeyboardEvent) {
    const step = 60;
    const nudge = (dx: number, dy: number) => {
      if (!draft) return view.pan(-dx * step, -dy * step);
      keyed = true;
      const by = (e.shiftKey ? 0.05 : 0.005) / Math.sqrt(view.zoom);
      cross = { x: share(cross.x + dx * by), y: share(cross.y + (dy * by) / aspect) };
      view.show(cross.x, cross.y);
    };
    const acts: Record<string, () => void> = {
      ArrowLeft: () => nudge(-1, 0),
      ArrowRight: () => nudge(1, 0),
      ArrowUp: () => nudge(0, -1),
      ArrowDown: () => nudge(0, 1),
      '+': () => view.zoomAt(1.4, view.width / 2, view.height / 2),
      '=': () => view.zoomAt(1.4, view.width / 2, view.height / 2),
      '-': () => view.zoomAt(1 / 1.4, view.width / 2, view.height / 2),
      '0': () => (view.zoom = 1),
    };
    if (draft) {
      acts['Enter'] = () => {
        keyed = true;
        onpoint?.(cross);
      };
      acts['Backspace'] = () => onpoint?.(null);
    }
    if (acts[e.key]) {
      e.preventDefault();
      e.stopPropagation();
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
    aria-label="Map of {name}, {placed.filter((i) => !i.through).length} marks. {where}{draft
      ? 'Arrow keys move the crosshair, Enter sets a point, Backspace takes the last away.'
      : 'Arrow keys move it, plus and minus zoom. The list beside it holds the same.'}"
    class="relative h-[clamp(20rem,calc(100dvh-23rem),40rem)] touch-none overflow-hidden select-none max-sm:h-[38dvh] {draft
      ? 'cursor-crosshair'
      : 'cursor-grab'}"
    onpointerdown={down}
    onpointermove={move}
    onpointerup={up}
    onpointercancel={up}
    onwheel={wheel}
    onkeydown={keys}
  >
    {#if hash}
      <img
        class="pointer-events-none absolute top-0 left-0 max-w-none will-change-transform"
        style:transform="translate3d({view.left}px, {view.top}px, 0)"
        style:width="{view.boardWidth}px"
        style:height="{view.boardHeight}px"
        src={photoUrl(hash)}
        alt=""
        draggable="false"
      />
    {:else}
      <div
        class="absolute top-3 left-3 rounded-md bg-[#2c5847] will-change-transform"
        style:transform="translate3d({view.left}px, {view.top}px, 0)"
        style:width="{Math.max(0, view.boardWidth - 24)}px"
        style:height="{Math.max(0, view.boardHeight - 24)}px"
      ></div>
    {/if}
    <canvas
      bind:this={canvas}
      class="pointer-events-none absolute top-0 left-0 max-w-none will-change-transform"
      style:width="{sheet.width}px"
      style:height="{sheet.height}px"
      style:transform="translate3d({view.left - drawn.left}px, {view.top - drawn.top}px, 0)"
      aria-hidden="true"
    ></canvas>
  </div>
  <ul
    class="absolute bottom-2.5 left-2.5 flex flex-wrap gap-x-4 gap-y-1 rounded bg-paper px-3 py-1.5 text-sm max-sm:static max-sm:rounded-none"
    aria-label="Legend"
  >
    {#each legend as [m, w] (m)}<li class="flex items-center gap-1.5"><Mark of={m} size={18} hidden />{w}</li>{/each}
    {#if placed.some((i) => i.through)}<li class="flex items-center gap-1.5">
        <span class="flex opacity-50"><Mark of="unknown" size={18} hidden /></span>seen through
      </li>{/if}
    {#if placed.some((i) => i.outline)}<li class="flex items-center gap-1.5">
        <svg width="22" height="14" aria-hidden="true"
          ><path
            d="M3 8C3 2 19 2 19 8S3 13 3 8Z"
            fill="none"
            class="stroke-ink"
            stroke-width="2"
            stroke-dasharray="3 3"
          /></svg
        >corrosion
      </li>{/if}
  </ul>
  <div class="absolute top-2.5 right-2.5 grid gap-1.5">
    <button
      class="grid size-10 place-items-center rounded bg-paper text-xl font-bold"
      aria-label="Nearer"
      onclick={() => view.zoomAt(1.5, view.width / 2, view.height / 2)}>+</button
    >
    <button
      class="grid size-10 place-items-center rounded bg-paper text-xl font-bold"
      aria-label="Farther"
      onclick={() => view.zoomAt(1 / 1.5, view.width / 2, view.height / 2)}>−</button
    >
  </div>
  {#if !placed.length && items.length && !draft}<p
      class="absolute inset-x-6 top-1/2 -translate-y-1/2 rounded bg-paper p-3 text-center"
    >
      Nothing on this side has a place on the map yet. Choose one in the list, then “Place on the map”.
    </p>{/if}
</div>

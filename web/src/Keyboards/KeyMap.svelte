<!--
@component A keyboard as a map of its caps, on its own picture: one key is picked by tap, or by the arrow keys.
-->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { photoUrl } from '../Intake/photos';
  import { capStateWords } from './words';

  let { row, picked, onpick }: { row: Schemas['KeyboardRow']; picked: string | null; onpick: (key: string) => void } =
    $props();
  const w = $derived(row.pictureWidth || 1200);
  const h = $derived(row.pictureHeight || 400);
  const troubled = $derived(new Set(row.troubled.filter((t) => t.next).map((t) => t.key)));

  /** The nearest key in a direction, by the middles of the caps. */
  function move(from: Schemas['Cap'], dx: number, dy: number) {
    const mid = (c: Schemas['Cap']) => [c.x + c.w / 2, ((c.y + c.h / 2) * h) / w] as const;
    const [x, y] = mid(from);
    const best = row.keyboard.caps
      .filter((c) => c !== from)
      .map((c) => {
        const [cx, cy] = mid(c);
        const along = (cx - x) * dx + (cy - y) * dy;
        const across = Math.abs((cx - x) * dy) + Math.abs((cy - y) * dx);
        return { c, along, cost: along + across * 3 };
      })
      .filter((o) => o.along > 0.005)
      .sort((a, b) => a.cost - b.cost)[0];
    if (best) {
      onpick(best.c.key);
      document.getElementById(`key-${best.c.key}`)?.focus();
    }
  }
  function press(e: KeyboardEvent, c: Schemas['Cap']) {
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-1, 0],
      ArrowRight: [1, 0],
      ArrowUp: [0, -1],
      ArrowDown: [0, 1],
    };
    const m = moves[e.key];
    if (m) {
      e.preventDefault();
      move(c, ...m);
    } else if (e.key === 'Enter' || e.key === ' ') {
      e.preventDefault();
      onpick(c.key);
    }
  }
  const look = (c: Schemas['Cap']) =>
    troubled.has(c.key) || c.state === 'missing'
      ? 'stroke-oxide'
      : c.state === 'off' || c.state === 'donor'
        ? 'stroke-brass'
        : c.tested
          ? 'stroke-verdigris'
          : 'stroke-ink';
</script>

<div class="overflow-x-auto rounded-md bg-rock">
  <svg viewBox="0 0 {w} {h}" class="w-full min-w-[46rem]" role="group" aria-label="Map of the keys">
    {#if row.pictureHash}<image href={photoUrl(row.pictureHash)} width={w} height={h} preserveAspectRatio="none" />{/if}
    {#each row.keyboard.caps as c, i (c.key)}
      {@const off = c.state === 'off' || c.state === 'missing' || c.state === 'donor'}
      <g
        id="key-{c.key}"
        role="button"
        tabindex={picked === c.key || (!picked && i === 0) ? 0 : -1}
        aria-label="{c.legend || c.key}, {capStateWords[c.state]}{troubled.has(c.key) ? ', with trouble' : ''}{c.tested
          ? ', works'
          : ''}"
        aria-pressed={picked === c.key}
        class="cursor-pointer outline-none [&:focus-visible>rect]:stroke-brass [&:focus-visible>rect]:stroke-[10]"
        onclick={() => onpick(c.key)}
        onkeydown={(e) => press(e, c)}
      >
        <rect
          x={c.x * w + 3}
          y={c.y * h + 3}
          width={c.w * w - 6}
          height={c.h * h - 6}
          rx="6"
          class="{look(c)} {off ? 'fill-paper' : 'fill-transparent'}"
          stroke-width={picked === c.key ? 9 : 3}
          stroke-dasharray={c.state === 'missing' ? '10 7' : undefined}
        />
        {#if off}<text
            x={(c.x + c.w / 2) * w}
            y={(c.y + c.h / 2) * h + 7}
            text-anchor="middle"
            class="fill-ink text-[26px] font-bold">{c.legend}</text
          >{/if}
        {#if troubled.has(c.key)}<path
            d="M{(c.x + c.w) * w - 22} {c.y * h + 10}l12 12m0 -12l-12 12"
            class="stroke-oxide"
            stroke-width="5"
          />{/if}
      </g>
    {/each}
  </svg>
</div>
<p class="mt-1 text-sm text-soft">
  Brass: off. Red: missing (dashed) or with trouble (crossed). Green: tested. Arrow keys go from key to key.
</p>

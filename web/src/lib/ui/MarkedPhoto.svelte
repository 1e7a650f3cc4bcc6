<!--
@component A step's photo with its marks. With `onmark` it can be marked: a tap, or the arrow keys and Enter.
```svelte
<MarkedPhoto src={…} alt="Drive cage" marks={[{ x: 0.2, y: 0.3, text: '1' }]} onmark={(x, y) => …} />
```
-->
<script lang="ts">
  export interface Mark {
    x: number;
    y: number;
    text: string;
    /** A connector or a way round, set in brass. */
    brass?: boolean;
  }
  let {
    src,
    alt,
    marks,
    onmark,
    tall = false,
  }: { src: string; alt: string; marks: Mark[]; onmark?: (x: number, y: number) => void; tall?: boolean } = $props();
  let at = $state({ x: 0.5, y: 0.5 });
  let keyed = $state(false);
  let frame: HTMLElement | undefined = $state();

  function tap(e: MouseEvent) {
    if (!onmark || !frame || e.detail === 0) return;
    const box = frame.getBoundingClientRect();
    onmark(share((e.clientX - box.left) / box.width), share((e.clientY - box.top) / box.height));
  }
  const share = (v: number) => Math.round(Math.min(1, Math.max(0, v)) * 1000) / 1000;
  function press(e: KeyboardEvent) {
    const by = e.shiftKey ? 0.1 : 0.02;
    const moves: Record<string, [number, number]> = {
      ArrowLeft: [-by, 0],
      ArrowRight: [by, 0],
      ArrowUp: [0, -by],
      ArrowDown: [0, by],
    };
    const move = moves[e.key];
    if (move) {
      keyed = true;
      at = { x: share(at.x + move[0]), y: share(at.y + move[1]) };
      e.preventDefault();
    } else if (e.key === 'Enter' || e.key === ' ') {
      keyed = true;
      onmark?.(at.x, at.y);
      e.preventDefault();
    }
  }
</script>

{#snippet picture()}
  <img {src} {alt} class="block w-full {tall ? 'max-h-[60vh]' : ''} bg-rock" draggable="false" />
  {#each marks as m, i (i)}
    <span
      class="pointer-events-none absolute grid min-w-7 -translate-x-1/2 -translate-y-1/2 place-items-center rounded-[3px] px-1.5 text-sm leading-6 font-bold text-[#142e2b] {m.brass
        ? 'bg-brass'
        : 'bg-[#f6f8f7]'}"
      style:left="{m.x * 100}%"
      style:top="{m.y * 100}%"
      aria-hidden="true">{m.text}</span
    >
  {/each}
{/snippet}

{#if onmark}
  <button
    type="button"
    bind:this={frame}
    class="relative block w-full cursor-crosshair overflow-hidden rounded-md text-left"
    onclick={tap}
    onkeydown={press}
    aria-label="Mark on the photo of {alt}: tap, or arrow keys and Enter"
  >
    {@render picture()}
    {#if keyed}<span
        class="pointer-events-none absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px] border-brass"
        style:left="{at.x * 100}%"
        style:top="{at.y * 100}%"
      ></span>{/if}
  </button>
{:else}
  <div class="relative overflow-hidden rounded-md">{@render picture()}</div>
{/if}

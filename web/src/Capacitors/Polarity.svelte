<!-- @component Asks where a part's minus points, as one looks at the board like its photo. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  let {
    kind,
    onpick,
    unknown,
    onunknown,
  }: {
    kind: Schemas['CapacitorKind'];
    onpick: (t: Schemas['Direction']) => void;
    unknown?: string;
    onunknown?: () => void;
  } = $props();
  const stripe = $derived(
    kind === 'polymer' || kind.startsWith('tantalum')
      ? 'On a tantalum bead or a moulded polymer the stripe is the plus, so minus is the other end.'
      : 'On an aluminium electrolytic the stripe is the minus.',
  );
  const ways = [
    ['up', 'Up', 'M12 20V5m-6 6 6-6 6 6'],
    ['left', 'Left', 'M20 12H5m6-6-6 6 6 6'],
    ['right', 'Right', 'M4 12h15m-6-6 6 6-6 6'],
    ['down', 'Down', 'M12 4v15m-6-6 6 6 6-6'],
  ] as const;
</script>

<p class="mb-3">{stripe} Hold the board as it lies on its photo.</p>
<div class="grid max-w-xs grid-cols-3 gap-2">
  {#each ways as [t, w, d] (t)}
    <button
      class="btn min-h-16 flex-col justify-center {t === 'up'
        ? 'col-start-2'
        : t === 'left'
          ? 'col-start-1 row-start-2'
          : t === 'right'
            ? 'col-start-3 row-start-2'
            : 'col-start-2 row-start-3'}"
      aria-label="Its minus points {w.toLowerCase()}"
      onclick={() => onpick(t)}
      ><svg
        width="24"
        height="24"
        viewBox="0 0 24 24"
        fill="none"
        stroke="currentColor"
        stroke-width="2.6"
        aria-hidden="true"><path {d} /></svg
      >{w}</button
    >
  {/each}
</div>
{#if unknown}<button class="act mt-3" onclick={() => onunknown?.()}>{unknown}</button>{/if}

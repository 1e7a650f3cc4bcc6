<!-- @component Every run as a dot, before above after, on one scale; the bar is the median. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/api/client';
  import { plain } from '$lib/format';
  let { runs, unit }: { runs: Schemas['Run'][]; unit: string } = $props();
  const all = $derived(runs.map((r) => r.value));
  const x = $derived(scaleLinear([Math.min(...all), Math.max(...all)], [70, 590]).nice());
  const median = (side: string) => {
    const v = runs
      .filter((r) => r.side === side)
      .map((r) => r.value)
      .sort((a, b) => a - b);
    return v.length ? (v[Math.floor((v.length - 1) / 2)]! + v[Math.ceil((v.length - 1) / 2)]!) / 2 : undefined;
  };
  const at = (v: number) => (Math.min(...all) === Math.max(...all) ? 330 : x(v));
</script>

{#if runs.length}
  <svg
    viewBox="0 0 640 116"
    class="mt-3 w-full max-w-read"
    role="img"
    aria-label="Before: {runs
      .filter((r) => r.side === 'before')
      .map((r) => plain(r.value, 5))
      .join(', ') || 'none'}. After: {runs
      .filter((r) => r.side === 'after')
      .map((r) => plain(r.value, 5))
      .join(', ') || 'none'}. {unit}"
  >
    {#each ['before', 'after'] as side, i (side)}
      {@const y = 26 + i * 38}
      {@const m = median(side)}
      <text x="0" y={y + 5} class="fill-soft text-sm">{side}</text>
      <path d="M66 {y}H600" class="stroke-sill" />
      {#each runs.filter((r) => r.side === side) as r (r.id)}
        {#if side === 'before'}<circle
            cx={at(r.value)}
            cy={y}
            r="6"
            class="fill-fog stroke-ink"
            stroke-width="2"
          />{:else}<circle cx={at(r.value)} cy={y} r="6.500" class="fill-verdigris" />{/if}
      {/each}
      {#if m !== undefined}<path d="M{at(m)} {y - 15}v30" class="stroke-ink" stroke-width="3" />{/if}
    {/each}
    {#each x.ticks(5) as t (t)}<text x={x(t)} y="110" text-anchor="middle" class="fill-soft font-mono text-xs"
        >{plain(t, 5)}</text
      ><path d="M{x(t)} 90v5" class="stroke-soft" />{/each}
  </svg>
{/if}

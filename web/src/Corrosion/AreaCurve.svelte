<!-- @component An area's size over time, with its stage at each look. -->
<script lang="ts">
  import { scaleLinear, scaleTime } from 'd3-scale';
  import type { Schemas } from '$lib/api/client';
  import { day, plain } from '$lib/format';
  let { looks }: { looks: Schemas['AreaInspection'][] } = $props();
  const stages = ['tarnish', 'bloom', 'maskLifted', 'copperEaten', 'open'];
  const x = $derived(scaleTime([new Date(looks[0]!.at), new Date(looks.at(-1)!.at)], [40, 360]));
  const y = $derived(scaleLinear([0, Math.max(...looks.map((l) => l.squareCentimetres)) * 1.25 || 1], [96, 8]));
  const path = $derived(`M${looks.map((l) => `${x(new Date(l.at))} ${y(l.squareCentimetres)}`).join('L')}`);
</script>

<figure class="mt-3">
  <svg
    viewBox="0 0 400 118"
    class="w-full"
    role="img"
    aria-label="Size over time: {looks
      .map((l) => `${day(l.at)} ${plain(l.squareCentimetres, 3)} cm² at stage ${stages.indexOf(l.stage)}`)
      .join('; ')}"
  >
    <path d="M40 96H360" class="stroke-sill" stroke-width="1.5" />
    <path d={path} fill="none" class="stroke-ink" stroke-width="3" />
    {#each looks as l (l.at)}<circle cx={x(new Date(l.at))} cy={y(l.squareCentimetres)} r="5" class="fill-ink" /><text
        x={x(new Date(l.at))}
        y={y(l.squareCentimetres) - 10}
        text-anchor="middle"
        class="fill-ink font-mono text-xs font-semibold">{plain(l.squareCentimetres, 3)}</text
      ><text x={x(new Date(l.at))} y="113" text-anchor="middle" class="fill-soft text-xs"
        >stage {stages.indexOf(l.stage)}</text
      >{/each}
  </svg>
  <figcaption class="text-xs text-soft">cm² from {day(looks[0]!.at)} to {day(looks.at(-1)!.at)}.</figcaption>
</figure>

<!-- @component The volts that reach the chip over the cell's life, drawn against the window in which it keeps its data. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/api/client';
  import { plain } from '$lib/format';
  let { option, low, high }: { option: Schemas['ReplacementOption']; low?: number | null; high?: number | null } = $props();
  const top = $derived(Math.max(option.freshVolts, high ?? 0) * 1.08);
  const y = $derived(scaleLinear([0, top], [96, 6]));
  const bad = $derived(option.verdict.outcome === 'no');
</script>

<figure class="mt-3">
  <svg viewBox="0 0 380 108" class="w-full" role="img" aria-label="{plain(option.freshVolts)} volts at the chip when fresh, {plain(option.endVolts)} at its end{low != null ? `; the chip keeps its data from ${plain(low)}${high != null ? ` to ${plain(high)}` : ''} volts` : ''}.">
    {#if low != null}
      <rect x="62" y={y(high ?? top)} width="250" height={y(low) - y(high ?? top)} class="fill-verdigris-wash" />
      <path d="M62 {y(low)}H312" class="stroke-verdigris" stroke-width="1.5" />
      <text x="56" y={y(low) + 5} text-anchor="end" class="fill-soft font-mono text-[14px]">{plain(low)}</text>
      {#if high != null}<path d="M62 {y(high)}H312" class="stroke-verdigris" stroke-width="1.5" /><text x="56" y={y(high) + 5} text-anchor="end" class="fill-soft font-mono text-[14px]">{plain(high)}</text>{/if}
    {/if}
    <path d="M62 {y(option.freshVolts)}C90 {y(option.freshVolts * 0.35 + option.endVolts * 0.65 + (option.freshVolts - option.endVolts) * 0.25)} 260 {y(option.endVolts + (option.freshVolts - option.endVolts) * 0.45)} 290 {y(option.endVolts + (option.freshVolts - option.endVolts) * 0.3)}S308 {y(option.endVolts)} 312 {y(option.endVolts)}" fill="none" class={bad ? 'stroke-oxide' : 'stroke-ink'} stroke-width="3" />
    <circle cx="62" cy={y(option.freshVolts)} r="4.500" class={bad ? 'fill-oxide' : 'fill-ink'} />
    <text x="320" y={y(option.endVolts) + 5} class="fill-ink font-mono text-[14px]">{plain(option.endVolts, 3)} V</text>
    <text x="70" y={y(option.freshVolts) + 22} class="fill-ink font-mono text-[14px]">{plain(option.freshVolts, 3)} V fresh</text>
  </svg>
  <figcaption class="text-xs text-soft">At the chip, fresh to empty{low != null ? '; the band is where it keeps its data' : '; its window is not known'}.</figcaption>
</figure>

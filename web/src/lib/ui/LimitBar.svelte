<!-- @component A reading beside its limits, drawn: the band is what is sound, the mark is the reading. Both ends beyond the band are drawn to the same scale, three bands wide. -->
<script lang="ts">
  let {
    value,
    low,
    high,
    bad = false,
    label,
  }: { value?: number | null; low: number; high: number; bad?: boolean; label: string } = $props();
  const span = $derived(high - low);
  const from = $derived(low - span * 0.4);
  const x = $derived(value == null ? null : Math.min(398, Math.max(2, ((value - from) / (span * 1.8)) * 400)));
  const a = $derived(((low - from) / (span * 1.8)) * 400);
  const b = $derived(((high - from) / (span * 1.8)) * 400);
</script>

<svg viewBox="0 0 400 18" class="h-[18px] w-full min-w-24" role="img" aria-label={label} preserveAspectRatio="none">
  <path d="M0 9H{a}M{b} 9H400" class="stroke-sill" stroke-width="2" />
  <rect x={a} y="3.500" width={b - a} height="11" class="fill-verdigris-wash stroke-verdigris" stroke-width="1.500" />
  {#if x != null}
    {#if bad}<rect x={x - 8} y="1" width="16" height="16" class="fill-oxide" />{:else}<ellipse
        cx={x}
        cy="9"
        rx="7"
        ry="7"
        class="fill-verdigris"
      />{/if}
  {/if}
</svg>

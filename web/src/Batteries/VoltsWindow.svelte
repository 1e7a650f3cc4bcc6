<!-- @component The volts that reach the chip over the cell's life, with their band, drawn against the window in which the chip keeps its data. -->
<script lang="ts">
  import { scaleLinear } from 'd3-scale';
  import type { Schemas } from '$lib/api/client';
  import { plain, years } from '$lib/format';
  let {
    option,
    low,
    high,
    small = false,
  }: { option: Schemas['ReplacementOption']; low?: number | null; high?: number | null; small?: boolean } = $props();
  const end = $derived(option.curve.at(-1)?.years ?? 1);
  const top = $derived(
    Math.max(option.freshVolts, high != null && high < option.freshVolts * 1.6 ? high : 0, low ?? 0) * 1.12,
  );
  // Drawn narrower rather than shrunk: its words stay as large as all others.
  const wide = $derived(small ? 270 : 380);
  const right = $derived(wide - 8);
  const x = $derived(scaleLinear([0, end], [44, right]));
  const y = $derived(scaleLinear([0, top], [118, 8]));
  const bad = $derived(option.verdict.outcome === 'no');
  const line = (pick: (p: Schemas['VoltsPoint']) => number) => option.curve.map((p) => `${x(p.years)} ${y(pick(p))}`);
  const band = $derived(
    option.curve.length
      ? `M${line((p) => p.high).join('L')}L${line((p) => p.low)
          .reverse()
          .join('L')}Z`
      : '',
  );
  const likely = $derived(option.curve.length ? `M${line((p) => p.volts).join('L')}` : '');
  const empty = $derived(
    low != null &&
      option.curve.length &&
      option.run &&
      option.verdict.outcome !== 'no' &&
      option.run.years.likely < end * 0.99
      ? option.run.years.likely
      : undefined,
  );
  const ceiling = $derived(high != null && high <= top ? high : top);
  const said = $derived(
    option.curve.length
      ? `${plain(option.freshVolts, 3)} volts at the chip when fresh${empty ? `, below the chip's ${plain(low!)} after about ${years(empty)}` : ''}`
      : `${plain(option.freshVolts, 3)} volts at the chip when fresh, ${plain(option.endVolts, 3)} at its end`,
  );
</script>

<figure class={small ? '' : 'mt-3'}>
  <svg
    viewBox="0 0 {wide} 146"
    class="w-full"
    role="img"
    aria-label="{said}{low != null
      ? `; the chip keeps its data from ${plain(low)}${high != null ? ` to ${plain(high)}` : ''} volts`
      : ''}."
  >
    {#if low != null}
      <rect
        x="44"
        y={y(ceiling)}
        width={right - 44}
        height={Math.max(0, y(low) - y(ceiling))}
        class="fill-verdigris-wash"
      />
      <path d="M44 {y(low)}H{right}" class="stroke-verdigris" stroke-width="1.5" />
      {#if y(low) - y(option.freshVolts) > 15}<text
          x="38"
          y={y(low) + 5}
          text-anchor="end"
          class="fill-soft font-mono text-xs">{plain(low)}</text
        >{/if}
      {#if high != null && high <= top}<path
          d="M44 {y(high)}H{right}"
          class="stroke-verdigris"
          stroke-width="1.5"
        />{#if y(option.freshVolts) - y(high) > 15}<text
            x="38"
            y={y(high) + 5}
            text-anchor="end"
            class="fill-soft font-mono text-xs">{plain(high)}</text
          >{/if}{/if}
    {/if}
    <path d="M44 118H{right}" class="stroke-sill" stroke-width="1.5" />
    {#if option.curve.length}
      <path d={band} class={bad ? 'fill-oxide/20' : 'fill-ink/15'} />
      <path d={likely} fill="none" class={bad ? 'stroke-oxide' : 'stroke-ink'} stroke-width="3" />
      <text x="44" y="138" class="fill-soft text-xs">new</text>{#if empty === undefined || x(empty) < right - 122}<text
          x={right}
          y="138"
          text-anchor="end"
          class="fill-soft text-xs">{years(end)}</text
        >{/if}
      {#if empty !== undefined}<path
          d="M{x(empty)} {y(low!)}V118"
          class="stroke-oxide"
          stroke-width="2"
          stroke-dasharray="4 3"
        /><text
          x={Math.min(right - 32, Math.max(96, x(empty)))}
          y="138"
          text-anchor="middle"
          class="fill-oxide text-xs font-semibold">{years(empty)}</text
        >{/if}
    {:else}
      <path
        d="M44 {y(option.freshVolts)}H{right}"
        class={bad ? 'stroke-oxide' : 'stroke-ink'}
        stroke-width="3"
        stroke-dasharray="9 6"
      />
      <text x="44" y="138" class="fill-soft text-xs"
        >{option.run
          ? 'no drain known'
          : small
            ? 'kept charged, or drain not known'
            : 'kept charged by the board, or its drain is not known'}</text
      >
    {/if}
    <text x="38" y={y(option.freshVolts) + 5} text-anchor="end" class="fill-ink font-mono text-xs font-bold"
      >{plain(option.freshVolts, 3)}</text
    >
  </svg>
  {#if !small}<figcaption class="text-xs text-soft">
      Volts at the chip from new ({plain(option.freshVolts, 3)} V) to empty, with the band between cells{low != null
        ? '; the green band is where it keeps its data'
        : '; its window is not known'}.
    </figcaption>{/if}
</figure>

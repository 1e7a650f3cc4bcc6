<!-- @component The marks of the house: a shape, a colour and, for who cannot see it, a word. <Mark of="sound" /> -->
<script lang="ts" module>
  export type MarkOf = 'sound' | 'out' | 'unknown' | 'waiting' | 'if' | 'done';
  export const markWords: Record<MarkOf, string> = {
    sound: 'sound',
    out: 'comes out',
    unknown: 'not known',
    waiting: 'waiting',
    if: 'on a condition',
    done: 'done',
  };
</script>

<script lang="ts">
  let {
    of,
    size = 24,
    word = markWords[of],
    hidden = false,
  }: { of: MarkOf; size?: number; word?: string; hidden?: boolean } = $props();
  const colour = $derived(
    of === 'out'
      ? 'text-oxide'
      : of === 'unknown' || of === 'waiting'
        ? 'text-tide'
        : of === 'if'
          ? 'text-brass-ink'
          : 'text-verdigris',
  );
</script>

<svg
  class="{colour} shrink-0"
  width={size}
  height={size}
  viewBox="0 0 24 24"
  role={hidden ? undefined : 'img'}
  aria-label={hidden ? undefined : word}
  aria-hidden={hidden}
  fill="none"
  stroke="currentColor"
  stroke-width="2.4"
>
  {#if of === 'out'}
    <rect x="2.500" y="2.500" width="19" height="19" class="fill-paper" />
    <path d="m8 8 8 8m0-8-8 8" stroke-width="2.800" />
  {:else if of === 'unknown'}
    <path d="M12 1.500 22.500 12 12 22.500 1.500 12Z" class="fill-paper" />
    <path d="M9.600 10.100a2.500 2.500 0 1 1 3.600 2.200c-.9.4-1.200.9-1.200 1.700m0 2.200v.6" stroke-width="2" />
  {:else if of === 'waiting'}
    <rect x="2.500" y="2.500" width="19" height="19" rx="9.500" class="fill-paper" />
    <path d="m6 15 9-9m-6 12 9-9" />
  {:else if of === 'if'}
    <path d="M12 3 22 20.500H2Z" class="fill-paper" stroke-linejoin="round" />
    <path d="M12 10v4.500m0 2v.8" />
  {:else}
    <circle cx="12" cy="12" r="9.500" class={of === 'done' ? 'fill-verdigris' : 'fill-paper'} />
    <path d="m7.800 12.300 3 3 5.500-6" class={of === 'done' ? 'stroke-paper' : ''} />
  {/if}
</svg>

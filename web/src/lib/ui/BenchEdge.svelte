<!--
@component The strip along the bottom: what the hand does next, what it needs, and the single-key acts. On a phone it is where the thumb is.
-->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { keepRoom } from './edge';
  let { next, needs, acts }: { next?: Snippet; needs?: Snippet; acts?: Snippet } = $props();
</script>

<section
  {@attach keepRoom}
  aria-label="Bench edge"
  class="no-print fixed inset-x-0 bottom-0 z-20 border-t-2 border-ink bg-paper px-4 pt-2 pb-[max(0.5rem,env(safe-area-inset-bottom))] sm:px-7"
>
  <div class="mx-auto flex max-w-page flex-wrap items-center gap-x-5 gap-y-1">
    {#if next}<div class="max-sm:order-last max-sm:w-full max-sm:[&_.btn-next]:w-full">{@render next()}</div>{/if}
    {#if needs}<p class="min-w-0 flex-1 text-sm text-soft max-sm:basis-full">{@render needs()}</p>{/if}
    {#if acts}<div class="flex flex-wrap items-center gap-x-6 max-sm:w-full sm:ml-auto [&_.act]:text-ink">
        {@render acts()}
      </div>{/if}
  </div>
</section>

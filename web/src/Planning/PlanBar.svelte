<!-- @component The line beneath the top bar on the screens of the plan. -->
<script lang="ts">
  let { at }: { at: 'tonight' | 'days' | 'the-day' | 'waits' | 'people' } = $props();
  const links = [
    { at: 'tonight', word: 'Tonight' },
    { at: 'days', word: 'Days' },
    { at: 'the-day', word: 'The day' },
    { at: 'waits', word: 'Waits' },
    { at: 'people', word: 'People and places' },
  ] as const;
</script>

<nav aria-label="Plan" class="no-print mb-3 flex gap-6 overflow-x-auto border-b border-sill text-sm">
  {#each links as l (l.at)}<a
      href="/{l.at}"
      aria-current={l.at === at ? 'page' : undefined}
      class="-mb-px flex min-h-10 items-center border-b-[3px] whitespace-nowrap {l.at === at
        ? 'border-ink font-bold'
        : 'border-transparent text-soft hover:text-ink'}">{l.word}</a
    >{/each}
</nav>

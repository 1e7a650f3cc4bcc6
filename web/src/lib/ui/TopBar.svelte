<!-- @component The line along the top of the workshop's own screens. -->
<script lang="ts">
  import { session } from '$lib/session.svelte';
  import { openKeys, openPalette } from './open';
  let { at }: { at: 'workshop' | 'plan' | 'store' | 'drawer' | 'order' | 'workout' | 'reference' | 'settings' | '' } =
    $props();
  const links = [
    { at: 'workshop', href: '/', word: 'Workshop' },
    { at: 'plan', href: '/tonight', word: 'Plan' },
    { at: 'store', href: '/store', word: 'Store' },
    { at: 'drawer', href: '/drawer', word: 'Drawer' },
    { at: 'order', href: '/order', word: 'Order' },
    { at: 'workout', href: '/work-out', word: 'Work out' },
    { at: 'settings', href: '/settings', word: 'Settings' },
  ];
</script>

<header class="flex flex-wrap items-center gap-x-7 gap-y-1 py-2.5">
  <p class="text-lg font-bold whitespace-nowrap">{session.value?.workshopName}</p>
  <nav
    aria-label="Workshop"
    class="flex flex-wrap gap-x-5 max-sm:order-last max-sm:w-full max-sm:flex-nowrap max-sm:gap-x-4 max-sm:overflow-x-auto max-sm:text-sm max-sm:whitespace-nowrap"
  >
    {#each links as l (l.at)}
      <a
        href={l.href}
        aria-current={at === l.at ? 'page' : undefined}
        class="flex min-h-9 items-center border-b-[3px] {at === l.at
          ? 'border-ink font-bold'
          : 'border-transparent text-soft hover:text-ink'}">{l.word}</a
      >
    {/each}
  </nav>
  <div class="ml-auto flex gap-5 text-sm text-soft">
    <button
      class="flex min-h-9 items-center gap-2.5 hover:text-ink"
      onclick={openPalette}
      aria-label="Find or do anything"
      ><span class="max-md:hidden">Find or do anything</span><span class="md:hidden">Find</span>
      <kbd class="key max-sm:hidden">/</kbd></button
    >
    <button class="flex min-h-9 items-center gap-2.5 hover:text-ink max-sm:hidden" onclick={openKeys} aria-label="Keys"
      >Keys <kbd class="key">?</kbd></button
    >
  </div>
</header>

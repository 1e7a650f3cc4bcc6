<script lang="ts">
  import { QueryClientProvider } from '@tanstack/svelte-query';
  import { MediaQuery } from 'svelte/reactivity';
  import { Router } from 'sv-router';
  import { Toaster } from 'svelte-sonner';
  import { queries, undo } from '$lib/api/act.svelte';
  import { keys } from '$lib/keys.svelte';
  import { live } from '$lib/live.svelte';
  import { outbox } from '$lib/outbox.svelte';
  import { session } from '$lib/session.svelte';
  import KeyList from '$lib/ui/KeyList.svelte';
  import Palette from '$lib/ui/Palette.svelte';
  import SignIn from './Identity/SignIn.svelte';
  import { go } from './router';
  import { setPalette } from '$lib/ui/open';

  const phone = new MediaQuery('max-width: 40rem');
  let palette = $state(false);
  let list = $state(false);
  setPalette({ palette: () => (palette = true), keys: () => (list = true) });
  void session.load();
  let begun = false;
  $effect(() => {
    if (!session.value?.signedIn || begun) return;
    begun = true;
    live.start();
    void outbox.start();
  });
  keys.add([
    { key: '/', words: 'Find or do anything', run: () => (palette = true) },
    { key: '?', words: 'List the keys', run: () => (list = true) },
    { key: 'h', words: 'Workshop', run: () => go('/') },
    { key: 'u', words: 'Undo what was last done', run: () => void undo() },
  ]);
</script>

<svelte:window onkeydown={(e) => void keys.press(e)} />

<QueryClientProvider client={queries}>
  <a
    href="#main"
    class="sr-only focus:not-sr-only focus:fixed focus:top-2 focus:left-2 focus:z-50 focus:bg-paper focus:p-3"
    >To what matters here</a
  >
  {#if session.value?.signedIn}
    <div id="main" tabindex="-1" class="outline-none"><Router /></div>
    <Palette bind:open={palette} />
    <KeyList bind:open={list} />
  {:else if session.value}
    <SignIn />
  {:else if session.problem}
    <main class="mx-auto max-w-xl px-5 py-20 text-center" role="alert">
      <h1 class="text-2xl font-bold">Haar is out of reach</h1>
      <p class="mt-2">{session.problem.message}</p>
      <button class="btn mt-6" onclick={() => void session.load()}>Try again</button>
    </main>
  {/if}
  <!-- Above the bench edge; on a phone at the top, away from the thumb and what it presses next. -->
  <Toaster
    position={phone.current ? 'top-center' : 'bottom-center'}
    offset={{ bottom: 'calc(var(--edge, 0px) + 0.75rem)' }}
    mobileOffset={{ top: '0.5rem' }}
    visibleToasts={2}
  />
</QueryClientProvider>

<!--
@component One query on a screen: while it loads, when it failed, when Haar is out of reach, and when it is there.
```svelte
<Query {query} what="the workshop">{#snippet children(data)}…{/snippet}</Query>
```
-->
<script lang="ts" generics="T">
  import type { Snippet } from 'svelte';
  import { Problem } from '$lib/api/client';
  let {
    query,
    what,
    children,
  }: {
    query: { data: T | undefined; error: Error | null; isFetching: boolean; refetch: () => unknown };
    what: string;
    children: Snippet<[T]>;
  } = $props();
  const away = $derived(query.error instanceof Problem && query.error.status === 0);
</script>

{#if query.data !== undefined}
  {#if away}
    <p role="status" class="mb-3 rounded-md bg-tide-wash px-4 py-2 text-sm">
      Haar is out of reach: this is how {what} was when it was last read.
      <button class="underline" onclick={() => query.refetch()}>Try again</button>
    </p>
  {/if}
  {@render children(query.data)}
{:else if query.error}
  <div class="mx-auto max-w-xl py-16 text-center" role="alert">
    <h1 class="text-2xl font-bold">
      {away
        ? 'Haar is out of reach'
        : query.error instanceof Problem && query.error.status === 404
          ? 'Not here'
          : `Haar cannot show ${what}`}
    </h1>
    <p class="mt-2">{query.error.message}</p>
    <p class="mt-6 flex justify-center gap-4">
      <button class="btn" onclick={() => query.refetch()}>Try again</button><a class="btn" href="/">Workshop</a>
    </p>
  </div>
{:else}
  <div class="py-16 text-center text-soft" role="status" aria-live="polite">Reading {what} …</div>
{/if}

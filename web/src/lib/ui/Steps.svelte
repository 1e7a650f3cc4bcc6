<!--
@component The steps of a procedure, in their order: done, next, to come.
```svelte
<Steps steps={row.steps} next={row.next} />
```
-->
<script lang="ts" generics="T extends string | null">
  import type { Snippet } from 'svelte';
  import Mark from './Mark.svelte';
  interface Step {
    step: T;
    words: string;
    at?: string | null;
  }
  let {
    steps,
    next,
    beside,
  }: {
    steps: readonly Step[];
    next?: T | null;
    /** What stands at the end of a step's line: a reading, a time. */
    beside?: Snippet<[Step]>;
  } = $props();
  const capital = (t: string) => t[0]!.toUpperCase() + t.slice(1);
</script>

<ol class="mt-3 border-t border-sill" aria-label="Steps">
  {#each steps as x (x.step)}
    <li
      class="grid grid-cols-[1.5rem_minmax(0,1fr)_auto] items-center gap-x-2.5 border-b border-sill py-1 {x.step ===
      next
        ? 'bg-paper font-bold'
        : x.at
          ? 'text-soft'
          : ''}"
    >
      <Mark
        of={x.at ? 'done' : x.step === next ? 'if' : 'waiting'}
        size={17}
        word={x.at ? 'done' : x.step === next ? 'next' : 'to come'}
      />{capital(x.words)}{#if beside}<span class="reading text-right text-sm">{@render beside(x)}</span>{/if}
    </li>
  {/each}
</ol>

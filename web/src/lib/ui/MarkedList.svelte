<!--
@component A list in which every row begins with the mark of its state and ends with what decided. One row is chosen.
```svelte
<MarkedList items={shown} chosen={item?.id} empty="None of these." onselect={select} />
```
Only the rows in sight and some beyond are on the page, so that a board of thousands stays as quick as a small one; how many there are is said to a screen reader.
-->
<script lang="ts" module>
  import type { MarkOf } from './Mark.svelte';
  export interface MarkedRow {
    id: string;
    name: string;
    /** The name is a code, read letter by letter: C14. */
    code?: boolean;
    mark: MarkOf;
    word: string;
    /** The middle of the row. */
    value: string;
    /** The end of the row: what decided, or what is to be done. */
    end: string;
  }
</script>

<script lang="ts">
  import { untrack } from 'svelte';
  import { createVirtualizer } from '@tanstack/svelte-virtual';
  import Mark from './Mark.svelte';

  let {
    items,
    chosen,
    empty,
    fill = false,
    onselect,
  }: {
    items: MarkedRow[];
    chosen?: string;
    empty: string;
    /** Takes what height its column has left. */
    fill?: boolean;
    onselect: (id: string) => void;
  } = $props();
  let list = $state<HTMLElement>();

  const rows = createVirtualizer<HTMLElement, HTMLLIElement>({
    count: 0,
    getScrollElement: () => list ?? null,
    estimateSize: () => 36,
    overscan: 40,
  });
  $effect(() => {
    // Told again when there are other items, and once the list itself is there.
    void list;
    const [count, of] = [items.length, items];
    untrack(() => $rows.setOptions({ count, getItemKey: (i) => of[i]?.id ?? i }));
  });
  const inSight = $derived($rows.getVirtualItems().filter((r) => r.index < items.length));
  const above = $derived(inSight[0]?.start ?? 0);
  const below = $derived(Math.max(0, $rows.getTotalSize() - (inSight.at(-1)?.end ?? 0)));

  $effect(() => {
    // The row of what was chosen, here or on the map, is brought into sight; after that the hand may move the list away from it.
    const id = chosen;
    untrack(() => {
      const at = items.findIndex((i) => i.id === id);
      if (list && at >= 0) $rows.scrollToIndex(at, { align: 'auto' });
    });
  });
</script>

<div
  bind:this={list}
  class="mt-1 max-h-[max(15rem,calc(100dvh-34rem))] overflow-y-auto border-t border-sill [overflow-anchor:none] {fill
    ? 'lg:max-h-none lg:min-h-60 lg:flex-1 lg:basis-0'
    : ''}"
  tabindex="-1"
>
  <ul style:padding-top="{above}px" style:padding-bottom="{below}px">
    {#each inSight as r (r.key)}
      {@const i = items[r.index]!}
      <li aria-setsize={items.length} aria-posinset={r.index + 1}>
        <button
          class="grid h-9 w-full items-center gap-x-2.5 border-b border-sill px-1 text-left {i.code
            ? 'grid-cols-[1.5rem_3.25rem_minmax(0,1fr)_auto]'
            : 'grid-cols-[1.5rem_minmax(0,1fr)_auto]'} {i.id === chosen ? 'bg-rock' : 'hover:bg-rock/60'}"
          aria-current={i.id === chosen ? 'true' : undefined}
          onclick={() => onselect(i.id)}
        >
          <Mark of={i.mark} size={19} word={i.word} />
          {#if i.code}<span class="reading">{i.name}</span><span class="reading truncate font-normal">{i.value}</span>
          {:else}<span class="min-w-0 truncate"
              ><strong class="font-semibold">{i.name[0]!.toUpperCase() + i.name.slice(1)}</strong>{#if i.value}<span
                  class="ml-2 text-sm text-soft">{i.value}</span
                >{/if}</span
            >{/if}
          <span class="max-w-48 truncate text-right font-semibold max-sm:max-w-36">{i.end}</span>
        </button>
      </li>
    {/each}
    {#if !items.length}<li class="py-4 text-soft">{empty}</li>{/if}
  </ul>
</div>

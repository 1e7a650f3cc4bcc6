<!--
@component Which card lies beside the part, and its published values where it has some.
```svelte
<CardFields {card} onchange={() => (taps = [])} />
```
-->
<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import type { TappedCard } from './card.svelte';
  import { cardWords } from './words';

  let { card, onchange }: { card: TappedCard; onchange: () => void } = $props();
</script>

<div class="grid gap-4 sm:grid-cols-2">
  <Choice
    label="Which card lies there?"
    bind:value={card.kind}
    options={[
      ['plainPaper', cardWords.plainPaper],
      ['printed', cardWords.printed],
      ['published', cardWords.published],
    ]}
  />
  <Choice
    label="Fields of it that are tapped"
    value={String(card.fields)}
    options={{ '1': 'One', '2': 'Two, light and dark' }}
    onchange={(v) => {
      card.fields = Number(v);
      onchange();
    }}
  />
</div>
{#if card.kind === 'published'}
  <div class="grid gap-4 sm:grid-cols-2">
    {#each card.prompts as prompt, i (i)}<TextField
        label="L* a* b* of {prompt}"
        hint="Three figures from its sheet, parted by blanks."
        bind:value={card.published[i]}
        required
      />{/each}
  </div>
{:else}
  <p class="text-sm text-soft">
    Without published values these are differences: they compare under the same card only.{#if card.kind === 'printed'}
      <a class="underline" href="/api/colour/card.pdf" target="_blank" rel="noreferrer">Print the card</a>, matt and
      unscaled.{/if}
  </p>
{/if}

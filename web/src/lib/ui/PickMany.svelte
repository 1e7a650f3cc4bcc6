<!--
@component Any of several pieces, as keys that stay down. Arrow keys go along them.
```svelte
<PickMany label="It sat behind" bind:value={behind} options={[[step.id, '1 Side panel']]} empty="Nothing came off before it." />
```
-->
<script lang="ts">
  import { ToggleGroup } from 'bits-ui';
  let {
    label,
    value = $bindable(),
    options,
    hint = '',
    error,
    empty = '',
  }: {
    label: string;
    value: string[];
    options: readonly (readonly [string, string])[];
    hint?: string;
    error?: string;
    empty?: string;
  } = $props();
  const id = $props.id();
</script>

<div>
  <p id="{id}-l" class="text-sm font-semibold">{label}</p>
  {#if hint}<p class="text-xs text-soft">{hint}</p>{/if}
  {#if error}<p class="text-sm font-semibold text-oxide">{error}</p>{/if}
  {#if options.length}
    <ToggleGroup.Root type="multiple" aria-labelledby="{id}-l" bind:value class="mt-1 flex flex-wrap gap-2">
      {#each options as [v, word] (v)}<ToggleGroup.Item
          value={v}
          class="btn min-h-10 px-3 text-sm data-[state=on]:bg-ink data-[state=on]:text-fog">{word}</ToggleGroup.Item
        >{/each}
    </ToggleGroup.Root>
  {:else}<p class="text-sm text-soft">{empty}</p>{/if}
</div>

<!--
@component One of two to five, all in sight: the segments of one bar. Arrow keys go along it.
```svelte
<Choice label="Theme" value={theme.chosen} options={themeWords} onchange={(t) => theme.choose(t)} />
```
-->
<script lang="ts" generics="T extends string">
  import { RadioGroup } from 'bits-ui';
  let {
    label,
    value = $bindable(),
    options,
    onchange,
    class: extra = '',
  }: {
    label: string;
    value: T;
    options: Record<T, string> | [T, string][];
    onchange?: (value: T) => void;
    class?: string;
  } = $props();
  const id = $props.id();
  const items = $derived(Array.isArray(options) ? options : (Object.entries(options) as [T, string][]));
</script>

<div class="grid content-start gap-1 {extra}">
  <span id="{id}-l" class="text-sm font-semibold">{label}</span>
  <RadioGroup.Root
    aria-labelledby="{id}-l"
    orientation="horizontal"
    bind:value={
      () => value,
      (v) => {
        value = v as T;
        onchange?.(v as T);
      }
    }
    class="flex flex-wrap gap-y-1"
  >
    {#each items as [v, word] (v)}
      <RadioGroup.Item
        value={v}
        class="-ml-0.5 min-h-11 border-2 border-soft bg-paper px-4 font-semibold first:ml-0 first:rounded-l-md last:rounded-r-md data-[state=checked]:z-1 data-[state=checked]:border-ink data-[state=checked]:bg-ink data-[state=checked]:text-fog"
        >{word}</RadioGroup.Item
      >
    {/each}
  </RadioGroup.Root>
</div>

<!--
@component Any of a few things, all in sight.
```svelte
<CheckGroup label="It" bind:value={signs} options={signWords} />
```
-->
<script lang="ts" generics="T extends string">
  import CheckBox from './CheckBox.svelte';
  let {
    label,
    value = $bindable(),
    options,
    hint = '',
    error,
    class: extra = '',
    columns = false,
  }: {
    label: string;
    value: T[];
    options: Record<T, string>;
    hint?: string;
    error?: string;
    class?: string;
    /** Many: in columns rather than in a line. */
    columns?: boolean;
  } = $props();
  const items = $derived(Object.entries(options) as [T, string][]);
</script>

<fieldset class={extra}>
  <legend class="text-sm font-semibold">{label}</legend>
  {#if hint}<p class="text-xs text-soft">{hint}</p>{/if}
  <div
    class={columns
      ? 'mt-1 grid grid-cols-1 gap-x-5 text-sm min-[24rem]:grid-cols-2 sm:grid-cols-3'
      : 'flex flex-wrap gap-x-5'}
  >
    {#each items as [v, word] (v)}<label class="flex min-h-9 items-center gap-2.5"
        ><CheckBox
          bind:checked={() => value.includes(v), (on) => (value = on ? [...value, v] : value.filter((x) => x !== v))}
        />{word}</label
      >{/each}
  </div>
  {#if error}<p class="text-sm font-semibold text-oxide">{error}</p>{/if}
</fieldset>

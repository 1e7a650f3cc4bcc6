<!--
@component A line of words, or several with `rows`, with their label.
```svelte
<TextField label="Where it came from" bind:value={from} maxlength={300} error={form.field('cameFrom')} />
```
-->
<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Field from './Field.svelte';
  let {
    label,
    value = $bindable(),
    hint = '',
    error,
    class: extra = '',
    mono = false,
    rows,
    size = '',
    ...rest
  }: {
    label: string;
    value?: string | null;
    hint?: string;
    error?: string;
    class?: string;
    /** Codes and designators, which are read letter by letter. */
    mono?: boolean;
    /** More than one line. */
    rows?: number;
    size?: string;
  } & Omit<HTMLInputAttributes, 'value' | 'class' | 'size'> = $props();
</script>

<Field {label} {hint} {error} class={extra}>
  {#snippet children(f)}
    {#if rows}<textarea
        class="input {mono ? 'font-mono text-sm' : ''} {size}"
        {rows}
        maxlength={rest.maxlength}
        minlength={rest.minlength}
        placeholder={rest.placeholder}
        required={rest.required}
        bind:value
        {...f}></textarea>{:else}<input class="input {mono ? 'reading' : ''} {size}" bind:value {...rest} {...f} />{/if}
  {/snippet}
</Field>

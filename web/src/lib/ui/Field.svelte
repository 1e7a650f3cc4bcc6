<!--
@component A label, its control and what is wrong with it. The snippet spreads what it is given onto the control. Most forms
want one of the fields made of it: NumberField, TextField, SelectField, SuggestField.
-->
<script lang="ts">
  import type { Snippet } from 'svelte';
  let {
    label,
    hint = '',
    error,
    hidden = false,
    children,
    class: extra = '',
  }: {
    label: string;
    hint?: string;
    error?: string;
    /** The label is only for who cannot see where the field stands. */
    hidden?: boolean;
    class?: string;
    children: Snippet<[{ id: string; 'aria-describedby'?: string; 'aria-invalid'?: true }]>;
  } = $props();
  const id = $props.id();
  const described = $derived([hint && `${id}-h`, error && `${id}-e`].filter(Boolean).join(' ') || undefined);
</script>

<div class="grid grid-cols-1 content-start gap-1 {extra}">
  <label for={id} class={hidden ? 'sr-only' : 'text-sm font-semibold'}>{label}</label>
  {@render children({ id, 'aria-describedby': described, 'aria-invalid': error ? true : undefined })}
  {#if hint}<p id="{id}-h" class="text-xs text-soft">{hint}</p>{/if}
  {#if error}<p id="{id}-e" class="text-sm font-semibold text-oxide">{error}</p>{/if}
</div>

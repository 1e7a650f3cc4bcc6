<!--
@component Words that are usual, offered while one types; any others will do as well.
```svelte
<SuggestField label="Tray" bind:value={tray} suggestions={trays} maxlength={20} />
```
-->
<script lang="ts">
  import { Combobox } from 'bits-ui';
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Field from './Field.svelte';
  let {
    label,
    value = $bindable(),
    suggestions,
    hint = '',
    error,
    class: extra = '',
    mono = false,
    hidden = false,
    size = '',
    ...rest
  }: {
    label: string;
    value?: string | null;
    suggestions: string[];
    hint?: string;
    error?: string;
    class?: string;
    mono?: boolean;
    hidden?: boolean;
    size?: string;
  } & Omit<HTMLInputAttributes, 'value' | 'class' | 'size'> = $props();
  let open = $state(false);
  const typed = $derived((value ?? '').trim().toLowerCase());
  const near = $derived(
    suggestions.filter((s) => s.toLowerCase().includes(typed) && s.toLowerCase() !== typed).slice(0, 8),
  );
</script>

<Field {label} {hint} {error} {hidden} class={extra}>
  {#snippet children(f)}
    <Combobox.Root
      type="single"
      bind:open={() => open && near.length > 0, (v) => (open = v)}
      inputValue={value ?? ''}
      onValueChange={(v) => {
        if (v) value = v;
      }}
    >
      <Combobox.Input
        class="input {mono ? 'reading' : ''} {size}"
        autocomplete="off"
        oninput={(e) => {
          value = e.currentTarget.value;
          open = true;
        }}
        {...rest}
        {...f}
      />
      <Combobox.Portal>
        <Combobox.Content
          class="z-60 max-h-60 w-(--bits-combobox-anchor-width) overflow-y-auto rounded-md border-2 border-ink bg-paper py-1 text-ink"
          sideOffset={4}
          collisionPadding={8}
        >
          {#each near as s (s)}
            <Combobox.Item
              value={s}
              label={s}
              class="min-h-11 cursor-pointer px-3 py-2 data-highlighted:bg-rock {mono ? 'reading' : ''}"
              >{s}</Combobox.Item
            >
          {/each}
        </Combobox.Content>
      </Combobox.Portal>
    </Combobox.Root>
  {/snippet}
</Field>

<!--
@component One of a few, by name. Opens by press, Enter or an arrow key; typing goes to what begins so.
```svelte
<SelectField label="Kind" bind:value={kind} options={kindWords} />
<SelectField label="Rail" bind:value={rail} options={rails.map((r) => [r.name, r.name])} mono />
```
-->
<script lang="ts" generics="T">
  import Check from '@lucide/svelte/icons/check';
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import { Select } from 'bits-ui';
  import Field from './Field.svelte';
  let {
    label,
    value = $bindable(),
    options,
    hint = '',
    error,
    class: extra = '',
    mono = false,
    hidden = false,
    small = false,
    placeholder = 'Choose one',
    onchange,
  }: {
    label: string;
    value: T;
    /** Words by value, or pairs of value and word where the order or the values are not words. */
    options: Record<T & string, string> | readonly (readonly [T, string])[];
    hint?: string;
    error?: string;
    class?: string;
    mono?: boolean;
    /** The label is for who cannot see that it stands in a row of its kind. */
    hidden?: boolean;
    small?: boolean;
    placeholder?: string;
    onchange?: (value: T) => void;
  } = $props();
  const items = $derived(
    ((Array.isArray(options) ? options : Object.entries(options)) as readonly (readonly [T, string])[]).map(
      ([v, word], i) => ({
        of: v,
        value: String(i),
        label: word,
      }),
    ),
  );
  const chosen = $derived(items.find((i) => i.of === value));
  const choose = (at: string) => {
    const item = items.find((i) => i.value === at);
    if (!item) return;
    value = item.of;
    onchange?.(item.of);
  };
</script>

<Field {label} {hint} {error} {hidden} class={extra}>
  {#snippet children(f)}
    <Select.Root type="single" {items} bind:value={() => chosen?.value ?? '', choose}>
      <Select.Trigger
        class="input flex items-center justify-between gap-2 text-left {mono ? 'reading' : ''} {small
          ? 'min-h-9 py-0 text-sm'
          : ''}"
        {...f}
      >
        <span class="min-w-0 truncate {chosen ? '' : 'text-soft'}">{chosen?.label ?? placeholder}</span>
        <ChevronDown size={18} class="shrink-0 text-soft" aria-hidden="true" />
      </Select.Trigger>
      <Select.Portal>
        <Select.Content
          class="z-60 max-h-80 w-(--bits-select-anchor-width) min-w-48 overflow-y-auto rounded-md border-2 border-ink bg-paper py-1 text-ink"
          sideOffset={4}
          collisionPadding={8}
        >
          <Select.Viewport>
            {#each items as item (item.value)}
              <Select.Item
                value={item.value}
                label={item.label}
                class="flex min-h-11 cursor-pointer items-center gap-2 px-3 py-1.5 data-highlighted:bg-rock {mono
                  ? 'reading'
                  : ''}"
              >
                {#snippet children({ selected })}
                  <span class="w-5 shrink-0"
                    >{#if selected}<Check size={18} class="text-verdigris" aria-hidden="true" />{/if}</span
                  >{item.label}
                {/snippet}
              </Select.Item>
            {/each}
          </Select.Viewport>
        </Select.Content>
      </Select.Portal>
    </Select.Root>
  {/snippet}
</Field>

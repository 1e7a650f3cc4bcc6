<!--
@component A number with its label, its unit and what is usual of it. What was typed stays text until it is sent; a slip of a
prefix is asked about beside the field, and put right by one press.
```svelte
<NumberField label="Diameter, mm" bind:value={diameter} error={form.field('diameterMillimetres')} />
```
-->
<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements';
  import Field from './Field.svelte';
  import { doubt, unitOf, usualOf } from './quantity';
  let {
    label,
    value = $bindable(''),
    hint = '',
    error,
    class: extra = '',
    whole = false,
    least,
    most,
    unit = unitOf(label),
    several = false,
    size = '',
    ...rest
  }: {
    label: string;
    value?: string;
    hint?: string;
    error?: string;
    class?: string;
    /** No decimals: the telephone's digits will do. */
    whole?: boolean;
    /** What is usual, where the unit alone does not say. */
    least?: number;
    most?: number;
    unit?: string;
    /** Several numbers, parted by blanks. */
    several?: boolean;
    /** Of the digits and the field, such as "w-32 text-2xl". */
    size?: string;
  } & Omit<HTMLInputAttributes, 'value' | 'class' | 'size'> = $props();
  const range = $derived(
    least !== undefined || most !== undefined ? { least: least ?? -Infinity, most: most ?? Infinity } : usualOf(unit),
  );
  const question = $derived(doubt(value, range, several));
</script>

<Field {label} {hint} {error} class={extra}>
  {#snippet children(f)}<input
      class="input reading {size}"
      inputmode={whole ? 'numeric' : 'decimal'}
      autocomplete="off"
      bind:value
      {...rest}
      {...f}
    />
    <span role="status" class="contents"
      >{#if question.kind === 'slip'}<span class="text-sm font-semibold text-brass-ink"
          >Did you mean {question.meant}{unit && unit !== 'year' ? ` ${unit}` : ''}?
          <button type="button" class="act text-sm text-brass-ink" onclick={() => (value = String(question.meant))}
            >Yes, put it right</button
          ></span
        >{:else if question.kind === 'outside' && range}<span class="text-sm font-semibold text-brass-ink"
          >Look again: usual is {range.least} to {range.most}{unit && unit !== 'year' ? ` ${unit}` : ''}.</span
        >{:else if question.kind === 'noNumber'}<span class="text-sm font-semibold text-brass-ink"
          >That is no number yet.</span
        >{/if}</span
    >{/snippet}
</Field>

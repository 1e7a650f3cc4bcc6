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
  import { doubt, parsed, unitOf, usualOf } from './quantity';
  let {
    label,
    value = $bindable(),
    number = $bindable(),
    hint = '',
    error,
    class: extra = '',
    whole = false,
    least,
    most,
    unit = unitOf(label),
    several = false,
    size = '',
    read,
    ...rest
  }: {
    label: string;
    value?: string;
    /** Instead of the text: the number itself, null while there is none. */
    number?: number | null;
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
    /** Reads it from the meter: a button beside the field. */
    read?: () => unknown;
  } & Omit<HTMLInputAttributes, 'value' | 'class' | 'size'> = $props();
  const range = $derived(
    least !== undefined || most !== undefined ? { least: least ?? -Infinity, most: most ?? Infinity } : usualOf(unit),
  );
  let typed = $state<string>();
  // What is being typed stands as it is typed ("12," on the way to 12,5) until the number changes from outside.
  const text = $derived(
    number === undefined
      ? (value ?? '')
      : typed !== undefined && (parsed(typed) ?? null) === number
        ? typed
        : number === null
          ? ''
          : String(number),
  );
  function put(t: string) {
    if (number === undefined) value = t;
    else {
      typed = t;
      number = parsed(t) ?? null;
    }
  }
  const question = $derived(doubt(text, range, several));
</script>

<Field {label} {hint} {error} class={extra}>
  {#snippet children(f)}<span class="flex gap-2"
      ><input
        class="input reading {size}"
        inputmode={whole ? 'numeric' : 'decimal'}
        autocomplete="off"
        bind:value={() => text, put}
        {...rest}
        {...f}
      />{#if read}<button type="button" class="btn" onclick={() => read()}>Read</button>{/if}</span
    >
    <span role="status" class="contents"
      >{#if question.kind === 'slip'}<span class="text-sm font-semibold text-brass-ink"
          >Did you mean {question.meant}{unit && unit !== 'year' ? ` ${unit}` : ''}?
          <button type="button" class="act text-sm text-brass-ink" onclick={() => put(String(question.meant))}
            >Yes, put it right</button
          ></span
        >{:else if question.kind === 'outside' && range}<span class="text-sm font-semibold text-brass-ink"
          >Look again: usual is {range.least} to {range.most}{unit && unit !== 'year' ? ` ${unit}` : ''}.</span
        >{:else if question.kind === 'noNumber'}<span class="text-sm font-semibold text-brass-ink"
          >That is no number yet.</span
        >{/if}</span
    >{/snippet}
</Field>

<!--
@component A day, typed part by part in the order of the locale. Its value is an ISO date, or empty.
```svelte
<DayField label="Opening day" bind:value={day} />
```
-->
<script lang="ts">
  import { parseDate, type DateValue } from '@internationalized/date';
  import { DateField } from 'bits-ui';
  let {
    label,
    value = $bindable(),
    hint = '',
    error,
    class: extra = '',
  }: { label: string; value?: string | null; hint?: string; error?: string; class?: string } = $props();
  const id = $props.id();
  const day = $derived.by((): DateValue | undefined => {
    try {
      return value ? parseDate(value) : undefined;
    } catch {
      return undefined;
    }
  });
</script>

<div class="grid content-start gap-1 {extra}">
  <DateField.Root
    locale={navigator.language}
    value={day}
    onValueChange={(v) => (value = v ? v.toString() : '')}
    errorMessageId={error ? `${id}-e` : undefined}
  >
    <DateField.Label class="text-sm font-semibold">{label}</DateField.Label>
    <DateField.Input class="input reading flex items-center" aria-describedby={hint ? `${id}-h` : undefined}>
      {#snippet children({ segments })}
        {#each segments as { part, value: text }, i (part + i)}
          {#if part === 'literal'}<DateField.Segment {part} class="text-soft">{text}</DateField.Segment
            >{:else}<DateField.Segment
              {part}
              class="rounded-sm px-0.5 focus-visible:bg-rock aria-[valuetext=Empty]:text-soft">{text}</DateField.Segment
            >{/if}
        {/each}
        {#if value}<button type="button" class="act ml-auto font-sans text-sm" onclick={() => (value = '')}
            >Clear</button
          >{/if}
      {/snippet}
    </DateField.Input>
  </DateField.Root>
  {#if hint}<p id="{id}-h" class="text-xs text-soft">{hint}</p>{/if}
  {#if error}<p id="{id}-e" class="text-sm font-semibold text-oxide">{error}</p>{/if}
</div>

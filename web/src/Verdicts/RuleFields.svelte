<!-- @component The fields of a rule, of a group in it, or of one of its rows: made from the interface's own description. -->
<script lang="ts">
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import RuleFields from './RuleFields.svelte';
  import { alone, blank, NONE, type Field, type Typed, type TypedGroup } from './rules';

  let {
    fields,
    typed = $bindable(),
    error,
    path = '',
  }: {
    fields: Field[];
    typed: TypedGroup;
    /** What the rule says of a field, by its path as it was sent. */
    error: (path: string) => string | undefined;
    path?: string;
  } = $props();
  const at = (f: Field) => (path ? `${path}.${f.key}` : f.key);
  const set = (f: Field, v: Typed) => (typed = { ...typed, [f.key]: v });
  const text = (f: Field) => (typed[f.key] ?? '') as string;
  const rows = (f: Field) => (typed[f.key] ?? []) as TypedGroup[];
  const needed = $derived(fields.filter((f) => f.usual));
  /** What is seldom known is folded away where there is more than a little of it. */
  const rest = $derived(fields.filter((f) => !f.usual));
  const many = $derived(rest.length > 2 && needed.length > 0);
  let open = $state(false);
  $effect(() => {
    if (rest.some((f) => error(at(f)))) open = true;
  });
</script>

{#snippet one(f: Field)}
  {#if f.kind === 'choice'}
    <SelectField
      label={f.label}
      hint={f.hint}
      error={error(at(f))}
      options={[['', 'Not said'], ...f.options]}
      bind:value={() => text(f), (v) => set(f, v)}
    />
  {:else if f.kind === 'many'}
    <CheckGroup
      class="sm:col-span-2"
      columns
      label={f.label}
      hint={f.hint}
      error={error(at(f))}
      options={Object.fromEntries(f.required ? f.options : [...f.options, [NONE, 'None of these']])}
      bind:value={() => (typed[f.key] ?? []) as string[], (v) => set(f, alone(typed[f.key] as string[], v))}
    />
  {:else if f.kind === 'group'}
    <fieldset class="border-l-4 border-sill pl-4 sm:col-span-2">
      <legend class="text-sm font-bold">{f.label}</legend>
      {#if f.hint}<p class="mb-2 text-xs text-soft">{f.hint}</p>{/if}
      <RuleFields
        fields={f.fields}
        {error}
        path={at(f)}
        bind:typed={() => (typed[f.key] ?? {}) as TypedGroup, (v) => set(f, v)}
      />
    </fieldset>
  {:else if f.kind === 'rows'}
    <fieldset class="grid gap-3 sm:col-span-2">
      <legend class="text-sm font-bold">{f.label}</legend>
      {#if f.hint}<p class="text-xs text-soft">{f.hint}</p>{/if}
      {#if error(at(f))}<p class="text-sm font-semibold text-oxide">{error(at(f))}</p>{/if}
      {#each rows(f) as row, i (i)}
        <div class="border-l-4 border-sill pl-4">
          <RuleFields
            fields={f.fields}
            {error}
            path="{at(f)}[{i}]"
            bind:typed={
              () => row,
              (v) =>
                set(
                  f,
                  rows(f).map((x, n) => (n === i ? v : x)),
                )
            }
          />
          <button
            type="button"
            class="act text-sm"
            aria-label="{f.label}: take number {i + 1} away"
            onclick={() =>
              set(
                f,
                rows(f).filter((_, n) => n !== i),
              )}>Take away</button
          >
        </div>
      {/each}
      <button
        type="button"
        class="btn justify-self-start"
        aria-label="{f.label}: one more"
        onclick={() => set(f, [...rows(f), blank(f.fields)])}>One more</button
      >
    </fieldset>
  {:else}
    <TextField
      class={f.kind === 'texts' ? 'sm:col-span-2' : ''}
      label={f.label}
      hint={f.kind === 'texts' ? f.hint || 'One a line.' : f.kind === 'numbers' ? f.hint || 'Spaces between.' : f.hint}
      error={error(at(f))}
      rows={f.kind === 'texts' ? 3 : undefined}
      inputmode={f.kind === 'number' ? 'decimal' : undefined}
      autocomplete="off"
      bind:value={() => text(f), (v) => set(f, v)}
    />
  {/if}
{/snippet}

<div class="grid gap-x-5 gap-y-3 sm:grid-cols-2">
  {#each needed as f (f.key)}{@render one(f)}{/each}
  {#if !many}{#each rest as f (f.key)}{@render one(f)}{/each}{/if}
</div>
{#if many}
  <Fold title="If you know" bind:open class="mt-2"
    ><div class="mt-2 grid gap-x-5 gap-y-3 sm:grid-cols-2">
      {#each rest as f (f.key)}{@render one(f)}{/each}
    </div></Fold
  >
{/if}

<!-- @component What a rule answers: its verdicts large, its figures with their units, its lists as lists. -->
<script lang="ts">
  import { plain } from '$lib/format';
  import Verdict from '$lib/ui/Verdict.svelte';
  import Answer from './Answer.svelte';
  import { isVerdict, label, word } from './rules';

  let { value, depth = 0 }: { value: unknown; depth?: number } = $props();
  const entries = $derived(
    typeof value === 'object' && value !== null && !Array.isArray(value) ? Object.entries(value) : [],
  );
  const is = (v: unknown) => v !== null && v !== undefined && v !== '' && !(Array.isArray(v) && v.length === 0);
  const simple = (v: unknown) => typeof v !== 'object' || v === null;
  const said = (v: unknown) =>
    typeof v === 'number'
      ? plain(v, 4)
      : typeof v === 'boolean'
        ? v
          ? 'yes'
          : 'no'
        : /^[a-z]+(?:[A-Z][a-z]*)+$/.test(String(v))
          ? word(String(v)).toLowerCase()
          : String(v);
  const sentenceHere = $derived(entries.find(([k, v]) => k === 'sentence' && typeof v === 'string')?.[1] as string);
  /** Columns of rows that hold figures and words alone. */
  const flat = $derived.by(() => {
    if (!Array.isArray(value) || !value.length) return [];
    const rows = value as unknown[];
    if (!rows.every((r) => !simple(r) && Object.values(r as object).every(simple))) return [];
    const keys = [...new Set(rows.flatMap((r) => Object.keys(r as object)))].filter((k) =>
      rows.some((r) => is((r as Record<string, unknown>)[k])),
    );
    return keys.length <= 6 ? keys : [];
  });
  const verdicts = $derived(entries.filter(([, v]) => isVerdict(v)));
  /** What a verdict says already is not said again below it. */
  const told = $derived(
    verdicts.flatMap(([, v]) => (isVerdict(v) ? v.reasons.flatMap((r) => (r.figure ? [r.figure.value] : [])) : [])),
  );
  const figures = $derived(
    entries.filter(
      ([k, v]) =>
        k !== 'sentence' &&
        is(v) &&
        simple(v) &&
        !(typeof v === 'number' && told.some((t) => Math.abs(t - v) <= Math.abs(v) * 1e-2)),
    ),
  );
  const rest = $derived(entries.filter(([, v]) => is(v) && !simple(v) && !isVerdict(v)));
</script>

{#if isVerdict(value)}
  <Verdict verdict={value} big={depth === 0} />
{:else if Array.isArray(value)}
  {#if flat.length}
    <table class="w-full text-sm">
      <thead
        ><tr
          >{#each flat as k (k)}<th class="pr-4 text-left text-xs font-normal text-soft">{label(k)}</th>{/each}</tr
        ></thead
      >
      <tbody
        >{#each value.slice(0, 100) as v, i (i)}<tr class="border-t border-sill"
            >{#each flat as k (k)}<td class="py-1 pr-4 align-top">{said((v as Record<string, unknown>)[k] ?? '')}</td
              >{/each}</tr
          >{/each}</tbody
      >
    </table>
  {:else if value.every(simple)}<p>{value.map(said).join(', ')}</p>
  {:else}<ol class="grid gap-3">
      {#each value.slice(0, 100) as v, i (i)}<li class="border-t border-sill pt-2">
          <Answer value={v} depth={depth + 1} />
        </li>{/each}
    </ol>{/if}
{:else if simple(value)}<p>{said(value)}</p>
{:else}
  {#if sentenceHere}<p class="{depth ? 'font-semibold' : 'text-title leading-tight font-bold'} text-pretty">
      {sentenceHere}
    </p>{/if}
  {#each verdicts as [k, v] (k)}{#if isVerdict(v)}<div class="mb-3">
        <Verdict verdict={v} big={depth === 0} />
      </div>{/if}{/each}
  {#if figures.length}
    <dl class="mt-2 flex flex-wrap gap-x-8 gap-y-1">
      {#each figures as [k, v] (k)}<div>
          <dt class="text-xs text-soft">{label(k)}</dt>
          <dd class={typeof v === 'number' ? 'reading text-lg' : ''}>{said(v)}</dd>
        </div>{/each}
    </dl>
  {/if}
  {#each rest as [k, v] (k)}
    <div class="mt-3">
      <p class="text-sm font-bold">{label(k)}</p>
      <Answer value={v} depth={depth + 1} />
    </div>
  {/each}
{/if}

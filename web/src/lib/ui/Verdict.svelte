<!--
@component A verdict, the same everywhere: mark and word, the sentence, its figures, why, what would change it, overrule.
```svelte
<Verdict verdict={v} words={{ yes: 'Sound', no: 'Comes out' }} onoverrule={(reason) => …} />
```
-->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import type { Schemas } from '$lib/api/client';
  import { si, siText } from '$lib/format';
  import { basisWords } from '$lib/words';
  import CautionNote from './CautionNote.svelte';
  import Mark, { type MarkOf } from './Mark.svelte';
  import OverruleForm from './OverruleForm.svelte';

  type Outcome = Schemas['Outcome'];
  let {
    verdict,
    words = {},
    bad = 'no',
    big = false,
    figures = true,
    overruled = null,
    onoverrule,
    heading = 2,
    children,
  }: {
    verdict: Schemas['Verdict'];
    /** The word beside the mark, by outcome. */
    words?: Partial<Record<Outcome, string>>;
    /** Which outcome is the bad one: a question can be asked either way round. */
    bad?: 'no' | 'yes';
    big?: boolean;
    figures?: boolean;
    overruled?: string | null;
    onoverrule?: (reason: string) => Promise<unknown>;
    heading?: 1 | 2 | 3;
    children?: Snippet;
  } = $props();

  let open = $state<'why' | 'change' | 'overrule' | ''>('');
  const mark = $derived<MarkOf>(
    verdict.outcome === 'unknown'
      ? 'unknown'
      : verdict.outcome === 'yesIf'
        ? 'if'
        : verdict.outcome === bad
          ? 'out'
          : 'sound',
  );
  const word = $derived(
    words[verdict.outcome] ?? { yes: 'Yes', no: 'No', yesIf: 'On a condition', unknown: 'Not known' }[verdict.outcome],
  );
  const shown = $derived(verdict.reasons.filter((r) => r.figure).slice(0, 3));
  const tone = $derived(
    mark === 'out'
      ? 'text-oxide'
      : mark === 'unknown'
        ? 'text-tide'
        : mark === 'if'
          ? 'text-brass-ink'
          : 'text-verdigris',
  );
  const id = $props.id();
  const toggle = (which: typeof open) => (open = open === which ? '' : which);
</script>

<section aria-labelledby="{id}-s">
  <p class="flex items-center gap-2 text-sm font-semibold {tone}">
    <Mark of={mark} size={22} hidden />{word} · {basisWords[verdict.founded]}{#if overruled}&nbsp;· overruled{/if}
  </p>
  <svelte:element
    this={`h${heading}`}
    id="{id}-s"
    class="mt-1.5 font-bold text-pretty {big ? 'text-title leading-tight' : 'text-xl leading-snug'} {big &&
    mark === 'out'
      ? 'text-oxide'
      : ''}">{verdict.sentence}</svelte:element
  >
  {#if overruled}<p class="mt-1 text-sm">Overruled: “{overruled}”</p>{/if}
  {#if figures && shown.length}
    <dl class="mt-3 flex flex-wrap gap-x-7 gap-y-2">
      {#each shown as r (r.text)}
        {@const [v, u] = si(r.figure!.value, r.figure!.unit)}
        <div class="flex flex-col-reverse">
          <dt class="text-xs text-soft">
            {r.figure!.name}{#if r.figure!.limitLow != null && r.figure!.limitHigh != null}, {siText(
                r.figure!.limitLow,
                r.figure!.unit,
              )} to {siText(r.figure!.limitHigh, r.figure!.unit)}{:else if r.figure!.limitHigh != null}, limit {siText(
                r.figure!.limitHigh,
                r.figure!.unit,
              )}{:else if r.figure!.limitLow != null}, least {siText(r.figure!.limitLow, r.figure!.unit)}{/if}
          </dt>
          <dd class="reading text-2xl leading-tight">{v} <span class="text-lg font-normal">{u}</span></dd>
        </div>
      {/each}
    </dl>
  {/if}
  {@render children?.()}
  {#if verdict.cautions.length}
    <div class="mt-3 grid gap-2">
      {#each verdict.cautions as c (c)}<CautionNote id={c} />{/each}
    </div>
  {/if}
  <div class="no-print mt-3 flex flex-wrap gap-x-6 sill pt-1">
    {#if verdict.reasons.length}<button class="act" aria-expanded={open === 'why'} onclick={() => toggle('why')}
        >Why</button
      >{/if}
    {#if verdict.wouldChange.length}<button
        class="act"
        aria-expanded={open === 'change'}
        onclick={() => toggle('change')}>What would change this</button
      >{/if}
    {#if onoverrule}<button class="act" aria-expanded={open === 'overrule'} onclick={() => toggle('overrule')}
        >Overrule</button
      >{/if}
  </div>
  {#if open === 'why'}
    <ul class="mt-1 grid gap-2 text-sm">
      {#each verdict.reasons as r (r.text)}<li>
          {r.text}{#if r.source}<span class="block text-soft">From {r.source}.</span>{/if}
        </li>{/each}
    </ul>
  {:else if open === 'change'}
    <ul class="mt-1 grid gap-2 text-sm">
      {#each verdict.wouldChange as w (w)}<li>{w}</li>{/each}
    </ul>
  {:else if open === 'overrule' && onoverrule}
    <OverruleForm
      ondo={async (reason) => {
        await onoverrule(reason);
        open = '';
      }}
    />
  {/if}
</section>

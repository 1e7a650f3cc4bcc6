<!-- @component Every way to replace a cell side by side. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { plain, years } from '$lib/format';
  import Mark from '$lib/ui/Mark.svelte';
  import { reactionWords } from '$lib/words';
  import VoltsWindow from './VoltsWindow.svelte';
  let {
    options,
    low,
    high,
    chosen,
    onpick,
  }: {
    options: Schemas['ReplacementOption'][];
    low?: number | null;
    high?: number | null;
    chosen?: string;
    onpick: (kind: Schemas['ReplacementOption']['kind']) => void;
  } = $props();
  const mark = (o: Schemas['ReplacementOption']) =>
    (({ yes: 'sound', yesIf: 'if', no: 'out', unknown: 'unknown' }) as const)[o.verdict.outcome];
</script>

<div class="overflow-x-auto" role="group" aria-label="The ways to replace it">
  <!-- svelte-ignore a11y_no_noninteractive_tabindex -->
  <ul class="flex gap-4 pb-3" tabindex="0" aria-label="Options, best first">
    {#each options as o (o.kind)}
      <li class="flex w-[19rem] shrink-0 flex-col rounded-lg bg-paper p-4">
        <p class="flex items-start gap-2 leading-snug font-bold">
          <Mark
            of={mark(o)}
            size={22}
            word={{ sound: 'fits', if: 'on a condition', out: 'refused', unknown: 'cannot say yet' }[mark(o)]}
          /><span
            >{o.name}{#if o.kind === chosen}<span class="ml-2 underline decoration-2 underline-offset-4">chosen</span
              >{/if}</span
          >
        </p>
        <div class="mt-2"><VoltsWindow option={o} {low} {high} small /></div>
        <dl class="mt-2 grid grid-cols-[5.5rem_1fr] gap-x-3 gap-y-1 text-sm">
          <dt class="text-soft">Runs</dt>
          <dd class="font-semibold">
            {o.verdict.outcome === 'no'
              ? 'refused'
              : o.run
                ? `${plain(o.run.years.low, 2)} to ${plain(o.run.years.high, 2)} years`
                : 'kept charged'}
          </dd>
          <dt class="text-soft">Volts</dt>
          <dd class="font-mono">{plain(o.freshVolts, 3)} new, {plain(o.endVolts, 3)} empty</dd>
          <dt class="text-soft">Leaks</dt>
          <dd>{reactionWords[o.leaks]}{o.leaks === 'none' ? '' : `, ${o.sits}`}</dd>
          <dt class="text-soft">Sits</dt>
          <dd>{o.sits}</dd>
          <dt class="text-soft">Room</dt>
          <dd>{o.space}{o.leadMillimetres ? `, lead ${plain(o.leadMillimetres)} mm` : ''}</dd>
          <dt class="text-soft">Look at it</dt>
          <dd>after {years(o.checkAfterYears)}</dd>
          <dt class="text-soft">Asks</dt>
          <dd>
            {#if o.asksOfBoard.length}<ul class="list-disc pl-4">
                {#each o.asksOfBoard as a (a)}<li>{a}</li>{/each}
              </ul>{:else}nothing{/if}
          </dd>
          {#if o.risk}<dt class="text-soft">Risk</dt>
            <dd class="font-semibold text-brass-ink">{o.risk}</dd>{/if}
        </dl>
        <p class="mt-2 text-sm {o.verdict.outcome === 'no' ? 'font-semibold text-oxide' : ''}">{o.verdict.sentence}</p>
        <button class="btn mt-auto self-start" onclick={() => onpick(o.kind)}>Look at this one</button>
      </li>
    {/each}
  </ul>
</div>

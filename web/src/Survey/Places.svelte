<!-- @component Every place of the look-over, by zone, with what was answered: any of them can be looked at again. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import { lookWords, zoneWords } from '$lib/words';
  import { photoUrl } from '../Intake/photos';

  type Row = Schemas['ChecklistRow'];
  let {
    rows,
    answerOf,
    at,
    onshow,
  }: {
    rows: Row[];
    answerOf: (r: Row) => Schemas['LookAnswer'];
    /** The one that is looked at now. */
    at: Row | undefined;
    onshow: (r: Row) => void;
  } = $props();
  const zones = $derived([...new Set(rows.map((r) => r.item.zone))]);
  const marks: Record<Schemas['LookAnswer'], MarkOf> = {
    sound: 'sound',
    bad: 'out',
    cannotTell: 'unknown',
    notHere: 'done',
    notLooked: 'waiting',
  };
</script>

{#each zones as z (z)}
  <h3 class="mt-3 text-sm font-semibold text-soft">{zoneWords[z]}</h3>
  <ul class="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
    {#each rows.filter((r) => r.item.zone === z) as r (r.item.id)}
      {@const a = answerOf(r)}
      <li>
        <button
          class="flex min-h-11 w-full items-center gap-3 border-t border-sill py-1.5 text-left hover:bg-rock/60 {r ===
          at
            ? 'font-bold'
            : ''}"
          aria-current={r === at ? 'step' : undefined}
          onclick={() => onshow(r)}
        >
          {#if a === 'notLooked'}<span
              class="size-6 shrink-0 rounded-full border-2 border-soft"
              role="img"
              aria-label="not looked at"
            ></span>{:else if a === 'notHere'}<span
              class="grid size-6 shrink-0 place-items-center rounded-full border-2 border-dashed border-soft leading-none font-bold text-soft"
              role="img"
              aria-label="not here">–</span
            >{:else}<Mark of={marks[a]} size={24} word={lookWords[a].toLowerCase()} />{/if}
          <span class="min-w-0 flex-1 leading-snug"
            >{r.item.title}{#if r.answer?.note}<span class="block text-sm font-normal text-soft">{r.answer.note}</span
              >{/if}</span
          >
          {#if r.photoHash}<img class="size-9 rounded object-cover" src={photoUrl(r.photoHash, 'thumb')} alt="" />{/if}
        </button>
      </li>
    {/each}
  </ul>
{/each}

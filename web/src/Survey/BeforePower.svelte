<!-- @component What has to be put right before a board is fed: each with where that is done, and whether a person may decide otherwise. -->
<script lang="ts" module>
  const where: Record<string, string> = { apart: 'rebuild', cell: 'battery' };
  /** The screen on which it is put right. */
  export const putRight = (word: string) => where[word] ?? 'capacitors';
</script>

<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act } from '$lib/api/act.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  let { id, before, onpieces }: { id: string; before: Schemas['BeforePowerRow'][]; onpieces: () => void } = $props();
  let deciding = $state('');
</script>

<ul class="mt-3 max-w-read border-t border-sill" aria-label="What stands before it">
  {#each before as b (b.word)}
    <li class="border-b border-sill py-2.5">
      {#if before.length > 1}<p class="leading-snug font-semibold">{b.permit.verdict.sentence}</p>{/if}
      <p class="text-sm text-soft">{b.permit.verdict.reasons[0]?.text}</p>
      {#if b.permit.overruleLapsed}<p class="text-sm font-semibold text-brass-ink">
          Somebody decided otherwise once; it has changed since.
        </p>{/if}
      <div class="flex flex-wrap gap-x-6">
        <a class="act text-ink" href="/m/{id}/{putRight(b.word)}">Put it right</a>
        {#if b.word === 'apart'}<button class="act" onclick={onpieces}>Test it in pieces</button>{/if}
        {#if b.permit.mayBeOverruled}<button
            class="act"
            aria-expanded={deciding === b.word}
            onclick={() => (deciding = deciding === b.word ? '' : b.word)}>Power it all the same</button
          >{/if}
      </div>
      {#if deciding === b.word}<OverruleForm
          ondo={async (reason) => {
            await act(
              api.POST('/api/machines/{id}/overrules', {
                params: { path: { id } },
                body: { of: 'beforePower', subject: b.word, reason },
              }),
            );
            deciding = '';
          }}
        />{/if}
    </li>
  {/each}
</ul>

<!-- @component What must be known before it is fed: what is open first, each with where it becomes known, then what is known and by which fact. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import Fold from '$lib/ui/Fold.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  type Row = Schemas['BeforePowerRow'];
  let {
    id,
    list,
    leftBehind,
    onpieces,
    onrails,
  }: {
    id: string;
    list: Row[];
    leftBehind: Schemas['LeftBehindRow'][];
    onpieces: () => void;
    onrails: () => void;
  } = $props();
  let deciding = $state('');
  const granted = (r: Row) => r.permit.granted;
  const open = $derived(list.filter((r) => !granted(r)));
  const known = $derived(list.filter(granted));
  // Places that nobody has looked at are one walk, and said as one.
  const places = $derived(open.filter((r) => r.word.startsWith('look/')));
  const rest = $derived(
    open
      .filter((r) => !r.word.startsWith('look/'))
      .sort((a, b) => Number(b.permit.verdict.outcome === 'no') - Number(a.permit.verdict.outcome === 'no')),
  );
  const decide = (word: string) => (deciding = deciding === word ? '' : word);
</script>

{#snippet overrule(r: Row)}
  {#if r.permit.overruleLapsed}<p class="text-sm font-semibold text-brass-ink">
      Somebody decided otherwise once; it has changed since.
    </p>{/if}
  {#if deciding === r.word}<OverruleForm
      ondo={async (reason) => {
        await act(
          api.POST('/api/machines/{id}/overrules', {
            params: { path: { id } },
            body: { of: 'beforePower', subject: r.word, reason },
          }),
        );
        deciding = '';
      }}
    />{/if}
{/snippet}

{#if open.length || leftBehind.length}
  <ul class="mt-3 max-w-read border-t border-sill" aria-label="What stands before it">
    {#each leftBehind as d (d.id)}
      <li class="border-b border-sill py-2.5">
        <p class="leading-snug font-semibold">{d.sentence}</p>
        <p class="text-sm text-soft">{d.why}</p>
        <button class="act" aria-expanded={deciding === d.id} onclick={() => decide(d.id)}>Look again</button>
        {#if deciding === d.id}<OverruleForm
            label="What is there now?"
            button="Keep what I see"
            ondo={async (saw) => {
              await act(
                api.POST('/api/machines/{id}/dangers/{dangerId}/looked', {
                  params: { path: { id, dangerId: d.id } },
                  body: { saw },
                }),
              );
              deciding = '';
            }}
          />{/if}
      </li>
    {/each}
    {#each rest as r (r.word)}
      <li class="grid grid-cols-[2rem_minmax(0,1fr)] border-b border-sill py-2.5">
        <Mark of={r.permit.verdict.outcome === 'no' ? 'out' : 'unknown'} size={22} word="" hidden />
        <div class="min-w-0">
          <p class="leading-snug font-semibold">{r.permit.verdict.sentence}</p>
          <p class="text-sm text-soft">{r.permit.verdict.reasons[0]?.text}</p>
          <div class="flex flex-wrap gap-x-6">
            {#if r.word === 'rails'}<button class="act text-ink" onclick={onrails}>Name its rails</button>
            {:else if r.screen}<a class="act text-ink" href="/m/{id}/{r.screen}"
                >{r.permit.verdict.outcome === 'no' ? 'Put it right' : 'Say so'}</a
              >{/if}
            {#if r.word === 'apart'}<button class="act" onclick={onpieces}>Test it in pieces</button>{/if}
            {#if r.permit.mayBeOverruled}<button
                class="act"
                aria-expanded={deciding === r.word}
                onclick={() => decide(r.word)}>Power it all the same</button
              >{/if}
          </div>
          {@render overrule(r)}
        </div>
      </li>
    {/each}
    {#if places.length}
      <li class="grid grid-cols-[2rem_minmax(0,1fr)] border-b border-sill py-2.5">
        <Mark of="unknown" size={22} word="" hidden />
        <div class="min-w-0">
          <p class="leading-snug font-semibold">
            {places.length === 1
              ? places[0]!.permit.verdict.sentence
              : `${places.length} places of the look-over are not known.`}
          </p>
          <p class="text-sm text-soft">
            {places.length === 1 ? places[0]!.permit.verdict.reasons[0]?.text : places.map((p) => p.title).join(' · ')}
          </p>
          <a class="act text-ink" href="/m/{id}/survey">Look there</a>
          <Fold title="Go on without knowing one of them">
            <ul>
              {#each places as p (p.word)}
                <li class="border-t border-sill py-1">
                  <button class="act" aria-expanded={deciding === p.word} onclick={() => decide(p.word)}
                    >{p.title}</button
                  >
                  {@render overrule(p)}
                </li>
              {/each}
            </ul>
          </Fold>
        </div>
      </li>
    {/if}
  </ul>
{/if}
<Fold
  title={open.length ? `${known.length} of ${list.length} are known` : `All ${list.length} that it needs are known`}
  class="mt-2 max-w-read"
>
  <ul class="border-t border-sill" aria-label="What is known">
    {#each known as r (r.word)}
      <li class="grid grid-cols-[2rem_minmax(0,1fr)_auto] items-baseline border-b border-sill py-1.5">
        <span class="self-center"><Mark of={r.permit.overruledBecause ? 'if' : 'done'} size={20} word="" hidden /></span
        >
        <span class="min-w-0"
          ><span class="font-semibold">{r.title}</span>
          <span class="block text-sm text-soft"
            >{r.permit.overruledBecause ? `Decided otherwise: ${r.permit.overruledBecause}` : r.known}</span
          ></span
        >
        {#if r.since}<span class="reading text-sm text-soft">{moment(r.since)}</span>{/if}
      </li>
    {/each}
  </ul>
</Fold>

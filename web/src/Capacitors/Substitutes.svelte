<!-- @component What from the drawer will do in a part's place, with every rule; sets one piece aside. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  let { id, row, ondone }: { id: string; row: Schemas['CapacitorRow']; ondone: () => void } = $props();
  const capacitorId = $derived(row.capacitor.id);
  const query = createQuery(() => ({
    queryKey: ['substitutes', id, capacitorId],
    queryFn: () =>
      ask(
        api.GET('/api/machines/{id}/capacitors/{capacitorId}/substitutes', { params: { path: { id, capacitorId } } }),
      ),
  }));
  const form = new Sending();
  let open = $state('');
  let refused = $state(false);
  const mark = { yes: 'sound', yesIf: 'if', no: 'out', unknown: 'unknown' } as const;
  async function reserve(partIds: string[], overruleReason: string | null = null) {
    await act(
      api.POST('/api/machines/{id}/capacitors/{capacitorId}/reserve', {
        params: { path: { id, capacitorId } },
        body: { partIds, overruleReason },
      }),
    );
    ondone();
  }
  const setAside = (...partIds: string[]) => void form.decide((why) => reserve(partIds, why));
</script>

<ProblemNote {form} />
<Query {query} what="the drawer">
  {#snippet children(found)}
    {@const list = found.singles}
    {@const fits = list.filter((s) => s.verdict.outcome !== 'no')}
    {#if list.length && !fits.length}<p class="mb-2 text-lg font-bold">Nothing in the drawer will do.</p>{/if}
    <ul class="border-t border-sill">
      {#each refused || !fits.length ? list : fits as s (s.candidate.id)}
        <li class="border-b border-sill py-3">
          <div class="flex items-start gap-3">
            <Mark
              of={mark[s.verdict.outcome]}
              word={{ yes: 'fits', yesIf: 'fits on a condition', no: 'will not do', unknown: 'not known' }[
                s.verdict.outcome
              ]}
            />
            <div class="min-w-0 flex-1">
              <p class="leading-snug font-semibold">{s.verdict.sentence}</p>
              <p class="text-sm text-soft">
                {s.candidate.place ? `${s.candidate.place}, ` : ''}{s.candidate.free} free{s.candidate.boughtOn
                  ? `, bought ${s.candidate.boughtOn.slice(0, 7)}`
                  : ''}
              </p>
            </div>
            {#if s.verdict.outcome !== 'no'}<button
                class="btn"
                disabled={form.busy}
                aria-label="Set aside: {s.verdict.sentence}"
                onclick={() => setAside(s.candidate.id)}>Set aside</button
              >{/if}
          </div>
          <button
            class="act text-sm"
            aria-expanded={open === s.candidate.id}
            onclick={() => (open = open === s.candidate.id ? '' : s.candidate.id)}>Every rule</button
          >
          {#if open === s.candidate.id}
            <ul class="grid gap-1 text-sm">
              {#each s.rules as r (r.rule)}<li
                  class={r.result === 'broken'
                    ? 'font-semibold text-oxide'
                    : r.result === 'justMet' || r.result === 'notKnown'
                      ? 'font-semibold text-brass-ink'
                      : ''}
                >
                  {r.rule}: {r.text}
                </li>{/each}
            </ul>
            {#if s.verdict.outcome === 'no' && s.verdict.mayBeOverruled}<OverruleForm
                ondo={(r) => reserve([s.candidate.id], r)}
              />{/if}
          {/if}
        </li>
      {:else}<li class="py-6 text-soft">
          Nothing in the drawer is near {row.capacitor.marking}. <a class="underline" href="/drawer">Put a part in</a>.
        </li>{/each}
    </ul>
    {#if found.pairs.length}
      <h3 class="mt-4 font-bold">Two where one will not do</h3>
      <ul class="border-t border-sill">
        {#each found.pairs as p, i (i)}<li class="flex items-start gap-3 border-b border-sill py-3">
            <Mark of="if" word="on a condition" />
            <div class="min-w-0 flex-1">
              <p class="leading-snug font-semibold">{p.verdict.sentence}</p>
              <p class="text-sm text-soft">
                {p.parts
                  .map((x) => x.place)
                  .filter(Boolean)
                  .join(' and ')}
              </p>
            </div>
            <button
              class="btn"
              disabled={form.busy}
              aria-label="Set both aside: {p.verdict.sentence}"
              onclick={() => setAside(...p.parts.map((x) => x.id))}>Set both aside</button
            >
          </li>{/each}
      </ul>
    {/if}
    {#if !fits.length}<p class="mt-3">
        It can be ordered with everything else that is wanted: <a class="underline" href="/order"
          >the order for all boards</a
        >.
      </p>{/if}
    {#if fits.length && fits.length < list.length}<button
        class="act mt-1"
        aria-expanded={refused}
        onclick={() => (refused = !refused)}
        >{refused ? 'Only what will do' : `${list.length - fits.length} more will not do, and why`}</button
      >{/if}
  {/snippet}
</Query>

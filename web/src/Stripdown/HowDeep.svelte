<!-- @component What comes off for which work: how deep, with hours and risk, and what else is done while it is open. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { RadioGroup } from 'bits-ui';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { minutes, plain } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import Pieces from './Pieces.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const path = $derived({ params: { path: { id } } });
  const query = createQuery(() => ({
    queryKey: ['opening', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/opening', path)),
  }));
  const form = new Sending();
  let sheet = $state<'pieces' | ''>('');
  const asDeep = 'all';
  const go = (what: () => Promise<unknown>) => void form.send(async () => void (await what()));
  const choose = (value: string, levels: Schemas['OpeningLevel'][]) =>
    go(() =>
      act(
        api.POST('/api/machines/{id}/opening/depth', {
          ...path,
          body: { depth: value === asDeep ? null : levels[Number(value)]!.depth },
        }),
      ),
    );
  // A place in a select is one word: nobody knows, outside, uncovered or out.
  const placeOf = (w: Schemas['PlacedWork']) =>
    w.piece === null ? 'unknown' : w.piece === '' ? 'outside' : `${w.out ? 'out' : 'at'}:${w.piece}`;
  const places = (pieces: Schemas['AccessPiece'][]): [string, string][] => [
    ['unknown', 'Nobody has said'],
    ['outside', 'Outside: nothing comes off'],
    ...pieces.flatMap(
      (p) =>
        [
          [`at:${p.id}`, `${p.title}, where it sits`],
          [`out:${p.id}`, `${p.title}, taken out`],
        ] as [string, string][],
    ),
  ];
  const place = (w: Schemas['PlacedWork'], value: string) =>
    go(() =>
      act(
        api.POST('/api/machines/{id}/opening/behind', {
          ...path,
          body: {
            key: w.key,
            piece: value === 'unknown' ? null : value === 'outside' ? '' : value.slice(value.indexOf(':') + 1),
            out: value.startsWith('out:'),
          },
        }),
      ),
    );
  // The banks of one basin, narrower the deeper it goes.
  const bank = (i: number, all: number) => 2 + (i / Math.max(1, all)) * 18;
  const least = (e: Schemas['Estimate']) => (e.likely ? minutes(Math.round(e.likely)) : '0 min');
</script>

<svelte:head><title>How deep · {head.machine.name}</title></svelte:head>

<Query {query} what="how it opens">
  {#snippet children(o)}
    <Verdict
      verdict={o.verdict}
      words={{ yes: 'Opened once', yesIf: 'Some is left', no: 'Not deep enough', unknown: 'Not known' }}
      big
      heading={1}
      figures={false}
    >
      <dl class="mt-4 flex flex-wrap gap-x-10 gap-y-3">
        <div class="flex flex-col-reverse">
          <dt class="text-xs text-soft">to open it and close it again</dt>
          <dd class="reading text-3xl">{least(o.opening)}</dd>
        </div>
        <div class="flex flex-col-reverse">
          <dt class="text-xs text-soft">of work that lies open then</dt>
          <dd class="reading text-3xl">{least(o.hands)}</dd>
        </div>
      </dl>
      {#if o.off.length > 1}<ol class="mt-2 flex flex-wrap gap-x-2" aria-label="Comes off, in this order">
          {#each o.off as p, i (i)}<li>{i ? '→ ' : ''}{p}</li>{/each}
        </ol>{/if}
    </Verdict>
    <ProblemNote problem={form.problem} />
    <div class="mt-6 grid gap-x-12 gap-y-7 lg:grid-cols-[minmax(0,1fr)_minmax(0,24rem)]">
      <section aria-label="How deep">
        <h2 class="text-lg font-bold">How deep is it opened this time?</h2>
        <RadioGroup.Root
          class="mt-1"
          aria-label="How deep is it opened this time?"
          bind:value={() => (o.chosen === null ? asDeep : String(o.chosen)), (v) => choose(v, o.levels)}
        >
          <RadioGroup.Item
            value={asDeep}
            disabled={form.busy}
            class="group mb-2 flex min-h-11 items-center gap-3 text-left"
          >
            {@render mark()}
            <span><strong>As deep as its work needs</strong>, all of it in one opening</span>
          </RadioGroup.Item>
          {#each o.levels as l, i (i)}
            <RadioGroup.Item
              value={String(i)}
              disabled={form.busy}
              class="group grid w-full grid-cols-[1.25rem_5.5rem_minmax(0,1fr)_auto] items-stretch text-left hover:bg-rock/60"
            >
              <span class="self-center">{@render mark()}</span>
              <svg viewBox="0 0 64 60" preserveAspectRatio="none" class="h-full mx-3 min-h-15 w-16" aria-hidden="true">
                <path
                  d={i === o.levels.length - 1
                    ? `M${bank(i, o.levels.length)} 0V40Q${bank(i, o.levels.length)} 58 32 58Q${64 - bank(i, o.levels.length)} 58 ${64 - bank(i, o.levels.length)} 40V0Z`
                    : `M${bank(i, o.levels.length)} 0L${bank(i + 1, o.levels.length)} 60H${64 - bank(i + 1, o.levels.length)}L${64 - bank(i, o.levels.length)} 0Z`}
                  class={l.isOpen ? 'fill-verdigris' : 'fill-rock'}
                />
              </svg>
              <span class="min-w-0 content-center border-b border-sill py-2"
                ><strong class="text-lg">{l.name}</strong>{#if i === o.advised}<span
                    class="ml-2 text-sm font-semibold text-brass-ink">advised</span
                  >{/if}<span class="block text-sm text-soft"
                  >{l.verdict.outcome === 'no'
                    ? l.verdict.sentence
                    : l.does.length === 0
                      ? 'nothing to do there'
                      : `${least(l.work)} of work${l.leaves.length ? `; ${l.leaves.length} left for another opening` : ', and nothing is left'}`}</span
                ></span
              >
              <span class="content-center border-b border-sill pl-3 text-right"
                ><span class="reading text-xl">{least(l.opening)}</span><span class="block text-xs text-soft"
                  >open and close</span
                ></span
              >
            </RadioGroup.Item>
          {/each}
        </RadioGroup.Root>
      </section>
      <div class="grid content-start gap-6">
        {#if o.risks.length}<section aria-label="What can go wrong on the way">
            <h2 class="font-bold">What can go wrong on the way</h2>
            <ul class="border-t border-sill text-sm">
              {#each o.risks as r (r)}<li class="flex gap-2 border-b border-sill py-1.5">
                  <Mark of="if" size={17} word="careful" /><span>{r}</span>
                </li>{/each}
            </ul>
          </section>{/if}
        {#if o.proposals.length}<section aria-label="While it is open">
            <h2 class="font-bold">What else, while it is open</h2>
            <ul class="border-t border-sill">
              {#each o.proposals as p (p.job.id)}<li class="border-b border-sill py-2">
                  <strong>{p.job.title}</strong>
                  <span class="block text-sm text-soft"
                    >{p.job.why}{p.more.length ? ` ${p.more.join(', ')} comes off besides.` : ''}</span
                  >
                  <span class="flex items-center justify-between gap-4 text-sm"
                    ><span
                      ><span class="reading">{p.job.minutes} min</span>, saves
                      <span class="reading">{plain(Math.round(p.savedMinutes))} min</span> of opening</span
                    ><button
                      class="act"
                      disabled={form.busy}
                      aria-label="Do it too: {p.job.title}"
                      onclick={() =>
                        go(() =>
                          act(api.POST('/api/machines/{id}/opening/too', { ...path, body: { proposal: p.job.id } })),
                        )}>Do it too</button
                    ></span
                  >
                </li>{/each}
            </ul>
          </section>{/if}
      </div>
    </div>
    {#if o.work.length}<Fold title="Where the work lies" class="no-print mt-5">
        <ul class="max-w-3xl border-t border-sill">
          {#each o.work as w (w.key)}<li
              class="grid items-center gap-x-4 border-b border-sill py-1.5 sm:grid-cols-[minmax(0,1fr)_17rem]"
            >
              <span class="min-w-0"
                >{w.title}{#if w.deeper}<span class="text-sm font-semibold text-brass-ink">, left for another time</span
                  >{/if}</span
              >
              <SelectField
                label="Where it lies: {w.title}"
                hidden
                small
                value={placeOf(w)}
                options={places(o.pieces)}
                onchange={(v) => place(w, v)}
              />
            </li>{/each}
        </ul>
      </Fold>{/if}
    <BenchEdge>
      {#snippet next()}<a class="btn-next" href="/m/{id}/before">Before you open it</a>{/snippet}
      {#snippet acts()}<button class="act" onclick={() => (sheet = 'pieces')}>What sits in front of what</button><button
          class="act max-sm:hidden"
          onclick={() => print()}>Print</button
        >{/snippet}
    </BenchEdge>
    <Sheet bind:current={sheet} name="pieces" title="What sits in front of what">
      <Pieces {id} pieces={o.pieces} ondone={() => (sheet = '')} />
    </Sheet>
  {/snippet}
</Query>

{#snippet mark()}
  <span class="grid h-5 w-5 shrink-0 place-items-center rounded-full border-2 border-ink" aria-hidden="true"
    ><span class="h-2.5 w-2.5 rounded-full group-data-[state=checked]:bg-ink"></span></span
  >
{/snippet}

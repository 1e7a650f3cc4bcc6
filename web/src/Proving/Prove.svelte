<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import Dots from './Dots.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['proofs', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/proofs', { params: { path: { id } } })),
  }));
  const form = new Sending();
  const runs = new Sending();
  let adding = $state(false);
  let what = $state('');
  let unit = $state('s');
  let better = $state<Schemas['Better']>('lower');
  let resolution = $state('');
  let values = $state<Record<string, string>>({});

  async function add() {
    await act(
      api.POST('/api/machines/{id}/proofs', {
        params: { path: { id } },
        body: { what, unit, better, resolution: number(resolution, 'the resolution') ?? 0 },
      }),
    );
    adding = false;
    what = resolution = '';
  }
  async function run(proofId: string, side: 'before' | 'after') {
    const key = proofId + side;
    const list = (values[key] ?? '').split(/[\s;]+/).filter(Boolean);
    if (!list.length) throw new Error('Type at least one reading.');
    const read = list.map((t) => number(t, 'a run')!);
    for (const value of read)
      await act(
        api.POST('/api/machines/{id}/proofs/{proofId}/runs', {
          params: { path: { id, proofId } },
          body: { side, value },
        }),
        true,
      );
    values[key] = '';
  }
  const voidRun = (proofId: string, runId: string) =>
    runs.send(() =>
      act(api.DELETE('/api/machines/{id}/proofs/{proofId}/runs/{runId}', { params: { path: { id, proofId, runId } } })),
    );
  useKeys([{ key: 'a', words: 'Measure something else', run: () => (adding = true) }]);
</script>

<svelte:head><title>Before and after · {head.machine.name}</title></svelte:head>

<Query {query} what="the measurements">
  {#snippet children(data)}
    {#if !data.length}
      <div class="max-w-xl py-8">
        <h1 class="text-title font-bold">Nothing is measured yet</h1>
        <p class="mt-2">
          Name one thing that the work should change, and time it now, before the work: start-up, a drive, frames, a
          temperature, run time. Four runs on each side are the least that can prove anything.
        </p>
      </div>
    {/if}
    {#if !adding}<ProblemNote problem={runs.problem} />{/if}
    {#each data as p, i (p.proof.id)}
      <section class="py-4 {i ? 'sill' : ''}" aria-label={p.proof.what}>
        <p class="text-sm font-semibold text-soft">
          {p.proof.what}{p.proof.unit ? `, ${p.proof.unit}` : ''} · {p.proof.better === 'lower' ? 'less' : 'more'} is better
        </p>
        <div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,1fr)_27rem]">
          <div class="min-w-0">
            {#if p.comparison}
              <Verdict
                verdict={p.comparison.verdict}
                big={i === 0}
                heading={i === 0 ? 1 : 2}
                words={{ yes: 'Real', no: 'Not real', unknown: 'Too few runs' }}
              />
            {:else}
              <svelte:element this={i === 0 ? 'h1' : 'h2'} class="text-title leading-tight font-bold"
                >{p.runs.length
                  ? 'One side is measured. After the work, measure the other.'
                  : 'Measure it now, before the work.'}</svelte:element
              >
              <p class="mt-1 text-soft">At least {p.runsNeeded} runs on each side.</p>
            {/if}
            <Dots runs={p.runs} unit={p.proof.unit} />
          </div>
          <div class="grid content-start gap-4 sm:grid-cols-2">
            {#each ['before', 'after'] as const as side (side)}
              <form
                class="grid content-start gap-2"
                onsubmit={(e) => {
                  e.preventDefault();
                  void runs.send(() => run(p.proof.id, side));
                }}
              >
                <TextField
                  label={side === 'before' ? 'Runs before' : 'Runs after'}
                  hint="One or several, with blanks between."
                  bind:value={values[p.proof.id + side]}
                  mono
                  autocomplete="off"
                />
                <button class="btn" disabled={runs.busy}>Keep {side}</button>
                <ul class="grid gap-0.5">
                  {#each p.runs.filter((r) => r.side === side) as r (r.id)}
                    <li class="flex items-center justify-between border-b border-sill">
                      <span class="reading">{plain(r.value, 6)}</span><button
                        type="button"
                        class="act min-h-8 text-sm"
                        aria-label="Strike {plain(r.value, 6)} {side}"
                        onclick={() => void voidRun(p.proof.id, r.id)}>Strike</button
                      >
                    </li>
                  {/each}
                </ul>
              </form>
            {/each}
          </div>
        </div>
      </section>
    {/each}
    <BenchEdge>
      {#snippet next()}{#if data.length && data.every((p) => p.comparison && p.comparison.verdict.outcome !== 'unknown')}<a
            class="btn-next"
            href="/m/{id}/handover">On to the write-up</a
          >{:else}<button class="btn-next" onclick={() => (adding = true)}
            >Measure {data.length ? 'something else' : 'one thing'}</button
          >{/if}{/snippet}
      {#snippet needs()}Same room, same load, same start each time.{/snippet}
      {#snippet acts()}<button class="act" onclick={() => (adding = true)}>Something else <Key k="A" /></button
        >{/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet bind:open={adding} title="What is measured?">
  <form
    class="grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(add);
    }}
  >
    <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
    <TextField
      class="sm:col-span-2"
      label="What"
      error={form.field('what')}
      bind:value={what}
      required
      maxlength={120}
      placeholder="Start to desktop"
    />
    <TextField label="Unit" bind:value={unit} maxlength={20} />
    <SelectField
      label="Better is"
      bind:value={better}
      options={[
        ['lower', 'less'],
        ['higher', 'more'],
      ]}
    />
    <NumberField
      label="Least step the instrument shows"
      hint="Leave it empty if you do not know."
      bind:value={resolution}
    />
    <button class="btn-next self-end sm:justify-self-start" disabled={form.busy}>Set it up</button>
  </form>
</Sheet>

<!-- @component Before it is opened: what cannot be had later, what lies ready, what is known to go wrong; done or skipped with a word. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { plain } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['before', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/before', { params: { path: { id } } })),
  }));
  const groups: [Schemas['BeforeKind'], string][] = [
    ['measure', 'Measure now'],
    ['copy', 'Copy'],
    ['photograph', 'Photograph'],
    ['haveReady', 'Have ready'],
    ['trap', 'Known to go wrong'],
  ];
  const form = new Sending();
  let sheet = $state<'skip' | ''>('');
  let line = $state<Schemas['BeforeLine']>();
  let why = $state('');
  const answer = (l: Schemas['BeforeLine'], skipped: boolean, words = '') =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/before', {
          params: { path: { id } },
          body: { key: l.key, skipped, why: words },
        }),
      );
      sheet = '';
      why = '';
    });
  const skip = (l: Schemas['BeforeLine']) => {
    form.forget();
    line = l;
    sheet = 'skip';
  };
</script>

<svelte:head><title>Before you open it · {head.machine.name}</title></svelte:head>

<Query {query} what="what comes before">
  {#snippet children(page)}
    <Verdict
      verdict={page.verdict}
      words={{ yes: 'Open it', yesIf: page.opened ? 'Is open' : 'First' }}
      big
      heading={1}
      figures={false}
    >
      <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
        <div class="flex flex-col-reverse">
          <dt class="text-xs text-soft">
            evenings until it is together again, {plain(page.evenings.low)} to {plain(page.evenings.high)}
          </dt>
          <dd class="reading text-3xl">{plain(page.evenings.likely)}</dd>
        </div>
      </dl>
    </Verdict>
    {#if !sheet}<ProblemNote problem={form.problem} />{/if}
    <div class="mt-5 gap-x-10 lg:columns-2">
      {#each groups as [kind, word] (kind)}
        {@const list = page.lines.filter((l) => l.kind === kind)}
        {#if list.length}<section class="mb-6 break-inside-avoid" aria-label={word}>
            <h2 class="font-bold">{word}</h2>
            <ul class="border-t border-sill">
              {#each list as l (l.key)}
                <li class="flex items-center gap-3 border-b border-sill py-1.5">
                  <Mark
                    of={l.done ? 'done' : l.skipped ? 'out' : kind === 'trap' ? 'if' : 'unknown'}
                    size={20}
                    word={l.done ? 'done' : l.skipped ? 'skipped' : kind === 'trap' ? 'known' : 'open'}
                  />
                  <span class="min-w-0"
                    >{#if l.screen}<a class="font-semibold hover:underline" href="/m/{id}/{l.screen}">{l.what}</a
                      >{:else}<span class="font-semibold">{l.what}</span
                      >{/if}{#if kind !== 'haveReady' && kind !== 'trap'}<span class="block text-sm text-soft"
                        >{l.skipped ? `Skipped: ${l.skipped}` : l.why}</span
                      >{/if}</span
                  >
                  {#if kind !== 'trap' && !l.done}<span class="no-print ml-auto flex shrink-0 gap-4"
                      ><button
                        class="act"
                        disabled={form.busy}
                        aria-label="Done: {l.what}"
                        onclick={() => void answer(l, false)}>Done</button
                      >{#if !l.skipped}<button class="act" aria-label="Skip: {l.what}" onclick={() => skip(l)}
                          >Skip</button
                        >{/if}</span
                    >{/if}
                </li>
              {/each}
            </ul>
          </section>{/if}
      {/each}
    </div>
    <BenchEdge>
      {#snippet next()}<a class="btn-next" href="/m/{id}/stripdown"
          >{page.opened ? 'Go on recording' : 'Open it, and record'}</a
        >{/snippet}
      {#snippet acts()}<a class="act" href="/m/{id}/howdeep">How deep?</a><button class="act" onclick={() => print()}
          >Print</button
        >{/snippet}
    </BenchEdge>
  {/snippet}
</Query>
<Sheet bind:current={sheet} name="skip" title="Why is it skipped?" about={line?.what ?? ''}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      if (line) void answer(line, true, why);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="In a few words"
      hint="The comparison later says what it cannot claim, with this."
      error={form.field('why')}
      bind:value={why}
      maxlength={200}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Skip it</button>
  </form>
</Sheet>

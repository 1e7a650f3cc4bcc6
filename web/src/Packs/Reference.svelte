<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { classWords } from '$lib/words';

  const query = createQuery(() => ({ queryKey: ['packs'], queryFn: () => ask(api.GET('/api/packs')) }));
  const form = new Sending();
  let files = $state<FileList>();
  async function take() {
    const text = await files![0]!.text();
    await act(api.POST('/api/packs', { body: { text } }));
  }
  const rules = [
    ['Markings on capacitors', '/api/calc/markings/capacitor'],
    ['Date codes', '/api/calc/markings/date-code'],
    ['Earliest day of a board', '/api/calc/markings/earliest-build'],
    ['What replaces a cell', '/api/calc/batteries/options'],
    ['Years a cell lasts', '/api/calc/batteries/run-time'],
    ['Is this capacitor sound?', '/api/calc/capacitors/judge'],
    ['Risk, and which school takes it out', '/api/calc/capacitors/risk'],
    ['Which part will do', '/api/calc/capacitors/substitute'],
    ['Life of a capacitor', '/api/calc/capacitors/life'],
    ['Rails under power', '/api/calc/survey/rails'],
    ['Rails for shorts', '/api/calc/survey/shorts'],
    ['Is the change real?', '/api/calc/proving/is-it-real'],
  ];
</script>

<svelte:head><title>Reference · Haar</title></svelte:head>
<div class="mx-auto max-w-page px-4 pb-16 sm:px-7">
  <TopBar at="reference" />
  <main>
    <h1 class="text-title font-bold">Packs: what is known of kinds of machines, boards and parts</h1>
    <p class="mt-1 max-w-read text-soft">
      A pack is a text file that people pass on. What it brings is offered when a machine is taken in. Its <a
        class="underline"
        href="/schemas/haar-pack-1.schema.json"
        target="_blank">schema</a
      > is published.
    </p>
    <Query {query} what="the packs">
      {#snippet children(packs)}
        <ul class="mt-4 border-t border-sill">
          {#each packs as p (p.id)}
            <li class="border-b border-sill py-3">
              <div class="flex flex-wrap items-baseline gap-x-5">
                <h2 class="text-lg font-bold">{p.name}</h2>
                <p class="text-sm text-soft">
                  {p.machines.length} machines, {p.boards} boards, {p.parts} parts{p.builtIn
                    ? ' · ships with Haar'
                    : ''}
                </p>
                <span class="ml-auto flex gap-5"
                  ><a class="act" href="/api/packs/{p.id}" download>Export</a>{#if !p.builtIn}<button
                      class="act text-oxide"
                      onclick={() =>
                        void form.send(() =>
                          act(api.DELETE('/api/packs/{packId}', { params: { path: { packId: p.id } } })),
                        )}>Take away</button
                    >{/if}</span
                >
              </div>
              <ul class="mt-1 grid gap-x-6 text-sm sm:grid-cols-2">
                {#each p.machines as m (m.id)}<li>
                    <strong>{m.model}</strong>, {m.kind}, {classWords[m.class].toLowerCase()}, {m.yearFrom}–{m.yearTo}
                  </li>{/each}
              </ul>
            </li>
          {/each}
        </ul>
      {/snippet}
    </Query>
    <form
      class="mt-5 flex flex-wrap items-end gap-4"
      onsubmit={(e) => {
        e.preventDefault();
        void form.send(take);
      }}
    >
      <Field label="Import a pack" class="w-80 max-w-full"
        >{#snippet children(f)}<input
            class="input py-2"
            type="file"
            accept=".json,application/json"
            required
            bind:files
            {...f}
          />{/snippet}</Field
      >
      <button class="btn" disabled={form.busy || !files?.length}>Import</button>
    </form>
    <div class="mt-3 max-w-read"><ProblemNote problem={form.problem} /></div>
    <h2 class="mt-10 text-title font-bold">Every rule, for a script or a spreadsheet</h2>
    <p class="mt-1 max-w-read text-soft">
      Each answers a POST of JSON without a machine. <a class="underline" href="/reference/api" target="_blank"
        >The whole interface, with examples</a
      >.
    </p>
    <ul class="mt-3 grid gap-x-8 border-t border-sill sm:grid-cols-2">
      {#each rules as [w, path] (path)}<li
          class="flex flex-wrap items-baseline justify-between gap-x-4 border-b border-sill py-1.5"
        >
          <span>{w}</span><code class="font-mono text-sm text-soft">{path}</code>
        </li>{/each}
    </ul>
  </main>
</div>

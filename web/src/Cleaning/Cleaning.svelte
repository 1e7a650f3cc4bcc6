<!-- @component Case: what is cleaned, whitened, freed of rust, gone through key by key and serviced; and what came off or was found and is not on the list yet. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, lower } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import WhiteningPanel from '../Colour/WhiteningPanel.svelte';
  import FinishPanel from '../Finish/FinishPanel.svelte';
  import MendingForm from '../Finish/MendingForm.svelte';
  import MendingPanel from '../Finish/MendingPanel.svelte';
  import PanelForm from '../Finish/PanelForm.svelte';
  import KeyboardForm from '../Keyboards/KeyboardForm.svelte';
  import KeyboardPanel from '../Keyboards/KeyboardPanel.svelte';
  import MechanismForm from '../Mechanisms/MechanismForm.svelte';
  import MechanismPanel from '../Mechanisms/MechanismPanel.svelte';
  import { entriesOf, groupWords, type EntryKind } from './entries';
  import ItemForm from './ItemForm.svelte';
  import ItemPanel from './ItemPanel.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['cleaning', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/cleaning', { params: { path: { id } } })),
  }));
  let picked = $state(searchParams.get('item') as string | null);
  let sheet = $state<'add' | ''>('');
  let what = $state<Exclude<EntryKind, 'whitening'>>('item');
  const form = new Sending();
  const screen = $derived(query.data);
  const entries = $derived(screen ? entriesOf(screen) : []);
  const entry = $derived(entries.find((e) => e.id === picked) ?? entries.find((e) => e.open) ?? entries[0]);
  const groups = $derived(
    (Object.keys(groupWords) as EntryKind[])
      .map((k) => ({ kind: k, list: entries.filter((e) => e.kind === k) }))
      .filter((g) => g.list.length),
  );
  const add = () => {
    form.forget();
    sheet = 'add';
  };
  const made = (id?: string) => {
    sheet = '';
    if (id) picked = id;
  };
  /** What came off or was found goes on the list, with what its kind says of it; a person says more later. */
  const put = (...list: Schemas['Candidate'][]) =>
    form.send(async () => {
      const from = list.map((c) => (c.pieceId ?? c.findingId)!);
      const done = await act(
        api.POST('/api/machines/{id}/cleaning/list', { params: { path: { id } }, body: { from } }),
      );
      if (done.id) picked = done.id;
    });
  useKeys([{ key: 'a', words: 'Put something on the list', run: add }]);
</script>

<svelte:head><title>Case · {head.machine.name}</title></svelte:head>

{#snippet offered(candidates: Schemas['Candidate'][])}
  {#if candidates.length}
    {#if candidates.length > 1}<button class="btn my-2" disabled={form.busy} onclick={() => void put(...candidates)}
        >Put all {candidates.length} on the list</button
      >{/if}
    <ul class="border-t border-sill">
      {#each candidates as c (`${c.pieceId ?? ''}${c.findingId ?? ''}`)}
        <li class="flex min-h-11 items-center gap-3 border-b border-sill px-1">
          <span class="min-w-0"
            ><span class="font-semibold">{capital(c.name)}</span><span class="block text-xs text-soft">{c.why}</span
            ></span
          >
          <button
            class="act ml-auto shrink-0"
            disabled={form.busy}
            aria-label="Put {c.name} on the list"
            onclick={() => void put(c)}>On the list</button
          >
        </li>
      {/each}
    </ul>
  {/if}
{/snippet}

<Query {query} what="what is cleaned">
  {#if screen && !entry}
    <div class="max-w-xl py-8">
      <h1 class="text-title font-bold">Nothing is on the list yet</h1>
      <p class="mt-2">
        Put down what is to be cleaned or mended: a shell, a rusted panel, the keyboard, a drive. Haar begins with the
        mildest thing that has a real chance, says when to go one harder and when to stop, measures colour and rust on
        photos, and keeps whatever got wet away from power until it is dry.
      </p>
      <ProblemNote problem={form.problem} />
      {#if screen.candidates.length}<h2 class="mt-5 text-sm font-bold text-soft">Came off, or was found</h2>{/if}
      {@render offered(screen.candidates)}
    </div>
    <BenchEdge
      >{#snippet next()}<button class="btn-next" onclick={add}>Put something on the list</button>{/snippet}</BenchEdge
    >
  {:else if screen && entry}
    <div class="mb-3 lg:hidden">
      <SelectField
        label="Which of {entries.length}"
        value={entry.id}
        options={entries.map((e) => [e.id, `${e.name}, ${lower(groupWords[e.kind])}: ${e.word}`] as const)}
        onchange={(v) => (picked = v)}
      />
    </div>
    <div class="grid gap-x-7 gap-y-5 max-lg:pb-44 lg:grid-cols-[20rem_minmax(0,1fr)]">
      <nav class="max-lg:order-last" aria-label="What is cleaned and mended">
        {#each groups as g (g.kind)}
          <h2 class="mt-5 text-sm font-bold text-soft first:mt-0 max-lg:hidden">{groupWords[g.kind]}</h2>
          <ul class="border-t border-sill max-lg:hidden">
            {#each g.list as e (e.id)}
              <li>
                <button
                  class="flex min-h-11 w-full items-center gap-3 border-b border-sill px-1 text-left {e.id === entry.id
                    ? 'bg-rock'
                    : 'hover:bg-rock/60'}"
                  aria-current={e.id === entry.id ? 'true' : undefined}
                  onclick={() => (picked = e.id)}
                  ><Mark of={e.mark} word={e.word} /><span class="font-semibold">{e.name}</span><span
                    class="ml-auto shrink-0 text-sm text-soft">{e.beside}</span
                  ></button
                >
              </li>
            {/each}
          </ul>
        {/each}
        <ProblemNote problem={form.problem} />
        {#if screen.candidates.length}<Fold
            class="mt-5"
            title="{screen.candidates.length} more came off or {screen.candidates.length === 1 ? 'was' : 'were'} found"
            >{@render offered(screen.candidates)}</Fold
          >{/if}
      </nav>
      <div class="min-w-0">
        {#key entry.id}
          {#if entry.kind === 'item'}
            <ItemPanel
              {id}
              {screen}
              row={screen.items.find((r) => r.item.id === entry.id)!}
              currency={head.currency}
              onadd={add}
              onwhiten={(run) => (picked = run)}
            />
          {:else if entry.kind === 'whitening'}
            <WhiteningPanel
              {id}
              row={screen.whitenings.find((w) => w.run.id === entry.id)!}
              policy={screen.colourPolicy}
              matches={screen.matches}
              onadd={add}
              onitem={(item) => (picked = item)}
            />
          {:else if entry.kind === 'panel'}
            <FinishPanel {id} row={screen.panels.find((p) => p.panel.id === entry.id)!} onadd={add} />
          {:else if entry.kind === 'mending'}
            <MendingPanel {id} row={screen.mendings.find((m) => m.mending.id === entry.id)!} onadd={add} />
          {:else if entry.kind === 'keyboard'}
            <KeyboardPanel
              {id}
              row={screen.keyboards.find((k) => k.keyboard.id === entry.id)!}
              onadd={add}
              onitem={(item) => (picked = item)}
            />
          {:else}
            <MechanismPanel {id} row={screen.mechanisms.find((m) => m.mechanism.id === entry.id)!} onadd={add} />
          {/if}
        {/key}
      </div>
    </div>
  {/if}
</Query>

<Sheet bind:current={sheet} name="add" title="What is to be done?">
  <div class="grid gap-5">
    <Choice
      label="It is"
      bind:value={what}
      options={[
        ['item', 'Cleaned'],
        ['panel', 'Freed of rust'],
        ['mending', 'Mended'],
        ['keyboard', 'A keyboard'],
        ['mechanism', 'Something that moves'],
      ]}
    />
    {#if what === 'item'}<ItemForm {id} {screen} currency={head.currency} ondone={made} />
    {:else if what === 'panel'}<PanelForm {id} ondone={made} />
    {:else if what === 'mending'}<MendingForm {id} ondone={made} />
    {:else if what === 'keyboard'}<KeyboardForm {id} ondone={made} />
    {:else}<MechanismForm {id} ondone={made} />{/if}
  </div>
</Sheet>

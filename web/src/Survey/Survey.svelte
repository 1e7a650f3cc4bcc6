<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, askOrKept, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { outbox } from '$lib/outbox.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { lookWords } from '$lib/words';
  import { go } from '../router';
  import Sent from '../Stripdown/Sent.svelte';
  import Found from './Found.svelte';
  import Identify from './Identify.svelte';
  import LookAt from './LookAt.svelte';
  import Places from './Places.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type Answer = Exclude<Schemas['LookAnswer'], 'notLooked'>;
  type Row = Schemas['ChecklistRow'];
  const query = createQuery(() => ({
    queryKey: ['survey', id],
    queryFn: () => askOrKept(`survey/${id}`, api.GET('/api/machines/{id}/survey', { params: { path: { id } } })),
  }));
  const places = createQuery(() => ({
    queryKey: ['checklist', id],
    queryFn: () => askOrKept(`checklist/${id}`, api.GET('/api/machines/{id}/checklist', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let found = $state<ReturnType<typeof Found>>();
  let asked = $state<ReturnType<typeof Identify>>();
  let sheet = $state(false);
  let closing = $state(false);
  let without = $state('');
  let chosen = $state<string>();
  let note = $state('');
  let photo = $state<string | null>(null);

  /** What was answered here and has not been read back, so that the next one comes up at once, also with the network gone. */
  const here = $derived(
    Object.fromEntries(
      outbox.requests
        .filter((p) => p.path.startsWith(`/api/machines/${id}/checklist/`) && !p.problem)
        .map((p) => [
          decodeURIComponent(p.path.split('/').at(-1)!),
          (p.body as { answer: Schemas['LookAnswer'] }).answer,
        ]),
    ),
  );
  const answerOf = (r: Row) => here[r.item.id] ?? r.answer?.answer ?? 'notLooked';
  const rows = $derived(places.data?.rows ?? []);
  const row = $derived(rows.find((r) => r.item.id === chosen) ?? rows.find((r) => answerOf(r) === 'notLooked'));
  const seen = $derived(rows.filter((r) => answerOf(r) !== 'notLooked').length);
  const dangers = $derived((query.data?.findings ?? []).filter((f) => !f.power.granted));
  const open = $derived((query.data?.findings ?? []).filter((f) => !f.finding.dealtWithAt));
  /** A danger's act comes before any look, on whichever screen it is done. */
  const act1 = $derived(head.standing.next?.danger ? head.standing.next : undefined);
  const identify = $derived(head.unidentified);
  const options: { answer: Answer; key: string }[] = [
    { answer: 'sound', key: '1' },
    { answer: 'bad', key: '2' },
    { answer: 'cannotTell', key: '3' },
    { answer: 'notHere', key: '4' },
  ];
  /** Seen at once, before any place has been looked at. */
  const atOnce: Schemas['FindingKind'][] = ['leakingCell', 'swollenCell', 'rodents', 'chafedLead'];

  const answer = (a: Answer) =>
    form.send(async () => {
      if (!row) return;
      const item = row.item.id;
      await outbox.put({
        machineId: id,
        method: 'POST',
        path: `/api/machines/${id}/checklist/${encodeURIComponent(item)}`,
        body: { answer: a, note, photoId: photo },
        label: row.item.title.toLowerCase(),
      });
      chosen = undefined;
      note = '';
      photo = null;
    });
  function show(r: Row) {
    chosen = r.item.id;
    note = r.answer?.note ?? '';
    photo = r.answer?.photoId ?? null;
    scrollTo({ top: 0 });
  }
  const seenAtOnce = (kind: Schemas['FindingKind']) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/survey/findings', {
          params: { path: { id } },
          body: { kind, place: '', seen: 'Seen at the first look; not described yet.', photoId: null },
        }),
      ),
    );
  const close = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/survey/looked', { params: { path: { id } }, body: { without: without || null } }),
      );
      closing = false;
    });
  function askWithout() {
    without = '';
    form.forget();
    if (seen < rows.length) closing = true;
    else void close();
  }
  useKeys([
    ...options.map((o) => ({ key: o.key, words: lookWords[o.answer], run: () => void answer(o.answer) })),
    { key: 'f', words: 'Note a finding', run: () => found?.note() },
    { key: 'g', words: 'Go to first power', run: () => go(`/m/${id}/power`) },
  ]);
</script>

<svelte:head><title>Look it over · {head.machine.name}</title></svelte:head>

<Query {query} what="what is found">
  {#snippet children(data)}
    <Sent machineId={id} />
    {#if !sheet && !closing}<ProblemNote problem={form.problem} />{/if}
    {#if act1}
      <h1 class="max-w-read text-title leading-tight font-bold text-pretty text-oxide">
        {dangers.length && !identify ? data.power.sentence : act1.title}
      </h1>
      <p class="mt-1 mb-4 max-w-read text-pretty">{act1.why}</p>
      {#if identify}<div class="mb-5"><Identify bind:this={asked} {head} {form} /></div>{/if}
    {:else if !row}
      <h1 class="max-w-read text-title leading-tight font-bold text-pretty {dangers.length ? 'text-oxide' : ''}">
        {#if dangers.length}{data.power.sentence}{:else if open.length}No danger is open. {open.length}
          {open.length === 1 ? 'finding waits' : 'findings wait'} for work.{:else}Nothing found is still open.{/if}
      </h1>
    {/if}
    {#if places.data?.refused.length}
      <ul class="mb-3 max-w-read rounded-md bg-oxide-wash px-4 py-2 text-sm">
        {#each places.data.refused as r (r.act)}<li><strong>{r.act}.</strong> {r.why}</li>{/each}
      </ul>
    {/if}
    {#if row}
      <LookAt {id} {row} {form} count="{seen} of {rows.length} looked at" heading={act1 ? 2 : 1} bind:note bind:photo />
      {#if !data.findings.length}
        <p class="mt-4 flex flex-wrap items-center gap-x-2 gap-y-2">
          <span class="mr-2 text-sm text-soft">Seen at once?</span>
          {#each data.kinds.filter((k) => atOnce.includes(k.kind)) as k (k.kind)}<button
              class="btn min-h-11 px-3"
              disabled={form.busy}
              onclick={() => void seenAtOnce(k.kind)}>{k.words.charAt(0).toUpperCase() + k.words.slice(1)}</button
            >{/each}
        </p>
      {/if}
    {/if}

    <div class="mt-7 grid gap-8 lg:grid-cols-[minmax(0,1fr)_24rem]">
      <section aria-label="What is found">
        <h2 class="text-lg font-bold">What is found</h2>
        <div class="mt-1">
          <Found bind:this={found} bind:busy={sheet} {id} {form} findings={data.findings} kinds={data.kinds} />
        </div>
      </section>
      <section aria-label="Cautions of this machine">
        {#if data.standing.length}
          {@const said = new Set([...open.flatMap((f) => f.meaning.cautions), ...(row ? row.item.cautions : [])])}
          <h2 class="mb-2 text-lg font-bold">It can hurt you</h2>
          <div class="grid gap-2">
            {#each data.standing.filter((c) => !said.has(c)) as c (c)}<CautionNote id={c} />{:else}<p
                class="text-sm text-soft"
              >
                As said beside what is found.
              </p>{/each}
          </div>
        {:else}
          <p class="text-sm text-soft">Leave it unplugged while you look.</p>
        {/if}
      </section>
    </div>
    {#if rows.length}
      <section aria-label="Every place" class="mt-7">
        <div class="flex flex-wrap items-baseline gap-x-6">
          <h2 class="text-lg font-bold">Every place, outside to inside</h2>
          {#if !data.surveyedAt}<button class="act" disabled={form.busy} onclick={askWithout}
              >{seen < rows.length ? 'Close it without the rest' : 'Looked over'}</button
            >{/if}
        </div>
        <Places {rows} {answerOf} at={row} onshow={show} />
      </section>
    {/if}

    <BenchEdge>
      {#snippet next()}
        {#if identify}<button class="btn-next" disabled={form.busy} onclick={() => void asked?.save()}
            >Keep these answers</button
          >
        {:else if act1 && act1.screen !== 'survey'}<button
            class="btn-next"
            onclick={() => go(`/m/${id}/${act1.screen}`)}>{act1.title}</button
          >
        {:else if dangers[0]}<button class="btn-next" onclick={() => found?.deal(dangers[0]!)}
            >Dealt with: {dangers[0].meaning.words}</button
          >
        {:else if row}<button class="btn-next gap-2.5" disabled={form.busy} onclick={() => void answer('sound')}
            >{lookWords.sound} <Key k="1" /></button
          >
        {:else if !data.surveyedAt && rows.length}<button class="btn-next" disabled={form.busy} onclick={askWithout}
            >Looked over</button
          >
        {:else}<button class="btn-next" onclick={() => go(`/m/${id}/power`)}>First power</button>{/if}
      {/snippet}
      {#snippet acts()}
        {#if row}
          <div
            class="grid w-full gap-2 sm:flex sm:w-auto sm:gap-3 {dangers.length || act1 || identify
              ? 'grid-cols-2'
              : 'grid-cols-3'}"
          >
            {#each options.filter((o) => o.answer !== 'sound' || dangers.length > 0 || act1 || identify) as o (o.answer)}<button
                class="btn min-h-[3.125rem] px-2 sm:px-4 {o.answer === 'bad' ? 'border-oxide text-oxide' : ''}"
                disabled={form.busy}
                onclick={() => void answer(o.answer)}>{lookWords[o.answer]} <Key k={o.key} /></button
              >{/each}
          </div>
        {/if}
        <button class="act" onclick={() => found?.note()}>Note a finding <Key k="F" /></button>
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet
  bind:open={closing}
  title="Close it without the rest?"
  about="{rows.length - seen} {rows.length - seen === 1
    ? 'place has'
    : 'places have'} not been looked at. They are kept as “can’t tell”, and can be looked at later."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void close();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="Why are they left out?"
      error={form.field('without')}
      bind:value={without}
      rows={2}
      required
      maxlength={300}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Close it</button>
  </form>
</Sheet>

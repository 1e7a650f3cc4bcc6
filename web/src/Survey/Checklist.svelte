<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, askOrKept, type Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { outbox } from '$lib/outbox.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import { lookWords, zoneWords } from '$lib/words';
  import { photoUrl, post } from '../Intake/photos';
  import { go } from '../router';
  import Sent from '../Stripdown/Sent.svelte';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type Answer = Exclude<Schemas['LookAnswer'], 'notLooked'>;
  const query = createQuery(() => ({
    queryKey: ['checklist', id],
    queryFn: () => askOrKept(`checklist/${id}`, api.GET('/api/machines/{id}/checklist', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let chosen = $state<string>();
  let note = $state('');
  let photo = $state<string | null>(null);
  let picker: HTMLInputElement | undefined = $state();
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
  const answerOf = (r: Schemas['ChecklistRow']) => here[r.item.id] ?? r.answer?.answer ?? 'notLooked';
  const rows = $derived(query.data?.rows ?? []);
  const row = $derived(rows.find((r) => r.item.id === chosen) ?? rows.find((r) => answerOf(r) === 'notLooked'));
  const looked = $derived(rows.filter((r) => answerOf(r) !== 'notLooked').length);
  const marks: Record<Schemas['LookAnswer'], MarkOf> = {
    sound: 'sound',
    bad: 'out',
    cannotTell: 'unknown',
    notHere: 'done',
    notLooked: 'waiting',
  };
  const zones = $derived([...new Set(rows.map((r) => r.item.zone))]);
  const options: { answer: Answer; key: string }[] = [
    { answer: 'sound', key: '1' },
    { answer: 'bad', key: '2' },
    { answer: 'cannotTell', key: '3' },
    { answer: 'notHere', key: '4' },
  ];

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
  function show(r: Schemas['ChecklistRow']) {
    chosen = r.item.id;
    note = r.answer?.note ?? '';
    photo = r.answer?.photoId ?? null;
    scrollTo({ top: 0 });
  }
  useKeys(options.map((o) => ({ key: o.key, words: lookWords[o.answer], run: () => void answer(o.answer) })));
</script>

<svelte:head><title>Look it over · {head.machine.name}</title></svelte:head>

<Query {query} what="what to look at">
  {#snippet children(data)}
    <Sent machineId={id} />
    <ProblemNote problem={form.problem} />
    {#if data.refused.length}
      <ul class="mb-3 rounded-md bg-oxide-wash px-4 py-2 text-sm">
        {#each data.refused as r (r.act)}<li><strong>{r.act}.</strong> {r.why}</li>{/each}
      </ul>
    {/if}
    {#if row}
      <section aria-label="Look at this" class="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
        <div>
          <p class="text-sm text-soft">{zoneWords[row.item.zone]} · {looked} of {rows.length} looked at</p>
          <h1 class="text-saying leading-tight font-bold">{row.item.title}</h1>
          <p class="mt-1 max-w-read text-lg">
            <span class="text-soft">Bad looks like this:</span>
            {row.item.looksLike}
          </p>
          <p class="mt-1 max-w-read text-sm text-soft">{row.item.because}</p>
          {#if row.item.cautions.length}<div class="mt-3 grid max-w-read gap-2">
              {#each row.item.cautions as c (c)}<CautionNote id={c} />{/each}
            </div>{/if}
        </div>
        <div class="grid content-start gap-3">
          <TextField label="Note" bind:value={note} rows={2} maxlength={500} />
          <button class="btn justify-self-start" onclick={() => picker?.click()}
            >{photo ? 'Photo taken; another' : 'Photo'}</button
          >
          <input
            bind:this={picker}
            class="sr-only"
            type="file"
            accept="image/*"
            capture="environment"
            tabindex="-1"
            aria-label="Photo of {row.item.title}"
            onchange={(e) => {
              const file = e.currentTarget.files?.[0];
              e.currentTarget.value = '';
              if (file)
                void form.send(async () => {
                  photo = (await post(id, file, row.item.title)).id;
                });
            }}
          />
        </div>
      </section>
    {:else}
      <h1 class="text-title font-bold">Looked over, outside to inside.</h1>
      <p class="mt-1">
        {rows.filter((r) => answerOf(r) === 'bad').length} bad, {rows.filter((r) => answerOf(r) === 'cannotTell')
          .length} that nobody could tell. Anything can be looked at again.
      </p>
    {/if}
    <div class="mt-6">
      {#each zones as z (z)}
        <h2 class="mt-3 text-sm font-semibold text-soft">{zoneWords[z]}</h2>
        <ul class="grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
          {#each rows.filter((r) => r.item.zone === z) as r (r.item.id)}
            {@const a = answerOf(r)}
            <li>
              <button
                class="flex min-h-11 w-full items-center gap-3 border-t border-sill py-1.5 text-left hover:bg-rock/60 {r ===
                row
                  ? 'font-bold'
                  : ''}"
                aria-current={r === row ? 'step' : undefined}
                onclick={() => show(r)}
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
                  >{r.item.title}{#if r.answer?.note}<span class="block text-sm font-normal text-soft"
                      >{r.answer.note}</span
                    >{/if}</span
                >
                {#if r.photoHash}<img
                    class="size-9 rounded object-cover"
                    src={photoUrl(r.photoHash, 'thumb')}
                    alt=""
                  />{/if}
              </button>
            </li>
          {/each}
        </ul>
      {/each}
    </div>
    <BenchEdge>
      {#snippet next()}{#if row}<button
            class="btn-next gap-2.5"
            disabled={form.busy}
            onclick={() => void answer('sound')}>{lookWords.sound} <Key k="1" /></button
          >{:else}<button class="btn-next" onclick={() => go(`/m/${id}/power`)}>First power</button>{/if}{/snippet}
      {#snippet acts()}
        {#if row}
          <div class="grid w-full grid-cols-3 gap-2 sm:flex sm:gap-3">
            {#each options.slice(1) as o (o.answer)}<button
                class="btn min-h-[3.125rem] px-2 sm:px-4 {o.answer === 'bad' ? 'border-oxide text-oxide' : ''}"
                disabled={form.busy}
                onclick={() => void answer(o.answer)}>{lookWords[o.answer]} <Key k={o.key} /></button
              >{/each}
          </div>
        {/if}
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

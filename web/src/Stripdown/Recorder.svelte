<script lang="ts">
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, basedOn, askOrKept, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { outbox } from '$lib/outbox.svelte';
  import { moment } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import PickMany from '$lib/ui/PickMany.svelte';
  import { orientationWords, pieceWords } from '$lib/words';
  import { photoUrl, post } from '../Intake/photos';
  import { go } from '../router';
  import ConnectorForm from './ConnectorForm.svelte';
  import FastenerForm from './FastenerForm.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import Sent from './Sent.svelte';
  import StepForm from './StepForm.svelte';
  import { blankStep, editOf, guessKind, marksOf, nextTray, overlay, size, usual, type Row } from './record';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['strip', id],
    queryFn: () => askOrKept(`strip/${id}`, api.GET('/api/machines/{id}/strip', { params: { path: { id } } })),
  }));
  const rows = $derived(overlay(query.data?.steps ?? [], id, outbox.requests));
  let chosen = $state(searchParams.get('step') as string | null);
  const row = $derived<Row | undefined>(rows.find((r) => r.step.id === chosen) ?? rows.at(-1));
  const trays = $derived([...new Set(rows.flatMap((r) => r.fasteners.map((f) => f.tray)).filter(Boolean))]);
  const apart = $derived(query.data?.apart ?? false);
  // With the network gone the known order does not move on by itself: what is recorded already is no hint any more.
  const same = (a: string, b: string) => a.trim().toLowerCase() === b.trim().toLowerCase();
  const hint = $derived(rows.some((r) => same(r.step.title, query.data?.hint?.title ?? '')) ? null : query.data?.hint);
  let sheet = $state<'fastener' | 'connector' | 'say' | 'step' | 'remove' | 'profile' | ''>('');
  let editing = $state<Schemas['StripFastener'] | Schemas['StripConnector']>();
  let name = $state('');
  let model = $state('');
  let picker: HTMLInputElement | undefined = $state();
  const form = new Sending();
  // A photo that has not arrived is shown from this device; its address is let go when another takes its place.
  let local = $state<string>();
  $effect(() => {
    if (!row?.local) {
      local = undefined;
      return;
    }
    const url = URL.createObjectURL(row.local);
    local = url;
    return () => URL.revokeObjectURL(url);
  });
  const src = $derived(row?.photoHash ? photoUrl(row.photoHash, 'screen') : local);
  const unnamed = $derived(!!row && /^Step \d+$/.test(row.step.title));
  const by = () => {
    try {
      return localStorage.getItem('haar-by') ?? (innerWidth < 600 ? 'phone' : 'bench screen');
    } catch {
      return '';
    }
  };
  const request = (method: 'POST' | 'PUT', path: string, body: unknown, label: string, more: object = {}) =>
    outbox.put({ machineId: id, method, path: `/api/machines/${id}/strip/${path}`, body, label, ...more });

  async function begin(file?: File) {
    const number = (rows.at(-1)?.step.number ?? 0) + 1;
    const stepId = crypto.randomUUID();
    const title = hint?.title ?? `Step ${number}`;
    const photo = file ? await post(id, file, title) : undefined;
    const behind = hint ? (query.data?.hintBehind ?? []) : rows.length ? [rows.at(-1)!.step.id] : [];
    const step: Schemas['StripStepEdit'] = {
      ...blankStep,
      title,
      kind: hint?.kind ?? 'other',
      lies: hint?.lies ?? query.data?.lastLies ?? 'notKnown',
      wayRound: hint?.wayRound ?? '',
      testBeforeCovered: hint?.testBeforeCovered ?? '',
      behind,
      photoId: photo?.id ?? null,
    };
    chosen = stepId;
    name = '';
    await request('POST', 'steps', { id: stepId, step, at: new Date().toISOString(), by: by() }, `step ${number}`);
  }
  const save = async (edit: Schemas['StripStepEdit']) => {
    await request('PUT', `steps/${row!.step.id}`, edit, `step ${row!.step.number}`, {
      version: row!.step.version,
      base: editOf(row!.step),
    });
    sheet = '';
  };
  /** The name says what it is, where nobody has: a supply brings its caution with it. */
  const rename = () => {
    const [title, { kind }] = [name.trim(), row!.step];
    return (
      title &&
      save({ ...editOf(row!.step), title, kind: kind === 'other' ? guessKind(title) : kind }).then(() => (name = ''))
    );
  };
  /** What it can have sat behind: the last few pieces, newest first. */
  const before = $derived(
    row
      ? rows
          .filter((r) => r.step.number < row!.step.number)
          .slice(-5)
          .reverse()
      : [],
  );
  async function addFastener(f: Schemas['StripFastenerEdit']) {
    if (editing)
      await act(
        api.PUT('/api/machines/{id}/strip/fasteners/{fastenerId}', {
          params: { path: { id, fastenerId: editing.id } },
          headers: basedOn(editing.version),
          body: f,
        }),
      );
    else
      await request(
        'POST',
        `steps/${row!.step.id}/fasteners`,
        { id: crypto.randomUUID(), fastener: f },
        `${f.count} × ${f.thread}`,
      );
    sheet = '';
  }
  async function addConnector(c: Schemas['StripConnectorEdit']) {
    if (editing)
      await act(
        api.PUT('/api/machines/{id}/strip/connectors/{connectorId}', {
          params: { path: { id, connectorId: editing.id } },
          headers: basedOn(editing.version),
          body: c,
        }),
      );
    else await request('POST', `steps/${row!.step.id}/connectors`, { id: crypto.randomUUID(), connector: c }, c.kind);
    sheet = '';
  }
  async function remove(mend: boolean) {
    await act(
      api.DELETE('/api/machines/{id}/strip/steps/{stepId}', {
        params: { path: { id, stepId: row!.step.id }, query: { mend } },
      }),
    );
    chosen = null;
    sheet = '';
  }
  const away = (kind: 'fastener' | 'connector') =>
    form.send(async () => {
      if (kind === 'fastener')
        await act(
          api.DELETE('/api/machines/{id}/strip/fasteners/{fastenerId}', {
            params: { path: { id, fastenerId: editing!.id } },
          }),
        );
      else
        await act(
          api.DELETE('/api/machines/{id}/strip/connectors/{connectorId}', {
            params: { path: { id, connectorId: editing!.id } },
          }),
        );
      sheet = '';
    });
  const finish = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/stages/{stage}/close', {
          params: { path: { id, stage: 'stripDown' } },
          body: { reason: `Apart, in ${rows.length} ${rows.length === 1 ? 'step' : 'steps'}.` },
        }),
      );
      go(`/m/${id}/rebuild`);
    });
  const open = (which: typeof sheet) => {
    editing = undefined;
    form.forget();
    sheet = which;
  };
  const to = (by: number) => {
    const i = rows.findIndex((r) => r.step.id === row?.step.id) + by;
    if (rows[i]) chosen = rows[i].step.id;
  };
  /** "Standoffs come off", "Chassis comes off". */
  const many = (s: string) => /[^sui’']s$/i.test(s);
  const title = (stepId: string) => rows.find((r) => r.step.id === stepId)?.step.title ?? '';
  useKeys([
    { key: 'p', words: 'Photo, then next step', run: () => picker?.click() },
    { key: 'n', words: 'Next step without a photo', run: () => void begin() },
    { key: 'f', words: 'Fastener', run: () => row && open('fastener') },
    { key: 'c', words: 'Connector', run: () => row && open('connector') },
    { key: 's', words: 'Say it: note, way round', run: () => row && open('say') },
    { key: 'j', words: 'The step after', run: () => to(1) },
    { key: 'k', words: 'The step before', run: () => to(-1) },
  ]);
  const names = [
    'Lid',
    'Side panel',
    'Front panel',
    'Drive cage',
    'Supply',
    'Main board',
    'Memory',
    'Keyboard',
    'Display',
    'Fan',
    'Speaker',
  ];
</script>

<svelte:head><title>Strip down · {head.machine.name}</title></svelte:head>

<Query {query} what="the strip-down">
  {#snippet children(data)}
    <Sent machineId={id} />
    {#if !sheet}<ProblemNote problem={form.problem} />{/if}
    {#if head.cautions.includes('pictureTube')}<div class="mb-3 max-w-read">
        <CautionNote id="pictureTube" />
      </div>
    {:else if head.cautions.includes('mainsSupply') && (row?.step.kind === 'supply' || hint?.kind === 'supply' || guessKind(name) === 'supply')}<div
        class="mb-3 max-w-read"
      >
        <CautionNote id="mainsSupply" />
      </div>{/if}
    {#if !row}
      <div class="mx-auto max-w-xl py-8 text-center">
        <h1 class="text-title font-bold">Nothing has come off yet</h1>
        <p class="mt-2">
          Take a photo before each piece comes off, then say which screws went into which tray. Haar works out from it
          how everything goes back.
        </p>
        <p class="mt-2 text-sm text-soft">It works with the network gone, and catches up.</p>
      </div>
    {:else}
      <div class="grid gap-x-8 gap-y-4 lg:grid-cols-[minmax(0,34rem)_minmax(0,1fr)]">
        <div class="min-w-0 max-lg:-mx-4 sm:max-lg:-mx-7">
          {#if src}<MarkedPhoto {src} alt="Step {row.step.number}: {row.step.title}" marks={marksOf(row)} />
          {:else}<div class="grid min-h-24 place-items-center rounded-md bg-rock p-4 text-sm text-soft">
              {row.step.photoId ? 'Its photo is on another device and has not arrived yet.' : 'No photo of this step.'}
            </div>{/if}
        </div>
        <section class="min-w-0" aria-label="Step {row.step.number}">
          <p class="flex items-baseline justify-between gap-3 text-sm text-soft">
            <span
              >Step <span class="reading text-ink">{row.step.number}</span>{row.step.lies !== 'notKnown'
                ? ` · ${orientationWords[row.step.lies].toLowerCase()}`
                : ''}{row.step.by ? ` · ${row.step.by}` : ''} · {moment(row.step.at)}</span
            >{#if row.pending}<span class="font-semibold text-tide">on this device</span>{/if}
          </p>
          {#if unnamed}
            <form
              class="mt-1 flex gap-2"
              onsubmit={(e) => {
                e.preventDefault();
                void rename();
              }}
            >
              <h1 class="sr-only">{row.step.title}</h1>
              <SuggestField
                label="What came off"
                hidden
                class="grow"
                size="text-xl font-bold"
                placeholder="What came off?"
                suggestions={names}
                maxlength={80}
                bind:value={name}
              />
              <button class="btn whitespace-nowrap" disabled={!name.trim()}>Name it</button>
            </form>
          {:else}
            <h1 class="text-title leading-tight font-bold">
              {row.step.title}
              {row.step.staysOut ? 'out for good' : many(row.step.title) ? 'come off' : 'comes off'}
            </h1>
          {/if}
          {#if unnamed && before.length}
            <div class="mt-2">
              <PickMany
                label="What did it sit behind?"
                hint="Taken as the piece before it, until you say otherwise."
                options={before.map((r) => [r.step.id, `${r.step.number} ${r.step.title}`] as const)}
                bind:value={() => row!.step.behind, (behind) => void save({ ...editOf(row!.step), behind })}
              />
            </div>
          {/if}
          <button
            class="mt-0.5 block min-h-9 text-left text-soft hover:text-ink hover:underline"
            onclick={() => open('step')}
            >{row.step.kind !== 'other' ? `${pieceWords[row.step.kind]}. ` : ''}{row.step.behind.length
              ? `It sat behind: ${row.step.behind.map(title).filter(Boolean).join(', ').toLowerCase()}`
              : 'It sat behind nothing'}{row.namedBy.length
              ? `. Behind it: step ${row.namedBy.join(', ')}`
              : ''}</button
          >
          <ul class="mt-2 border-b border-sill">
            {#each row.fasteners as f (f.id)}
              {#if f.count}
                <li class="border-t border-sill">
                  <button
                    class="grid w-full grid-cols-[2.5rem_1fr_auto] items-baseline gap-x-3 py-2 text-left hover:bg-rock/60"
                    onclick={() => {
                      editing = f;
                      form.forget();
                      sheet = 'fastener';
                    }}
                    ><span class="reading text-soft">{f.count}×</span><span
                      ><strong>{size(f)}</strong> {[f.head, f.hole].filter(Boolean).join(', ')}</span
                    ><span class="reading text-soft">{f.tray ? `tray ${f.tray}` : 'no tray'}</span></button
                  >
                </li>
              {/if}
              {#if f.missingBefore}
                <li
                  class="grid grid-cols-[2.5rem_1fr_auto] items-baseline gap-x-3 border-t border-sill py-2 text-oxide"
                >
                  <span class="reading" aria-hidden="true">!</span><span
                    ><strong>{f.missingBefore === 1 ? 'One was missing' : `${f.missingBefore} were missing`}</strong>
                    before you, {size(f)}</span
                  ><span class="reading">{f.hole}</span>
                </li>
              {/if}
            {/each}
            {#each row.connectors as c (c.id)}
              <li class="border-t border-sill">
                <button
                  class="grid w-full grid-cols-[2.5rem_1fr_auto] items-baseline gap-x-3 py-2 text-left hover:bg-rock/60"
                  onclick={() => {
                    editing = c;
                    form.forget();
                    sheet = 'connector';
                  }}
                  ><span class="reading text-soft">K</span><span
                    ><strong>{c.kind}</strong>{c.wayRound ? `, ${c.wayRound}` : ''}{c.keyed === 'no'
                      ? ' · goes in both ways'
                      : ''}</span
                  ><span class="text-sm text-soft">{c.route}</span></button
                >
              </li>
            {/each}
            {#if row.step.wayRound}<li
                class="grid grid-cols-[2.5rem_1fr] items-baseline gap-x-3 border-t border-sill py-2"
              >
                <span class="reading text-brass-ink" aria-hidden="true">▲</span><span
                  ><strong>Way round:</strong> {row.step.wayRound}</span
                >
              </li>{/if}
            {#if row.step.dueBeforeCovered}<li
                class="grid grid-cols-[2.5rem_1fr] items-baseline gap-x-3 border-t border-sill py-2"
              >
                <span class="reading text-soft" aria-hidden="true">T</span><span
                  ><strong>Before it is covered:</strong> {row.step.dueBeforeCovered}</span
                >
              </li>{/if}
            {#if row.step.exchangedFor}<li
                class="grid grid-cols-[2.5rem_1fr] items-baseline gap-x-3 border-t border-sill py-2"
              >
                <span class="reading text-soft" aria-hidden="true">↔</span><span
                  ><strong>In its place:</strong> {row.step.exchangedFor}</span
                >
              </li>{/if}
            {#if row.step.note}<li class="border-t border-sill py-2">{row.step.note}</li>{/if}
          </ul>
          <p class="flex flex-wrap gap-x-6">
            <button class="act" onclick={() => open('step')}>Change the step</button>
            <button class="act" onclick={() => open('remove')}>Take it away</button>
          </p>
        </section>
      </div>
    {/if}

    {#if hint && !apart}
      <section aria-label="By the known order" class="mt-4 max-w-read rounded-md bg-paper px-4 py-3">
        <p class="text-sm text-soft">Next, by the known order for this model, {data.hintNumber} of {data.hintCount}</p>
        <h2 class="text-lg font-bold">{hint.title}</h2>
        {#if hint.fasteners.length || hint.connectors.length}<p class="text-sm">
            {[
              ...hint.fasteners.map((f) => `${f.count} × ${size(f)} ${f.head}${f.hole ? `, ${f.hole}` : ''}`),
              ...hint.connectors.map((c) => `${c.kind}${c.wayRound ? `, ${c.wayRound}` : ''}`),
            ].join('; ')}
          </p>{/if}
        {#each hint.traps as t (t)}<p class="mt-1 flex gap-2 text-sm">
            <strong class="shrink-0 text-oxide">Trap</strong><span>{t}</span>
          </p>{/each}
      </section>
    {/if}

    {#if rows.length}
      <nav aria-label="All steps" class="mt-6">
        <h2 class="text-sm font-semibold text-soft">
          {rows.length}
          {rows.length === 1 ? 'step' : 'steps'}{apart ? ', and it is apart' : ''}
        </h2>
        <ol class="mt-1 grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
          {#each rows as r (r.step.id)}
            <li>
              <button
                class="flex min-h-10 w-full items-baseline gap-3 border-t border-sill py-1.5 text-left hover:bg-rock/60 {r
                  .step.id === row?.step.id
                  ? 'font-bold'
                  : ''}"
                aria-current={r.step.id === row?.step.id ? 'step' : undefined}
                onclick={() => {
                  chosen = r.step.id;
                  scrollTo({ top: 0 });
                }}
                ><span class="reading w-6 text-right text-soft">{r.step.number}</span><span
                  class="min-w-0 flex-1 truncate">{r.step.title}</span
                ><span class="reading text-sm font-normal text-soft"
                  >{[...new Set(r.fasteners.map((f) => f.tray).filter(Boolean))].join(' ')}{r.pending ? ' ·' : ''}</span
                ></button
              >
            </li>
          {/each}
        </ol>
        <p class="mt-3 flex flex-wrap gap-x-6">
          <a class="act" href="/api/machines/{id}/strip/labels.pdf" target="_blank" rel="noreferrer"
            >Tray labels (PDF)</a
          >
          <button
            class="act"
            onclick={() => {
              model = head.machine.model;
              open('profile');
            }}>Save how it came apart</button
          >
          {#if apart}<button
              class="act"
              onclick={() =>
                void form.send(() =>
                  act(
                    api.DELETE('/api/machines/{id}/stages/{stage}/close', {
                      params: { path: { id, stage: 'stripDown' } },
                    }),
                  ),
                )}>It is not all apart: open again</button
            >{:else}<button class="act text-ink" onclick={() => void finish()}>Strip-down finished</button>{/if}
        </p>
      </nav>
    {/if}

    <input
      bind:this={picker}
      class="sr-only"
      type="file"
      accept="image/*"
      capture="environment"
      tabindex="-1"
      aria-label="Photo of the next step"
      onchange={(e) => {
        const file = e.currentTarget.files?.[0];
        e.currentTarget.value = '';
        if (file) void begin(file);
      }}
    />
    <BenchEdge>
      {#snippet next()}<button class="btn-next" onclick={() => picker?.click()}
          >{rows.length ? 'Photo, then next step' : 'Photo, then first step'}</button
        >{/snippet}
      {#snippet acts()}
        {#if row}
          <div class="grid w-full grid-cols-3 gap-2 sm:flex sm:gap-3">
            <button class="btn" onclick={() => open('fastener')}>Fastener <Key k="F" /></button>
            <button class="btn" onclick={() => open('connector')}>Connector <Key k="C" /></button>
            <button class="btn" onclick={() => open('say')}>Say it <Key k="S" /></button>
          </div>
        {/if}<button class="act" onclick={() => void begin()}>Without a photo <Key k="N" /></button>
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

{#if row}
  <Sheet
    bind:current={sheet}
    name="fastener"
    title={editing ? 'Fastener' : `Fasteners of ${row.step.title.toLowerCase()}`}
  >
    {#key editing?.id}<FastenerForm
        usual={usual(rows)}
        {trays}
        tray={row.fasteners.at(-1)?.tray || nextTray(trays)}
        {src}
        alt={row.step.title}
        from={editing as Schemas['StripFastener'] | undefined}
        marks={row.fasteners.filter((f) => f.id !== editing?.id).flatMap((f) => f.marks)}
        onsave={addFastener}
      />{/key}
    {#if editing}<button class="act mt-2" onclick={() => void away('fastener')}>Take it off the record</button>{/if}
  </Sheet>
  <Sheet
    bind:current={sheet}
    name="connector"
    title={editing ? 'Connector' : `Connector at ${row.step.title.toLowerCase()}`}
  >
    {#key editing?.id}<ConnectorForm
        {src}
        alt={row.step.title}
        from={editing as Schemas['StripConnector'] | undefined}
        marks={[]}
        onsave={addConnector}
      />{/key}
    {#if editing}<button class="act mt-2" onclick={() => void away('connector')}>Take it off the record</button>{/if}
  </Sheet>
  <Sheet
    bind:open={
      () => sheet === 'say' || sheet === 'step',
      (v) => {
        if (!v) sheet = '';
      }
    }
    title={sheet === 'say' ? `Say it: ${row.step.title.toLowerCase()}` : `Step ${row.step.number}`}
  >
    {#key `${row.step.id}${sheet}`}<StepForm
        from={editOf(row.step)}
        others={rows.filter((r) => r.step.id !== row.step.id)}
        waits={query.data?.waits ?? []}
        {src}
        full={sheet === 'step'}
        onsave={save}
      />{/key}
  </Sheet>
  <Sheet
    bind:current={sheet}
    name="remove"
    title="Take step {row.step.number}, {row.step.title.toLowerCase()}, off the record?"
    about="Its fasteners and connectors go with it; undo brings all of it back."
  >
    <ProblemNote problem={form.problem} />
    <p class="mt-2 flex flex-wrap gap-3">
      {#if form.problem?.field('step')}<button class="btn" onclick={() => void form.send(() => remove(true))}
          >Take it away all the same</button
        >{:else}<button class="btn" disabled={form.busy} onclick={() => void form.send(() => remove(false))}
          >Take it away</button
        >{/if}
    </p>
  </Sheet>
{/if}
<Sheet
  bind:current={sheet}
  name="profile"
  title="Save how it came apart"
  about="The next machine of this model gets the order with your notes as traps. It is kept in a pack of this workshop’s own, which can be passed on."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(async () => {
        await act(api.POST('/api/machines/{id}/strip/profile', { params: { path: { id } }, body: { model } }));
        sheet = '';
      });
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="Maker and model, as printed"
      error={form.field('model')}
      bind:value={model}
      required
      maxlength={80}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Save it</button>
  </form>
</Sheet>

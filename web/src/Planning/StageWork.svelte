<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { left, minutes, moment } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import MoneyLine from '../Costs/MoneyLine.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { nameOf, stageOf, stages, workForWords, type Stage } from '$lib/words';
  import { go } from '../router';

  let { id, head, stage }: { id: string; head: Schemas['MachineHead']; stage: Stage } = $props();
  type Job = Schemas['Job'];
  const word = $derived(stages.find((s) => s.stage === stage)!.word);
  const query = createQuery(() => ({
    queryKey: ['stage', id, stage],
    queryFn: () => ask(api.GET('/api/machines/{id}/stages/{stage}', { params: { path: { id, stage } } })),
  }));
  const form = new Sending();
  let sheet = $state<'add' | 'wait' | 'who' | 'close' | ''>('');
  let who = $state<Schemas['WorkFor']>('notSaid');
  /** By its words; proposed, and counted on the careful side until somebody says. */
  const guessed = (j: Job) => query.data?.guessed[j.id];
  let title = $state('');
  let why = $state('');
  let needs = $state('');
  let length = $state('15');
  let waits = $state('');
  let hours = $state('');
  let reason = $state('');
  let of = $state<Job>();
  const openJobs = $derived((query.data?.jobs ?? []).filter((j) => j.state !== 'done'));
  const ready = $derived(
    openJobs.find((j) => j.state === 'toDo' || (j.waitUntil && new Date(j.waitUntil).getTime() <= now.value)),
  );
  /** Where a piece of work is done, when a screen does it: there its figures are, and its steps. */
  const screenOf = (j: Job | undefined) => (j && query.data?.screens[j.id]) || '';
  const wordOf = (screen: string) =>
    (stageOf(screen).screens.find((s) => s.screen === nameOf(screen))?.word ?? nameOf(screen)).toLowerCase();
  const openIt = (j: Job) => go(`/m/${id}/${screenOf(j)}`);
  const path = (jobId: string) => ({ params: { path: { id, jobId } } });

  const move = (j: Job, state: Schemas['JobState']) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/jobs/{jobId}/state', {
          ...path(j.id),
          body: { state, waitsFor: null, waitUntil: null },
        }),
      ),
    );
  async function add() {
    await act(
      api.POST('/api/machines/{id}/jobs', {
        params: { path: { id } },
        body: { stage, title, why, needs, minutes: Math.round(Number(length)) || 0, after: [], for: who },
      }),
    );
    sheet = title = why = needs = '';
    who = 'notSaid';
  }
  async function sayWho() {
    await act(
      api.PUT('/api/machines/{id}/jobs/{rowId}', {
        params: { path: { id, rowId: of!.id } },
        headers: basedOn(of!.version),
        body: {
          stage: of!.stage,
          title: of!.title,
          why: of!.why,
          needs: of!.needs,
          minutes: of!.minutes,
          after: of!.after,
          for: who,
        },
      }),
    );
    sheet = '';
    who = 'notSaid';
  }
  async function wait() {
    const h = hours === '' ? null : Number(hours.replace(',', '.'));
    await act(
      api.POST('/api/machines/{id}/jobs/{jobId}/state', {
        ...path(of!.id),
        body: {
          state: 'waiting',
          waitsFor: waits,
          waitUntil: h == null || Number.isNaN(h) ? null : new Date(Date.now() + h * 3_600_000).toISOString(),
        },
      }),
    );
    sheet = '';
  }
  async function close() {
    await act(
      api.POST('/api/machines/{id}/stages/{stage}/close', { params: { path: { id, stage } }, body: { reason } }),
    );
    sheet = '';
  }
  useKeys([
    { key: 'a', words: 'Add a piece of work', run: () => (sheet = 'add') },
    {
      key: 'd',
      words: 'Done: the first piece of work',
      run: () => ready && (screenOf(ready) ? openIt(ready) : void move(ready, 'done')),
    },
  ]);
</script>

<svelte:head><title>{word} · {head.machine.name}</title></svelte:head>

<Query {query} what="this stage">
  {#snippet children(data)}
    <h1 class="text-title leading-tight font-bold">
      {data.closing
        ? `${word} is closed: ${data.closing.reason}`
        : ready
          ? ready.title
          : openJobs.length
            ? `${word}: waiting for ${openJobs[0]!.waitsFor || 'other work'}`
            : data.jobs.length
              ? `${word} is done`
              : `Nothing is listed under ${word.toLowerCase()}`}
    </h1>
    {#if ready && !data.closing}<p class="mt-1">{ready.why}</p>{/if}
    {#if !data.jobs.length && !data.closing}<p class="mt-1 text-soft">
        Add what has to be done, or close the stage if this machine needs nothing here.
      </p>{/if}
    {#if stage === 'parts'}<div class="mt-1"><MoneyLine {head} /></div>{/if}
    {#if !sheet}<ProblemNote problem={form.problem} />{/if}
    {#if data.jobs.length}
      <ul class="mt-4 border-t border-sill">
        {#each data.jobs as j (j.id)}
          {@const waiting = j.state === 'waiting' && (!j.waitUntil || new Date(j.waitUntil).getTime() > now.value)}
          <li class="flex flex-wrap items-center gap-x-4 border-b border-sill py-2">
            {#if j.state === 'done'}<Mark of="done" />{:else if waiting}<Mark of="waiting" />{:else}<span
                class="size-6 rounded-full border-2 border-soft"
                role="img"
                aria-label="to do"
              ></span>{/if}
            <div class="min-w-0 flex-1">
              <p class="font-semibold">{j.title}</p>
              <p class="text-sm text-soft">
                {[
                  waiting ? `${j.waitsFor}${j.waitUntil ? `, ${left(j.waitUntil, now.value)} h left` : ''}` : '',
                  j.state === 'done' && j.doneAt ? `done ${moment(j.doneAt)}` : minutes(j.minutes),
                  j.needs,
                  j.for !== 'notSaid' && j.for !== 'anyone' ? workForWords[j.for].toLowerCase() : '',
                ]
                  .filter(Boolean)
                  .join(' · ')}
              </p>
              {#if guessed(j)}<p class="text-sm">
                  By its words it is for {workForWords[guessed(j)!].toLowerCase()}, and counts as that.
                  <button
                    class="act"
                    onclick={() => {
                      of = j;
                      who = guessed(j)!;
                      sheet = 'who';
                    }}>Say who may do it</button
                  >
                </p>{/if}
            </div>
            <div class="flex gap-5">
              {#if j.state === 'done'}
                <button class="act" onclick={() => void move(j, 'toDo')}>To do again</button>
              {:else}
                <button
                  class="act"
                  onclick={() => {
                    of = j;
                    waits = j.waitsFor;
                    hours = '';
                    sheet = 'wait';
                  }}>It waits</button
                >
                {#if screenOf(j)}<a class="act text-ink" href="/m/{id}/{screenOf(j)}">Open the {wordOf(screenOf(j))}</a
                  >{/if}
                <button
                  class="act {screenOf(j) ? '' : 'text-ink'}"
                  onclick={() => void move(j, 'done')}
                  disabled={form.busy}>Done</button
                >
              {/if}
            </div>
          </li>
        {/each}
      </ul>
    {/if}
    <BenchEdge>
      {#snippet next()}
        {#if data.closing}<button
            class="btn-next"
            onclick={() =>
              void form.send(() =>
                act(api.DELETE('/api/machines/{id}/stages/{stage}/close', { params: { path: { id, stage } } })),
              )}>Open it again</button
          >
        {:else if ready && screenOf(ready)}<button class="btn-next" onclick={() => openIt(ready)}
            >Open the {wordOf(screenOf(ready))}</button
          >
        {:else if ready}<button class="btn-next" disabled={form.busy} onclick={() => void move(ready, 'done')}
            >Done</button
          >
        {:else}<button class="btn-next" onclick={() => (sheet = 'add')}>Add work</button>{/if}
      {/snippet}
      {#snippet needs()}{ready && !data.closing ? ready.needs : ''}{/snippet}
      {#snippet acts()}
        <button class="act" onclick={() => (sheet = 'add')}>Add work <Key k="A" /></button>
        {#if !data.closing && stage !== 'arrive' && stage !== 'handOver'}<button
            class="act"
            onclick={() => {
              reason = '';
              sheet = 'close';
            }}>Close the stage</button
          >{/if}
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet bind:current={sheet} name="add" title="Add work to {word.toLowerCase()}">
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(add);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="What the hand does" error={form.field('title')} bind:value={title} required maxlength={120} />
    <TextField label="Why it matters" bind:value={why} maxlength={400} />
    <TextField label="What it needs on the bench" bind:value={needs} maxlength={200} />
    <NumberField label="Hands-on minutes" error={form.field('minutes')} bind:value={length} whole required />
    <SelectField
      label="Who may do it"
      hint="Where nobody says, its words decide on the careful side."
      error={form.field('for')}
      bind:value={who}
      options={workForWords}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Add it</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="who"
  title="{of?.title ?? ''}: who may do it?"
  about="Trained is what somebody says of themselves; local codes and licensed practice decide."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(sayWho);
    }}
  >
    <ProblemNote problem={form.problem} />
    <SelectField label="Who may do it" bind:value={who} options={workForWords} />
    <button class="btn-next justify-self-start" disabled={form.busy}>Save</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="wait"
  title="{of?.title ?? ''}: what does it wait for?"
  about="Soaking, drying, curing, the sun, the post: what goes on without hands."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(wait);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="It waits for" error={form.field('waitsFor')} bind:value={waits} required maxlength={120} />
    <NumberField
      label="For how many hours"
      hint="Leave it empty when nobody knows."
      error={form.field('waitUntil')}
      bind:value={hours}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Let it wait</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="close"
  title="Close {word.toLowerCase()}"
  about="Its basin fills. It can be opened again at any time."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(close);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="Why it needs nothing more"
      error={form.field('reason')}
      bind:value={reason}
      required
      maxlength={300}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Close it</button>
  </form>
</Sheet>

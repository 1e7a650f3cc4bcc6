<!-- @component One person's time at the bench: the work in its order, what to lay out, and one question a task at the end. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { actAndGo, Sending } from '$lib/api/act.svelte';
  import { atTheBench, setAtTheBench } from '$lib/bench';
  import { lower, minutes } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { go } from '../router';
  import EndSheet from './EndSheet.svelte';
  import ElseList from './ElseList.svelte';
  import PlanBar from './PlanBar.svelte';
  import { clock, dayWord, minutesOf, pathOf } from './words';

  let person = $state((searchParams.get('person') as string | null) ?? atTheBench());
  let hours = $state('0');
  const query = createQuery(() => ({
    queryKey: ['tonight', person, hours],
    queryFn: () => ask(api.GET('/api/plan/tonight', { params: { query: { person, hours: Number(hours) } } })),
    refetchInterval: 60_000,
    retry: false,
  }));
  const data = $derived(query.data);
  const evening = $derived(data?.evening);
  /** The first that can be begun now: what still waits is begun by nobody. */
  const first = $derived(
    evening?.tasks.find((t) => t.key !== data?.running?.key && !(t.work.from && Date.parse(t.work.from) > now.value)),
  );
  let sheet = $state<'end' | 'else' | ''>('');
  const form = new Sending();
  const pick = (name: string) => {
    person = name;
    setAtTheBench(name);
  };
  // Somebody who is not among them any more is asked anew.
  $effect(() => {
    if (query.error && person) person = '';
  });
  const take = (t: Schemas['KeptTask']) =>
    form.send(() =>
      actAndGo(api.POST('/api/plan/take', { body: { machineId: t.machineId, key: t.key, person } }), () =>
        go(pathOf(t)),
      ),
    );
  const show = (what: typeof sheet) => {
    form.forget();
    sheet = what;
  };
  const doNext = () => {
    if (data?.running) show('end');
    else if (first) void take(first);
  };
  useKeys([
    { key: 'Enter', words: 'Begin what is first, or end it', run: doNext },
    { key: 's', words: 'Something else', run: () => show('else') },
  ]);
</script>

<svelte:head><title>Tonight · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="plan" />
  <main>
    <PlanBar at="tonight" />
    <Query {query} what="tonight">
      {#snippet children(t)}
        {#if !t.names.length}
          <section class="mx-auto max-w-xl py-12 text-center">
            <h1 class="text-3xl font-bold">Nobody is at the bench yet</h1>
            <p class="mt-3">
              Say who works here and in which hours. Haar then plans all machines round them, says what each does
              tonight, and whether it will be ready for the day.
            </p>
            <p class="mt-6"><a class="btn-next" href="/people">Say who works here</a></p>
          </section>
        {:else}
          <div class="no-print flex flex-wrap items-end gap-x-8 gap-y-3">
            <Choice
              label="Who is at the bench?"
              value={person}
              options={t.names.map((n) => [n, n] as [string, string])}
              onchange={pick}
            />
            <Choice
              label="For how long?"
              bind:value={hours}
              options={[
                ['0', 'As planned'],
                ['1', '1 h'],
                ['2', '2 h'],
                ['4', '4 h'],
              ]}
            />
          </div>
          {#if !person}
            <h1 class="mt-6 text-title font-bold">Give your name, and get the work in its order</h1>
          {:else if t.running}
            <p class="mt-5 text-sm text-soft">{person} is at it since {clock(t.running.begunAt)}</p>
            <h1 class="text-title leading-tight font-bold sm:text-saying">{t.running.title}</h1>
            <p class="mt-1">
              <span class="reading text-2xl"
                >{Math.max(0, Math.round((now.value - Date.parse(t.running.begunAt)) / 60_000))} min</span
              >
              of about {Math.round(t.running.plannedMinutes)} planned.
            </p>
          {:else if evening}
            <div class="mt-5">
              <p class="text-sm text-soft">
                {person}, {dayWord(t.from, now.value)}
                {clock(t.from)} to {clock(t.until)}
              </p>
              <Verdict
                verdict={evening.verdict}
                words={{ yes: 'Tonight', no: 'Nothing' }}
                bad="no"
                big
                heading={1}
                figures={false}
              />
            </div>
          {/if}
          {#if evening}
            <div class="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_20rem]">
              <section aria-label="In this order">
                <ol class="border-t border-ink">
                  {#each evening.tasks as task (task.id)}
                    {@const runs = t.running?.key === task.key && t.running.forMachineId === task.machineId}
                    <li
                      aria-current={runs || (!t.running && task.id === first?.id) ? 'step' : undefined}
                      class="grid grid-cols-[4rem_minmax(0,1fr)_auto] items-baseline gap-x-4 border-b border-sill py-2.5 {runs ||
                      (!t.running && task.id === first?.id)
                        ? 'bg-paper'
                        : ''}"
                    >
                      <span class="reading text-xl">{clock(task.start)}</span>
                      <div class="min-w-0">
                        <a class="text-lg leading-snug font-bold hover:underline" href={pathOf(task)}>{task.title}</a>
                        <p class="text-sm">
                          <strong>{task.machine}</strong>{task.work.why && !task.work.guess
                            ? ` · ${task.work.why}`
                            : ''}
                        </p>
                        {#if task.work.waitFor}<p class="flex items-center gap-1.5 text-sm text-tide">
                            <Mark of="waiting" size={15} hidden />then {task.work.waitFor}, until {dayWord(
                              task.readyAt,
                              now.value,
                            )}
                            {clock(task.readyAt)}
                          </p>{/if}
                        {#if task.work.guess}<p class="text-sm text-soft">Nothing is listed there yet: a guess.</p>{/if}
                      </div>
                      <span class="text-right text-sm whitespace-nowrap">{minutes(minutesOf(task))}</span>
                    </li>
                  {/each}
                </ol>
                {#if t.endedToday.length}
                  <h2 class="mt-5 text-sm font-bold text-soft">Ended in these hours</h2>
                  <ul class="border-t border-sill">
                    {#each t.endedToday as e (e.id)}<li class="flex items-center gap-3 border-b border-sill py-1.5">
                        <Mark
                          of={e.end === 'done' ? 'done' : e.end === 'failed' ? 'out' : 'if'}
                          size={17}
                          word={e.end === 'done' ? 'done' : e.end === 'failed' ? 'did not come out' : 'goes on'}
                        /><span class="min-w-0">{e.title}</span><span class="ml-auto text-sm text-soft"
                          >{Math.round(e.takenMinutes ?? 0)} min, {Math.round(e.plannedMinutes)} planned</span
                        >
                      </li>{/each}
                  </ul>
                {/if}
              </section>
              <div class="grid content-start gap-6">
                {#if evening.layOut.length}<section aria-label="Lay out">
                    <h2 class="font-bold">Lay out</h2>
                    <ul class="mt-1 columns-2 text-[0.9375rem] lg:columns-1">
                      {#each evening.layOut as l (l)}<li class="py-0.5">{l}</li>{/each}
                    </ul>
                  </section>{/if}
                {#if t.shelf && t.shelf.verdict.outcome !== 'yes'}<section aria-label="Shelf">
                    <Verdict
                      verdict={t.shelf.verdict}
                      words={{ no: 'Not enough', unknown: 'Look at the shelf' }}
                      bad="yes"
                      figures={false}
                    />
                  </section>{/if}
                {#if t.moves.length}<section aria-label="What moved">
                    <h2 class="font-bold">What moved</h2>
                    <ul class="text-sm">
                      {#each t.moves as m (m.id)}<li class="border-b border-sill py-1.5">
                          <strong>{m.title}</strong>, {lower(m.machine)}: {m.to
                            ? `${dayWord(m.to, now.value)} ${clock(m.to)}`
                            : 'not in the plan'}{m.person !== m.personBefore && m.person ? `, ${m.person}` : ''}.
                          <span class="text-soft">{m.why}</span>
                        </li>{/each}
                    </ul>
                  </section>{/if}
              </div>
            </div>
          {/if}
          {#if !sheet}<ProblemNote problem={form.problem} />{/if}
          {#if person}
            <BenchEdge>
              {#snippet next()}
                {#if t.running}<button class="btn-next" onclick={() => show('end')}>Stop: how was it left?</button>
                {:else if first}<button class="btn-next" disabled={form.busy} onclick={() => void take(first)}
                    >Begin: about {minutes(minutesOf(first))}</button
                  >{:else}<a class="btn-next" href="/days">See the days</a>{/if}
              {/snippet}
              {#snippet needs()}<span class="max-sm:hidden"
                  >{first && !t.running ? `${first.title}, ${first.machine}.` : ''}</span
                >{/snippet}
              {#snippet acts()}
                <button class="act" onclick={() => show('else')}>Something else <Key k="S" /></button>
                <button class="act max-sm:hidden" onclick={() => print()}>Print</button>
              {/snippet}
            </BenchEdge>
          {/if}
        {/if}
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="end" title="How was it left?" about={data?.running?.title ?? ''}>
  {#if data?.running}<EndSheet taken={data.running} ondone={() => (sheet = '')} />{/if}
</Sheet>
<Sheet bind:current={sheet} name="else" title="Something else">
  <ElseList {person} />
</Sheet>

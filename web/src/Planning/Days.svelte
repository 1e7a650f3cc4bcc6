<!-- @component The plan over the days: when all is ready, people and machines as water, and the work of the day that is picked. -->
<script lang="ts">
  import { createQuery, useQueryClient } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { day as dayName, minutes, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import DaysPicture from './DaysPicture.svelte';
  import PlanBar from './PlanBar.svelte';
  import { unitSigns } from '../Parts/words';
  import { clock, dayWord, minutesOf, pathOf, startOfDay } from './words';

  const client = useQueryClient();
  const query = createQuery(() => ({
    queryKey: ['plan'],
    queryFn: () => ask(api.GET('/api/plan')),
    refetchInterval: 60_000,
  }));
  let day = $state(0);
  let looking = $state(false);
  let asked = '';
  // The first plan is shown at once, and made better while one looks at it.
  $effect(() => {
    const data = query.data;
    if (!data?.better || !data.plan || asked === data.plan.start) return;
    asked = data.plan.start;
    looking = true;
    ask(api.POST('/api/plan/better'))
      .then((better) => client.setQueryData(['plan'], better))
      .catch(() => undefined)
      .finally(() => (looking = false));
  });
  let sheet = $state<'pin' | ''>('');
  let picked = $state<Schemas['KeptTask']>();
  let focused = $state<Schemas['KeptTask']>();
  let person = $state('');
  let when = $state('');
  let split = $state('');
  const form = new Sending();
  const pin = (t: Schemas['KeptTask'], who: string, at: string | null, goes = 0) =>
    act(api.POST('/api/plan/pin', { body: { machineId: t.machineId, key: t.key, person: who, at, split: goes } }));
  function lay(t: Schemas['KeptTask']) {
    form.forget();
    picked = t;
    const there = query.data?.pins.find((p) => p.forMachineId === t.machineId && p.key === t.key);
    person = there?.person ?? '';
    when = there?.at ? local(there.at) : '';
    split = there?.split ? String(there.split) : '';
    sheet = 'pin';
  }
  const local = (t: string) => {
    const d = new Date(t);
    return new Date(d.getTime() - d.getTimezoneOffset() * 60_000).toISOString().slice(0, 16);
  };
  const keep = (free = false) =>
    form.send(async () => {
      await pin(
        picked!,
        free ? '' : person,
        free || !when ? null : new Date(when).toISOString(),
        free ? 0 : (number(split, 'the goes') ?? 0),
      );
      sheet = '';
    });
  const dropped = (id: string, who: string, at: number) => {
    const t = query.data?.plan?.tasks.find((x) => x.id === id);
    if (t) void form.send(() => pin(t, who, new Date(at).toISOString()));
  };
  const shown = $derived(
    (query.data?.plan?.tasks ?? []).filter(
      (t) => Math.round((startOfDay(Date.parse(t.start)) - startOfDay(now.value)) / 86_400_000) === day,
    ),
  );
  const names = $derived(query.data?.people.map((p) => p.person.name) ?? []);
  useKeys([
    { key: 'ArrowRight', words: 'The next day', run: () => (day = Math.min(20, day + 1)) },
    { key: 'ArrowLeft', words: 'The day before', run: () => (day = Math.max(0, day - 1)) },
    { key: 'l', words: 'Lay the work that is picked down, then a number for who', run: () => (laying = focused) },
    ...Array.from({ length: 9 }, (_, i) => ({
      key: String(i + 1),
      words: i === 0 ? 'After L: to the first person, and so on' : '',
      run: () => {
        const t = laying;
        const who = names[i];
        laying = undefined;
        if (t && who) void form.send(() => pin(t, who, null));
      },
    })),
  ]);
  let laying = $state<Schemas['KeptTask']>();
</script>

<svelte:head><title>Days · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="plan" />
  <main>
    <PlanBar at="days" />
    <Query {query} what="the plan">
      {#snippet children(data)}
        {#if !data.plan}
          <section class="mx-auto max-w-xl py-12 text-center">
            <h1 class="text-3xl font-bold">
              {data.people.length ? 'Nothing is left to do' : 'Nobody is at the bench yet'}
            </h1>
            <p class="mt-3">
              {data.people.length
                ? 'Take a machine in, or list work on one: the plan follows.'
                : 'Say who works here and in which hours: the plan follows by itself.'}
            </p>
            <p class="mt-6">
              <a class="btn-next" href={data.people.length ? '/take-in' : '/people'}
                >{data.people.length ? 'Take a machine in' : 'Say who works here'}</a
              >
            </p>
          </section>
        {:else}
          {@const p = data.plan}
          {@const last = data.machines.reduce<string | null>(
            (m, x) => (x.readyAt && (!m || x.readyAt > m) ? x.readyAt : m),
            null,
          )}
          {@const left =
            data.eventDay && last
              ? Math.floor((Date.parse(`${data.eventDay}T08:00:00`) - Date.parse(last)) / 86_400_000)
              : null}
          <h1
            class="text-title leading-tight font-bold sm:text-saying {p.unplanned.length || p.lateMinutes
              ? 'text-oxide'
              : ''}"
          >
            {#if p.unplanned.length}{p.unplanned[0]!.title}, {p.unplanned[0]!.machine}, cannot be planned
            {:else if p.lateMinutes}Not in time as it stands: {minutes(Math.round(p.lateMinutes))} late in all
            {:else if last}All of it ready {dayWord(last, now.value)}{left == null
                ? ''
                : left > 0
                  ? `, ${left} ${left === 1 ? 'day' : 'days'} before the day`
                  : ', just before the day'}{/if}
          </h1>
          <p class="mt-1 text-sm text-soft" role="status">
            {looking
              ? 'Looking for a better one …'
              : p.proven
                ? 'No plan is ready sooner: proven.'
                : p.gap != null && p.bound
                  ? `No plan can be ready before ${dayWord(p.bound, now.value)} ${clock(p.bound)}; this one is within ${plain(Math.round(p.gap * 1000) / 10)} %.`
                  : ''}
          </p>
          {#if p.unplanned.length}<ul class="mt-2 max-w-read border-t border-sill" aria-label="Cannot be planned">
              {#each p.unplanned.slice(0, 5) as u (u.id)}
                {@const goes = Number(/split it in (\d+)/.exec(u.why)?.[1] ?? 0)}
                <li class="flex items-baseline gap-4 border-b border-sill py-1.5">
                  <span><strong>{u.title}</strong>, {u.machine}: {u.why}</span>
                  {#if goes > 1}<button
                      class="act ml-auto shrink-0"
                      disabled={form.busy}
                      onclick={() =>
                        void form.send(() =>
                          act(
                            api.POST('/api/plan/pin', {
                              body: { machineId: u.machineId, key: u.key, person: '', at: null, split: goes },
                            }),
                          ),
                        )}>Split in {goes}</button
                    >{/if}
                </li>{/each}
            </ul>{/if}
          {#if data.clash?.wishes.length}<p class="mt-2 max-w-read font-semibold">{data.clash.verdict.sentence}</p>{/if}
          <div class="mt-4"><DaysPicture screen={data} bind:day ondrop={dropped} /></div>
          {#if !sheet}<ProblemNote problem={form.problem} />{/if}
          <div class="mt-5 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
            <section aria-label="The work of that day">
              <h2 class="text-lg font-bold">
                {shown.length
                  ? `${dayWord(startOfDay(now.value) + day * 86_400_000 + 43_200_000, now.value).replace(/^./, (c) => c.toUpperCase())}: ${shown.length} ${shown.length === 1 ? 'piece' : 'pieces'} of work`
                  : 'Nothing is planned for that day'}
              </h2>
              {#if laying}<p class="font-semibold text-brass-ink" role="status">
                  {laying.title}: to {names.map((n, i) => `${i + 1} ${n}`).join(', ')}?
                </p>{/if}
              <ul class="mt-1 border-t border-ink">
                {#each shown as t (t.id)}
                  <li
                    class="grid cursor-grab grid-cols-[3.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-sill py-2 {focused?.id ===
                    t.id
                      ? 'bg-paper'
                      : ''}"
                    draggable="true"
                    ondragstart={(e) => e.dataTransfer?.setData('text/plain', t.id)}
                  >
                    <span class="reading">{clock(t.start)}</span>
                    <span class="min-w-0"
                      ><a class="font-bold hover:underline" href={pathOf(t)} onfocus={() => (focused = t)}>{t.title}</a
                      ><span class="block text-sm text-soft"
                        >{t.machine} · {t.person} · {minutes(minutesOf(t))}{t.work.waitFor
                          ? ` · then ${t.work.waitFor}`
                          : ''}{t.work.guess ? ' · a guess' : ''}</span
                      ></span
                    >
                    <button class="act text-sm" aria-label="Lay down: {t.title}, {t.machine}" onclick={() => lay(t)}
                      >{t.pinned ? 'Laid down' : 'Lay down'}</button
                    >
                  </li>
                {/each}
              </ul>
            </section>
            <div class="grid content-start gap-5">
              {#if p.moves.length}<section aria-label="What moved">
                  <h2 class="font-bold">What moved, and why</h2>
                  <ul class="text-sm">
                    {#each p.moves.slice(0, 8) as m (m.id)}{@render moved(m)}{/each}
                  </ul>
                  {#if p.moves.length > 8}<Fold title="{p.moves.length - 8} more"
                      ><ul class="text-sm">
                        {#each p.moves.slice(8) as m (m.id)}{@render moved(m)}{/each}
                      </ul></Fold
                    >{/if}
                </section>{/if}
              {#if data.runsShort.length}<section aria-label="Runs short">
                  <h2 class="font-bold">Runs short</h2>
                  <ul class="text-sm">
                    {#each data.runsShort as s (s.supply)}<li class="flex gap-2 border-b border-sill py-1.5">
                        <Mark
                          of={s.late ? 'out' : 'if'}
                          size={17}
                          word={s.late ? 'too late for the post' : 'to be ordered'}
                        /><span
                          ><strong>{s.supply}</strong>: {plain(s.missing)}
                          {unitSigns[s.unit]} missing for {s.for},
                          {dayWord(s.wantedAt, now.value)}.
                          {s.orderBy
                            ? s.late
                              ? `An order should have gone by ${dayName(s.orderBy)}.`
                              : `Order by ${dayName(s.orderBy)}.`
                            : 'How long a new one takes nobody has said.'}
                          {s.instead.join(' ')}</span
                        >
                      </li>{/each}
                  </ul>
                </section>{/if}
              {#if data.parked.length}<section aria-label="Set aside">
                  <h2 class="font-bold">Set aside</h2>
                  <ul class="text-sm">
                    {#each data.parked as m (m.id)}<li class="border-b border-sill py-1.5">
                        <a class="font-bold hover:underline" href="/m/{m.id}/where">{m.name}</a>: {m.why.replace(
                          /\.$/,
                          '',
                        )}.
                        {#if m.wokenBy}<strong class="text-brass-ink">{m.wokenBy}</strong>{:else}{m.wakes}{/if}
                      </li>{/each}
                  </ul>
                </section>{/if}
              {#if p.said.length}<Fold title="What the plan supposes"
                  ><ul class="text-sm">
                    {#each p.said as s (s)}<li class="border-b border-sill py-1.5">{s}</li>{/each}
                  </ul></Fold
                >{/if}
            </div>
          </div>
          <BenchEdge>
            {#snippet next()}<a class="btn-next" href="/tonight">Tonight</a>{/snippet}
            {#snippet needs()}Drag a piece of work onto somebody’s day, or lay it down.{/snippet}
            {#snippet acts()}<a class="act" href="/the-day">Will it be ready?</a>
              <span class="text-sm text-soft max-sm:hidden"><Key k="←" /> <Key k="→" /> days</span>{/snippet}
          </BenchEdge>
        {/if}
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="pin" title="Lay it down" about={picked ? `${picked.title}, ${picked.machine}` : ''}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void keep();
    }}
  >
    <ProblemNote problem={form.problem} />
    <SelectField
      label="By whom"
      bind:value={person}
      options={[['', 'Whoever can'], ...names.map((n) => [n, n] as [string, string])]}
    />
    <TextField
      label="When"
      hint="Empty for whenever it fits."
      type="datetime-local"
      error={form.field('at')}
      bind:value={when}
    />
    <NumberField
      label="In how many goes"
      hint="Empty for one."
      whole
      error={form.field('split')}
      bind:value={split}
      least={0}
      most={20}
    />
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Lay it down</button>
      {#if picked?.pinned}<button type="button" class="act" disabled={form.busy} onclick={() => void keep(true)}
          >Free it again</button
        >{/if}
    </div>
  </form>
</Sheet>

{#snippet moved(m: Schemas['KeptMove'])}
  <li class="border-b border-sill py-1.5">
    <strong>{m.title}</strong>, {m.machine}: {m.from ? dayWord(m.from, now.value) : 'new'} to {m.to
      ? dayWord(m.to, now.value)
      : 'nowhere'}{m.person !== m.personBefore && m.person ? `, ${m.person}` : ''}.
    <span class="text-soft">{m.why}</span>
  </li>
{/snippet}

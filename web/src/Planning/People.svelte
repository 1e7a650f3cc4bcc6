<!-- @component Who works here, in which hours, what they may do and cannot be near; evenings missed or added; places. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, lower, number, plain } from '$lib/format';
  import { now } from '$lib/now.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import PlanBar from './PlanBar.svelte';
  import { airborneWords, dayNames, placeWords, skillWords, weekday } from './words';

  const query = createQuery(() => ({ queryKey: ['plan'], queryFn: () => ask(api.GET('/api/plan')) }));
  const form = new Sending();
  let sheet = $state<'person' | 'day' | 'place' | ''>('');
  let of = $state<Schemas['BenchPerson']>();
  let name = $state('');
  let skills = $state<Schemas['BenchSkill'][]>([]);
  let avoids = $state<Schemas['Airborne'][]>([]);
  let hours = $state<{ on: boolean; from: string; to: string }[]>([]);
  let dayOn = $state<string | null>('');
  let here = $state<'no' | 'yes'>('no');
  let from = $state('18:00');
  let to = $state('21:00');
  let place = $state('');
  let open = $state<Schemas['PlaceOpen']>('always');
  let placeOf = $state<Schemas['BenchPlace']>();
  let count = $state('1');
  let fit = $state('');
  const hm = (t: string) => t.slice(0, 5);
  const edit = (p?: Schemas['BenchPerson']) => {
    of = p;
    name = p?.name ?? '';
    skills = [...(p?.skills ?? [])];
    avoids = [...(p?.avoids ?? [])];
    hours = dayNames.map((d) => {
      const h = p?.hours.find((x) => x.day === d);
      return { on: !!h, from: h ? hm(h.from) : '18:00', to: h ? hm(h.to) : '21:00' };
    });
    form.forget();
    sheet = 'person';
  };
  const save = () =>
    form.send(async () => {
      // A second time on one day is kept as it is.
      const more = (of?.hours ?? []).filter((h, i, all) => all.findIndex((x) => x.day === h.day) !== i);
      const body: Schemas['PersonEdit'] = {
        name,
        skills,
        avoids,
        hours: [
          ...dayNames.flatMap((day, i) =>
            hours[i]!.on ? [{ day, from: `${hours[i]!.from}:00`, to: `${hours[i]!.to}:00` }] : [],
          ),
          ...more.filter((h) => hours[dayNames.indexOf(h.day)]!.on),
        ],
        days: null,
      };
      if (of)
        await act(
          api.PUT('/api/plan/people/{personId}', {
            params: { path: { personId: of.id } },
            headers: basedOn(of.version),
            body,
          }),
        );
      else await act(api.POST('/api/plan/people', { body }));
      sheet = '';
    });
  const remove = () =>
    form.send(async () => {
      await act(api.DELETE('/api/plan/people/{personId}', { params: { path: { personId: of!.id } } }));
      sheet = '';
    });
  const differ = (p: Schemas['BenchPerson']) => {
    of = p;
    dayOn = '';
    here = 'no';
    form.forget();
    sheet = 'day';
  };
  const saveDay = () =>
    form.send(async () => {
      await act(
        api.POST('/api/plan/people/{personId}/day', {
          params: { path: { personId: of!.id } },
          body: {
            day: dayOn ?? '',
            from: here === 'yes' ? `${from}:00` : null,
            to: here === 'yes' ? `${to}:00` : null,
          },
        }),
      );
      sheet = '';
    });
  const editPlace = (p?: Schemas['BenchPlace'], usual?: Schemas['UsualPlace']) => {
    placeOf = p;
    place = p?.name ?? usual?.name ?? '';
    open = p?.open ?? usual?.open ?? 'always';
    count = String(p?.count ?? 1);
    fit = p?.fitDaysInTen == null ? '' : String(p.fitDaysInTen);
    form.forget();
    sheet = 'place';
  };
  const savePlace = () =>
    form.send(async () => {
      const body: Schemas['PlaceEdit'] = {
        name: place,
        open,
        count: number(count, 'how many') ?? 1,
        fitDaysInTen: open === 'outdoors' ? number(fit, 'the days') : null,
      };
      if (placeOf)
        await act(
          api.PUT('/api/plan/places/{placeId}', {
            params: { path: { placeId: placeOf.id } },
            headers: basedOn(placeOf.version),
            body,
          }),
        );
      else await act(api.POST('/api/plan/places', { body }));
      sheet = '';
    });
  const removePlace = () =>
    form.send(async () => {
      await act(api.DELETE('/api/plan/places/{placeId}', { params: { path: { placeId: placeOf!.id } } }));
      sheet = '';
    });
  const week = (p: Schemas['BenchPerson']) =>
    [...p.hours]
      .sort((a, b) => dayNames.indexOf(a.day) - dayNames.indexOf(b.day))
      .map((h) => `${capital(h.day).slice(0, 3)} ${hm(h.from)}–${hm(h.to)}`)
      .join(', ') || 'No hours';
  useKeys([{ key: 'a', words: 'Somebody new', run: () => edit() }]);
</script>

<svelte:head><title>People and places · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="plan" />
  <main>
    <PlanBar at="people" />
    <Query {query} what="who works here">
      {#snippet children(data)}
        <h1 class="text-title leading-tight font-bold">
          {data.people.length ? `${data.people.length} at the bench` : 'Who works here?'}
        </h1>
        <p class="text-soft">
          “Trained” is what somebody says of themselves; local codes decide who may work on mains.
        </p>
        {#if !sheet}<ProblemNote problem={form.problem} />{/if}
        <ul class="mt-3 border-t border-ink">
          {#each data.people as { person: p } (p.id)}
            <li class="grid items-baseline gap-x-6 border-b border-sill py-3 sm:grid-cols-[9rem_minmax(0,1fr)_auto]">
              <span class="text-xl font-bold">{p.name}</span>
              <span class="min-w-0"
                >{week(p)}<span class="block text-sm text-soft"
                  >{[
                    ...p.skills.map((s) => skillWords[s]),
                    ...p.avoids.map((a) => `Not near ${lower(airborneWords[a])}`),
                  ].join(' · ') || 'Neither solders nor is trained for mains'}</span
                >
                {#each p.days.filter((d) => Date.parse(`${d.day}T23:59:00`) > now.value) as d (d.day)}<span
                    class="block text-sm font-semibold text-brass-ink"
                    >{weekday(d.day)}: {d.from ? `${hm(d.from)}–${hm(d.to!)}` : 'not here'}</span
                  >{/each}</span
              >
              <span class="flex gap-5"
                ><button class="act" onclick={() => differ(p)} aria-label="A day of {p.name} that differs"
                  >A day differs</button
                ><button class="act" onclick={() => edit(p)} aria-label="Change {p.name}">Change</button></span
              >
            </li>
          {/each}
        </ul>
        <h2 class="mt-7 text-lg font-bold">Places and tools that work holds</h2>
        <ul class="mt-1 border-t border-sill sm:max-w-xl">
          {#each data.places as p (p.id)}<li class="flex items-center gap-4 border-b border-sill py-1.5">
              <strong>{capital(p.name)}</strong><span class="text-sm text-soft"
                >{placeWords[p.open]}{p.open === 'outdoors' && p.fitDaysInTen != null
                  ? `: ${plain(p.fitDaysInTen)} of ten`
                  : ''}{p.count > 1 ? `, ${p.count} of them` : ''}</span
              ><button class="act ml-auto" aria-label="Change {p.name}" onclick={() => editPlace(p)}>Change</button>
            </li>{/each}{#each data.usualPlaces as p (p.name)}<li
              class="flex items-center gap-4 border-b border-sill py-1.5"
            >
              <strong class="font-normal">{capital(p.name)}</strong><span class="text-sm text-soft"
                >{placeWords[p.open]}, as is usual: nobody has said otherwise</span
              ><button class="act ml-auto" aria-label="Say of {p.name}" onclick={() => editPlace(undefined, p)}
                >Say</button
              >
            </li>{/each}
        </ul>
        {#if data.corrections.length}
          <h2 class="mt-7 text-lg font-bold">What the past says of estimates</h2>
          <ul class="mt-1 border-t border-sill sm:max-w-xl">
            {#each data.corrections as c (c.kind + c.person)}<li
                class={['flex items-baseline gap-4 border-b border-sill py-1.5', c.person ? 'pl-5' : '']}
              >
                <strong class={c.person ? 'font-normal' : ''}>{c.person || capital(c.kind)}</strong><span
                  class="reading whitespace-nowrap">× {c.factor.toFixed(2)}</span
                ><span class="ml-auto text-sm text-soft"
                  >took {c.median.toFixed(2)} times what was planned, by {c.from}
                  {c.from === 1 ? 'piece' : 'pieces'} of work</span
                >
              </li>{/each}
          </ul>
        {/if}
        <BenchEdge>
          {#snippet next()}<button class="btn-next" onclick={() => edit()}>Somebody new</button>{/snippet}
          {#snippet acts()}<button class="act" onclick={() => editPlace()}>A place or tool</button><a
              class="act"
              href="/tonight">Tonight</a
            >{/snippet}
        </BenchEdge>
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="person" title={of ? of.name : 'Somebody new'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void save();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="Name" error={form.field('name')} bind:value={name} required maxlength={40} />
    <CheckGroup label="What they may do" bind:value={skills} options={skillWords} />
    <CheckGroup label="What they cannot be near" bind:value={avoids} options={airborneWords} />
    <fieldset class="grid gap-1">
      <legend class="text-sm font-semibold">Hours at the bench, every week</legend>
      {#each dayNames as d, i (d)}
        <div class="flex flex-wrap items-center gap-x-4">
          <label class="flex min-h-11 w-36 items-center gap-2.5"
            ><CheckBox bind:checked={hours[i]!.on} />{capital(d)}</label
          >
          {#if hours[i]!.on}
            <input
              class="input reading w-28"
              type="time"
              aria-label="{capital(d)} from"
              bind:value={hours[i]!.from}
              required
            />
            <span>to</span>
            <input
              class="input reading w-28"
              type="time"
              aria-label="{capital(d)} to"
              bind:value={hours[i]!.to}
              required
            />
          {/if}
        </div>
      {/each}
    </fieldset>
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep it</button>
      {#if of}<button type="button" class="act" onclick={() => void remove()}>No longer here</button>{/if}
    </div>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="day" title="A day that differs" about={of?.name ?? ''}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void saveDay();
    }}
  >
    <ProblemNote problem={form.problem} />
    <DayField label="Which day" error={form.field('day')} bind:value={dayOn} />
    <Choice label="At the bench?" bind:value={here} options={{ no: 'Not at all', yes: 'In these hours' }} />
    {#if here === 'yes'}<div class="flex items-center gap-4">
        <input class="input reading w-28" type="time" aria-label="From" bind:value={from} required />
        <span>to</span>
        <input class="input reading w-28" type="time" aria-label="To" bind:value={to} required />
      </div>{/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="place" title={placeOf ? capital(placeOf.name) : 'A place or tool'}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void savePlace();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="What it is called"
      hint="As work names it: iron, meter, bath, airing cupboard, lamp, sill, yard."
      error={form.field('name')}
      bind:value={place}
      required
      maxlength={40}
    />
    <NumberField label="How many there are" whole error={form.field('count')} bind:value={count} least={1} most={20} />
    <SelectField label="When may it be used?" bind:value={open} options={placeWords} />
    {#if open === 'outdoors'}<NumberField
        label="Days of ten that are fit"
        hint="Neither rain nor frost nor wind, in the season of the day. Empty for five."
        error={form.field('fitDaysInTen')}
        bind:value={fit}
        least={0}
        most={10}
      />{/if}
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep it</button>
      {#if placeOf}<button type="button" class="act" disabled={form.busy} onclick={() => void removePlace()}
          >Forget what was said</button
        >{/if}
    </div>
  </form>
</Sheet>

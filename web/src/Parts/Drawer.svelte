<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { searchParams } from 'sv-router';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { money, number, plain, si } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { kindWords } from '$lib/words';

  type Row = Schemas['DrawerRow'];
  type Sort = 'place' | 'value' | 'volts' | 'free';
  const query = createQuery(() => ({ queryKey: ['drawer'], queryFn: () => ask(api.GET('/api/drawer')) }));
  const form = new Sending();
  let sort = $state<Sort>('place');
  let filter = $state('');
  let open = $state(false);
  let editing = $state<Row>();
  let marking = $state('');
  let t = $state({
    kind: 'aluminiumRadial' as Schemas['CapacitorKind'],
    volts: '',
    celsius: '105',
    diameter: '',
    height: '',
    pitch: '',
    esr: '',
    quantity: '1',
    place: '',
    bought: '',
    price: '',
  });

  const rows = $derived(
    (query.data?.parts ?? [])
      .filter(
        (r) =>
          !filter ||
          `${r.name} ${r.part.place} ${kindWords[r.part.spec.kind]}`.toLowerCase().includes(filter.toLowerCase()),
      )
      .toSorted((a, b) =>
        sort === 'value'
          ? a.part.spec.microfarads - b.part.spec.microfarads
          : sort === 'volts'
            ? (a.part.spec.ratedVolts ?? 0) - (b.part.spec.ratedVolts ?? 0)
            : sort === 'free'
              ? a.free - b.free
              : a.part.place.localeCompare(b.part.place),
      ),
  );

  function edit(r?: Row) {
    editing = r;
    form.forget();
    const s = r?.part.spec;
    const text = (v: number | null | undefined) => (v == null ? '' : plain(v, 6));
    marking = s ? `${plain(s.microfarads, 6)}u${s.safetyClass ? ` ${s.safetyClass}` : ''}` : '';
    t = {
      kind: s?.kind ?? 'aluminiumRadial',
      volts: text(s?.ratedVolts),
      celsius: s ? text(s.maxCelsius) : '105',
      diameter: text(s?.diameterMillimetres),
      height: text(s?.heightMillimetres),
      pitch: text(s?.leadPitchMillimetres),
      esr: text(s?.esrOhms),
      quantity: String(r?.part.quantity ?? 1),
      place: r?.part.place ?? '',
      bought: r?.part.boughtOn ?? '',
      price: text(r?.part.price),
    };
    open = true;
  }
  async function save() {
    const read = await ask(api.POST('/api/calc/markings/capacitor', { body: { text: marking, kind: t.kind } }));
    const one = read.readings[0];
    if (!one || read.problems.length || new Set(read.readings.map((r) => r.microfarads)).size > 1)
      throw new Error(read.sentence);
    const spec: Schemas['CapacitorSpec'] = {
      ...(editing?.part.spec ?? { esrFrequencyHertz: 100_000, rippleAmps: null }),
      kind: t.kind,
      microfarads: one.microfarads,
      ratedVolts: number(t.volts, 'volts') ?? one.ratedVolts ?? null,
      toleranceMinusShare: one.toleranceMinusShare ?? 0.2,
      tolerancePlusShare: one.tolerancePlusShare ?? 0.2,
      maxCelsius: number(t.celsius, 'temperature'),
      diameterMillimetres: number(t.diameter, 'diameter'),
      heightMillimetres: number(t.height, 'height'),
      leadPitchMillimetres: number(t.pitch, 'pitch'),
      esrOhms: number(t.esr, 'ESR'),
      safetyClass: one.safetyClass ?? null,
    } as Schemas['CapacitorSpec'];
    const body = {
      spec,
      quantity: Math.round(number(t.quantity, 'pieces') ?? 0),
      place: t.place,
      boughtOn: t.bought || null,
      price: number(t.price, 'price'),
    };
    if (editing)
      await act(
        api.PUT('/api/drawer/{partId}', {
          params: { path: { partId: editing.part.id } },
          headers: basedOn(editing.part.version),
          body,
        }),
      );
    else await act(api.POST('/api/drawer', { body }));
    open = false;
  }
  async function remove() {
    await act(api.DELETE('/api/drawer/{partId}', { params: { path: { partId: editing!.part.id } } }));
    open = false;
  }
  // A label's code opens its count.
  let counted = $state(searchParams.get('part') as string | null);
  let count = $state('');
  const counting = $derived(query.data?.parts.find((r) => r.part.id === counted));
  async function keepCount() {
    await act(
      api.POST('/api/drawer/{partId}/count', {
        params: { path: { partId: counting!.part.id } },
        body: { quantity: Math.round(number(count, 'pieces') ?? NaN) },
      }),
    );
    counted = null;
    count = '';
  }
  useKeys([{ key: 'a', words: 'Put a part into the drawer', run: () => edit() }]);
  const heads: [Sort, string, string][] = [
    ['place', 'Place', ''],
    ['value', 'Value', 'text-right'],
    ['volts', 'Volts', 'text-right'],
    ['free', 'Free', 'text-right'],
  ];
</script>

<svelte:head><title>Drawer · Haar</title></svelte:head>
<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="drawer" />
  <main>
    <Query {query} what="the drawer">
      {#snippet children(data)}
        <div class="flex flex-wrap items-end justify-between gap-4">
          <div>
            <h1 class="text-title font-bold">{data.pieces} pieces, {data.reserved} set aside for boards</h1>
            <p class="text-soft">
              Worth {money(data.worth, data.currency)}. What is proposed for a board comes from here, oldest first, and
              is set aside once.
            </p>
          </div>
          <TextField label="Show only" class="w-56" bind:value={filter} />
        </div>
        {#if !open && !counting}<ProblemNote problem={form.problem} />{/if}
        <!-- On a phone each part is an entry of a list, with its acts beneath it. -->
        <div class="relative mt-4 md:overflow-x-auto">
          <table class="w-full max-md:block md:min-w-[40rem]">
            <caption class="sr-only">Parts in the drawer</caption>
            <thead class="text-sm text-soft max-md:block"
              ><tr class="max-md:flex">
                {#each heads as [s, w, c] (s)}<th
                    class="py-1 pr-4 text-left font-normal {c}"
                    aria-sort={sort === s ? 'ascending' : 'none'}
                    ><button
                      class="underline-offset-4 hover:underline max-md:min-h-11 max-md:min-w-11 {sort === s
                        ? 'font-bold text-ink'
                        : ''}"
                      onclick={() => (sort = s)}>{w}{sort === s ? ' ↑' : ''}</button
                    ></th
                  >{/each}
                <th class="pr-4 text-left font-normal max-md:hidden">Kind and size</th><th
                  class="text-left font-normal max-md:hidden">Set aside for</th
                ><th class="max-md:hidden"><span class="sr-only">Acts</span></th>
              </tr></thead
            >
            <tbody class="max-md:block">
              {#each rows as r (r.part.id)}
                {@const s = r.part.spec}
                {@const v = si(s.microfarads * 1e-6, 'F')}
                <tr
                  class="border-t border-sill max-md:grid max-md:grid-cols-[3rem_auto_auto_1fr] max-md:items-baseline max-md:gap-x-2 max-md:pt-2"
                >
                  <td class="reading pr-4 md:py-2">{r.part.place || '–'}</td>
                  <td class="reading pr-4 text-right text-lg whitespace-nowrap"
                    >{v[0]} <span class="font-normal">{v[1]}</span></td
                  >
                  <td class="reading pr-4 text-right"
                    >{s.ratedVolts == null ? '?' : plain(s.ratedVolts)}<span class="font-normal md:hidden">
                      V</span
                    >{s.safetyClass ? ` ${s.safetyClass}` : ''}</td
                  >
                  <td class="reading pr-4 text-right text-lg {r.free === 0 ? 'text-oxide' : ''}"
                    >{r.free}<span class="ml-1.5 text-sm font-normal text-soft">of {r.part.quantity}</span></td
                  >
                  <td class="pr-4 text-sm max-md:col-span-4"
                    >{kindWords[s.kind]}{#if s.diameterMillimetres}, {plain(s.diameterMillimetres)} × {s.heightMillimetres
                        ? plain(s.heightMillimetres)
                        : '?'} mm{/if}{#if s.maxCelsius}, {plain(s.maxCelsius)} °C{/if}{#if r.part.boughtOn}<span
                        class="text-soft">, {r.part.boughtOn.slice(0, 4)}</span
                      >{/if}</td
                  >
                  <td class="text-sm max-md:col-span-4"
                    >{#each r.for as f (f.capacitorId)}<a
                        class="mr-2 underline"
                        href="/m/{f.machineId}/capacitors?part={f.capacitorId}">{f.designator} of {f.machine}</a
                      >{/each}</td
                  >
                  <td class="text-right max-md:col-span-4 max-md:text-left"
                    ><button
                      class="act min-h-8 max-md:mr-6 max-md:min-h-11"
                      aria-label="Count {r.name}, {r.part.place}"
                      onclick={() => {
                        count = '';
                        form.forget();
                        counted = r.part.id;
                      }}>Count</button
                    >
                    <button
                      class="act min-h-8 max-md:min-h-11"
                      aria-label="Change {r.name}, {r.part.place}"
                      onclick={() => edit(r)}>Change</button
                    ></td
                  >
                </tr>
              {:else}
                <tr class="border-t border-sill"
                  ><td colspan="7" class="py-8 text-center text-soft"
                    >{filter
                      ? 'Nothing here is called that.'
                      : 'The drawer is empty. Put in what you have, and Haar will find what fits.'}</td
                  ></tr
                >
              {/each}
            </tbody>
          </table>
        </div>
      {/snippet}
    </Query>
  </main>
</div>
<BenchEdge
  >{#snippet next()}<button class="btn-next" onclick={() => edit()}>Put a part in</button>{/snippet}{#snippet acts()}<a
      class="act"
      href="/api/drawer/labels.pdf"
      download="drawer labels.pdf">Labels</a
    ><a class="act" href="/order">The order</a><button class="act" onclick={() => edit()}>Add <Key k="A" /></button
    >{/snippet}</BenchEdge
>
<Sheet
  bind:open={
    () => !!counting,
    (v) => {
      if (!v) counted = null;
    }
  }
  title="How many lie there?"
  about={counting
    ? `${counting.name}${counting.part.place ? `, ${counting.part.place}` : ''}. ${counting.part.quantity} by the book, ${counting.part.reserved} of them set aside.`
    : ''}
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(keepCount);
    }}
  >
    <ProblemNote problem={form.problem} />
    <NumberField
      label="Pieces counted"
      error={form.field('quantity')}
      bind:value={count}
      whole
      size="w-40 text-3xl"
      required
    />
    <button class="btn-next justify-self-start" disabled={form.busy || !count.trim()}>That is what lies there</button>
  </form>
</Sheet>
<Sheet bind:open title={editing ? 'Change what lies there' : 'Into the drawer'}>
  <form
    class="grid gap-4 sm:grid-cols-3"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(save);
    }}
  >
    <div class="sm:col-span-3"><ProblemNote problem={form.problem} /></div>
    <SelectField class="sm:col-span-2" label="Kind" bind:value={t.kind} options={kindWords} />
    <TextField label="Marking or value" hint="As printed: 47 16V, 475, 100n X2." bind:value={marking} mono required />
    <NumberField label="Volts" bind:value={t.volts} />
    <NumberField label="Rated °C" bind:value={t.celsius} whole />
    <NumberField label="ESR, Ω" bind:value={t.esr} />
    <NumberField label="Diameter, mm" bind:value={t.diameter} />
    <NumberField label="Height, mm" bind:value={t.height} />
    <NumberField label="Lead pitch, mm" bind:value={t.pitch} />
    <NumberField label="Pieces" error={form.field('quantity')} bind:value={t.quantity} whole required />
    <TextField label="Place" bind:value={t.place} maxlength={40} />
    <NumberField label="Price of one" bind:value={t.price} />
    <DayField label="Bought on" error={form.field('boughtOn')} bind:value={t.bought} />
    <div class="flex items-end gap-5 sm:col-span-3">
      <button class="btn-next" disabled={form.busy}>{editing ? 'Save' : 'Put it in'}</button>{#if editing}<button
          type="button"
          class="act text-oxide"
          onclick={() => void form.send(remove)}>Take it out</button
        >{/if}
    </div>
  </form>
</Sheet>

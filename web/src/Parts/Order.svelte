<!-- @component One order for all boards: which parts are in the drawer, what has to be bought, the order that costs least, and what is in the post. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { lower, day, money, number, siText, typed } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { kindWords, orderWords } from '$lib/words';
  import ParcelDay from './ParcelDay.svelte';
  import ShoppingList from './ShoppingList.svelte';
  import Suppliers from './Suppliers.svelte';

  const kept = JSON.parse(localStorage.getItem('haar.order') ?? '{}') as {
    share?: string;
    least?: string;
    days?: string;
  };
  let share = $state(kept.share ?? '10');
  let least = $state(kept.least ?? '0');
  let days = $state(kept.days ?? '');
  let sheet = $state<'suppliers' | 'policy' | 'arrived' | 'later' | ''>('');
  let late = $state<Schemas['PartOrder']>();
  let arriving = $state<Schemas['PartOrder']>();
  let pieces = $state<Record<string, string>>({});
  let troubles = $state<string[]>([]);
  const form = new Sending();
  const fine = (t: string, usual: number | null) =>
    typed(t) === undefined || Number.isNaN(typed(t)) ? usual : typed(t)!;
  const policy = $derived({
    spareShare: (fine(share, 0) ?? 0) / 100,
    spareLeast: fine(least, 0) ?? 0,
    latestDays: fine(days, null),
  });
  const query = createQuery(() => ({
    queryKey: ['orders', policy],
    queryFn: () =>
      ask(
        api.GET('/api/orders', {
          params: {
            query: {
              spareShare: policy.spareShare,
              spareLeast: policy.spareLeast,
              latestDays: policy.latestDays ?? undefined,
            },
          },
        }),
      ),
    placeholderData: (before) => before,
  }));
  const data = $derived(query.data);
  const toBuy = $derived(data?.needs.reduce((s, n) => s + n.count, 0) ?? 0);
  const cur = $derived(data?.currency ?? 'EUR');
  const open = $derived(data?.orders.filter((o) => o.state !== 'here' && o.state !== 'cancelled') ?? []);
  const closed = $derived(data?.orders.filter((o) => o.state === 'here' || o.state === 'cancelled') ?? []);
  const csv = $derived(
    `/api/orders/plan.csv?spareShare=${policy.spareShare}&spareLeast=${policy.spareLeast}${policy.latestDays != null ? `&latestDays=${policy.latestDays}` : ''}`,
  );
  const lineMark: Record<Schemas['OrderLineState'], [MarkOf, string]> = {
    asked: ['unknown', 'asked for'],
    confirmed: ['waiting', 'confirmed'],
    outOfStock: ['out', 'out of stock'],
    substituted: ['if', 'something else is sent'],
    fewer: ['if', 'fewer'],
    late: ['waiting', 'late'],
    here: ['done', 'here'],
  };
  const orderMark: Record<Schemas['PartOrderState'], MarkOf> = {
    notSent: 'out',
    sending: 'out',
    confirmed: 'waiting',
    partlyHere: 'waiting',
    here: 'done',
    cancelled: 'unknown',
  };

  const setAside = () => form.send(() => act(api.POST('/api/orders/set-aside')));
  const send = () =>
    form.send(async () => {
      const done = await act(
        api.POST('/api/orders/send', {
          body: {
            cost: data!.plan.cost,
            spareShare: policy.spareShare,
            spareLeast: policy.spareLeast,
            latestDays: policy.latestDays,
          },
        }),
      );
      troubles = done.troubles;
    });
  const path = (o: Schemas['PartOrder']) => ({ params: { path: { orderId: o.id } } });
  function openArrived(o: Schemas['PartOrder']) {
    arriving = o;
    pieces = Object.fromEntries(o.lines.map((l) => [l.sku, String(left(l))]));
    form.forget();
    sheet = 'arrived';
  }
  const left = (l: Schemas['PartOrderLine']) => l.open;
  const book = () =>
    form.send(async () => {
      await act(
        api.POST('/api/orders/{orderId}/arrived', {
          ...path(arriving!),
          body: { arrived: Object.entries(pieces).map(([sku, n]) => ({ sku, pieces: number(n, 'the pieces') ?? 0 })) },
        }),
      );
      sheet = '';
    });
  function keep() {
    localStorage.setItem('haar.order', JSON.stringify({ share, least, days }));
    sheet = '';
  }
  function doNext() {
    if (form.busy || !data) return;
    if (data.drawer.length) void setAside();
    else if (data.plan.parcels.length) void send();
    else if (open[0]) openArrived(open[0]);
  }
  const nextWord = $derived(
    !data
      ? ''
      : data.drawer.length
        ? `Set aside ${data.drawer.length} from the drawer`
        : data.plan.parcels.length
          ? `Order for ${money(data.plan.cost, cur)}`
          : open.length
            ? 'A parcel has come'
            : '',
  );
  useKeys([
    { key: 'u', words: 'Suppliers', run: () => (sheet = 'suppliers') },
    { key: 'y', words: 'Spares and days', run: () => (sheet = 'policy') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
</script>

<svelte:head><title>The order</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="order" />
  <main class="pt-4">
    <Query {query} what="the order">
      {#snippet children(d)}
        {#if d.drawer.length}
          <h1 class="text-title leading-tight font-bold">
            {d.drawer.length}
            {d.drawer.length === 1 ? 'part is' : 'parts are'} in the drawer{d.needs.length
              ? `; ${toBuy === 1 ? 'one place needs' : `${toBuy} places need`} a part bought`
              : ''}.
          </h1>
          <Fold class="mt-2" title="Which goes where">
            <ul class="mt-1 columns-1 gap-8 sm:columns-2">
              {#each d.drawer as x (x.capacitorId)}<li class="flex justify-between gap-4 border-b border-sill py-1">
                  <span class="font-semibold">{x.for}</span><span class="text-right"
                    >{x.name}{x.place ? `, ${x.place}` : ''}</span
                  >
                </li>{/each}
            </ul>
          </Fold>
        {/if}
        {#if d.needs.length && !d.suppliers.some((s) => s.offers)}
          <div class="mt-4 max-w-[60rem]">
            <ShoppingList
              lines={d.shopping}
              currency={cur}
              heading={d.drawer.length ? 2 : 1}
              href="/api/orders/shopping-list.csv?spareShare={policy.spareShare}&spareLeast={policy.spareLeast}"
            />
            <p class="no-print mt-3 text-sm text-soft">
              With a supplier’s list Haar works out the order that costs least.
              <button class="underline" onclick={() => (sheet = 'suppliers')}>Suppliers</button>
            </p>
          </div>
        {:else if d.needs.length}
          <div class="mt-4 grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_25rem]">
            <section aria-label="The order that costs least" class="min-w-0">
              {#each d.plan.parcels as p (p.supplier.id)}
                <h2
                  class="mt-3 flex flex-wrap items-baseline justify-between gap-x-4 border-b-2 border-ink pb-1 first:mt-0"
                >
                  <span class="text-lg font-bold">{p.supplier.name}</span><span class="text-sm text-soft"
                    >goods {money(p.goods, cur)}, postage {p.postage ? money(p.postage, cur) : 'free'}, {p.days} days</span
                  >
                </h2>
                <ul>
                  {#each p.lines as l (l.offer.sku)}
                    <li
                      class="grid grid-cols-[minmax(0,1fr)_auto] gap-x-4 border-b border-sill py-1.5 sm:grid-cols-[5rem_minmax(0,1fr)_8.500rem_5rem]"
                    >
                      <span class="reading text-base max-sm:hidden">{l.offer.sku}</span>
                      <span class="min-w-0"
                        ><span class="font-semibold"
                          >{siText(l.offer.spec.microfarads * 1e-6, 'F')}{l.offer.spec.ratedVolts
                            ? ` ${l.offer.spec.ratedVolts} V`
                            : ''}{l.offer.spec.maxCelsius ? ` ${l.offer.spec.maxCelsius} °C` : ''}
                          {lower(kindWords[l.offer.spec.kind])}</span
                        ><span class="block text-sm text-soft"
                          >{l.for.map((f) => `${f.pieces} for ${f.need}`).join('; ') || 'for the drawer'}{l.over
                            ? `; ${l.over} over`
                            : ''}{#if l.for.some((f) => f.fit !== 'yes')}. <span class="font-semibold text-brass-ink"
                              >Fits on a condition.</span
                            >{/if}</span
                        ></span
                      >
                      <span class="text-right max-sm:col-start-1 max-sm:text-left"
                        >{l.packs} × {l.offer.packSize === 1 ? 'piece' : `pack of ${l.offer.packSize}`}</span
                      >
                      <span class="reading text-right max-sm:col-start-2 max-sm:row-start-1">{money(l.cost, cur)}</span>
                    </li>
                  {/each}
                </ul>
              {:else}<p class="py-4 text-lg">
                  No supplier has what is wanted.
                  <button class="underline" onclick={() => (sheet = 'suppliers')}>Suppliers</button>
                </p>{/each}
              {#if d.plan.uncovered.length}<h2 class="mt-5 font-bold">Not to be had</h2>
                <ul>
                  {#each d.plan.uncovered as u (u.need)}<li class="flex gap-3 border-b border-sill py-1.5">
                      <Mark of="out" size={19} word="not covered" /><span
                        ><strong>{u.pieces} × {u.need}</strong><span class="block text-sm text-soft">{u.why}</span
                        ></span
                      >
                    </li>{/each}
                </ul>{/if}
            </section>
            <aside class="min-w-0 self-start rounded-lg bg-paper p-5">
              <Verdict
                verdict={d.plan.verdict}
                heading={d.drawer.length ? 2 : 1}
                figures={false}
                words={{
                  yes: d.plan.proven ? 'Proven cheapest' : 'Best found',
                  yesIf: d.plan.proven ? 'Proven cheapest, not all of it' : 'Best found',
                  unknown: 'Not to be had',
                  no: 'Nothing to order',
                }}
              >
                <p class="mt-2"><span class="reading text-saying">{money(d.plan.cost, cur)}</span></p>
                {#if d.plan.fromOne}<p class="text-sm">
                    From one supplier, {d.plan.fromOne.supplier}: <strong>{money(d.plan.fromOne.cost, cur)}</strong>, {d
                      .plan.fromOne.days} days.
                  </p>{/if}
              </Verdict>
              <p class="mt-3 sill pt-3 text-sm">
                Spares: {share || 0} %{Number(least) ? `, at least ${least}` : ''}. {policy.latestDays != null
                  ? `Here within ${policy.latestDays} days.`
                  : 'No matter how long it takes.'}
                <button class="act text-sm" onclick={() => (sheet = 'policy')}>Change</button>
                <a class="act text-sm" href={csv} download="order.csv">As a table</a>
              </p>
              <Fold class="mt-1" title="Wanted for">
                <ul class="text-sm">
                  {#each d.needs as n (n.key)}<li class="border-b border-sill py-1">
                      <strong>{n.count} × {n.key}</strong><span class="block text-soft">{n.for.join(', ')}</span>
                    </li>{/each}
                </ul>
              </Fold>
            </aside>
          </div>
        {:else if !d.drawer.length}
          <h1 class="text-title font-bold">
            {open.length ? 'Everything that is wanted is in the post.' : 'Nothing has to be ordered.'}
          </h1>
          <p class="mt-2 text-soft">
            {open.length
              ? ''
              : 'Every part that comes out has its new one set aside or fitted, or no board has one that comes out.'}
          </p>
        {/if}
        {#if troubles.length}<div role="alert" class="mt-4 rounded-lg bg-oxide-wash p-4">
            <p class="font-bold">Written down, but not taken yet:</p>
            <ul>
              {#each troubles as t (t)}<li>{t}</li>{/each}
            </ul>
          </div>{/if}
        {#if !sheet}<div class="mt-3"><ProblemNote problem={form.problem} /></div>{/if}
        {#if d.orders.length}
          <section class="mt-8" aria-label="Orders">
            <h2 class="text-lg font-bold">
              {open.length ? `${open.length} ${open.length === 1 ? 'parcel' : 'parcels'} to come` : 'Orders'}
            </h2>
            {#each [...open, ...closed] as o (o.id)}
              <article class="border-t border-sill py-3">
                <p class="flex flex-wrap items-center gap-x-3">
                  <Mark of={orderMark[o.state]} size={22} hidden /><strong class="text-lg">{o.supplier}</strong><span
                    >{orderWords[o.state]}{o.theirNumber ? `, ${o.theirNumber}` : ''}{o.expectedOn &&
                    (o.state === 'confirmed' || o.state === 'partlyHere')
                      ? `, by ${day(o.expectedOn)}`
                      : ''}</span
                  >
                  <span class="ml-auto flex flex-wrap gap-x-5">
                    {#if o.state === 'notSent' || o.state === 'sending'}<button
                        class="act"
                        disabled={form.busy}
                        onclick={() => void form.send(() => act(api.POST('/api/orders/{orderId}/send', path(o))))}
                        >Send it again</button
                      >{/if}
                    {#if o.state === 'confirmed' || o.state === 'partlyHere'}<button
                        class="act"
                        onclick={() => openArrived(o)}>It has come</button
                      ><button
                        class="act"
                        onclick={() => {
                          late = o;
                          sheet = 'later';
                        }}>On another day</button
                      >{#if o.theirNumber}<button
                          class="act"
                          disabled={form.busy}
                          onclick={() => void form.send(() => act(api.POST('/api/orders/{orderId}/ask', path(o))))}
                          >Ask how it stands</button
                        >{/if}{/if}
                    {#if o.state !== 'here' && o.state !== 'cancelled'}<button
                        class="act"
                        disabled={form.busy}
                        onclick={() => void form.send(() => act(api.POST('/api/orders/{orderId}/cancel', path(o))))}
                        >Close it</button
                      >{/if}
                    <a class="act" href="/api/orders/{o.id}/csv" download="order-{o.supplier}.csv">Table</a>
                  </span>
                </p>
                {#if o.trouble}<p class="mt-1 font-semibold text-oxide">{o.trouble}</p>{/if}
                <ul class="mt-1 text-sm">
                  {#each o.lines as l (l.sku)}<li class="flex flex-wrap items-center gap-x-2 py-0.5">
                      <Mark of={lineMark[l.state][0]} size={17} word={lineMark[l.state][1]} /><span class="font-mono"
                        >{l.sku}</span
                      ><span
                        >{l.packs * l.packSize} pieces{l.arrivedPieces ? `, ${l.arrivedPieces} here` : ''}, {lineMark[
                          l.state
                        ][1]}</span
                      >{#if l.note}<span
                          class="font-semibold {l.state === 'outOfStock' ? 'text-oxide' : 'text-brass-ink'}"
                          >{l.note}</span
                        >{/if}
                    </li>{/each}
                </ul>
              </article>
            {/each}
          </section>
        {/if}
        <BenchEdge>
          {#snippet next()}{#if nextWord}<button class="btn-next" disabled={form.busy} onclick={doNext}
                >{form.busy ? 'One moment …' : nextWord}</button
              >{:else}<a class="btn-next" href="/">Back to the workshop</a>{/if}{/snippet}
          {#snippet needs()}{d.drawer.length
              ? 'Oldest stock and exact value first; each piece once.'
              : d.plan.parcels.length
                ? `${d.plan.parcels.length} ${d.plan.parcels.length === 1 ? 'parcel' : 'parcels'}; written down here before it is sent.`
                : ''}{/snippet}
          {#snippet acts()}<button class="act" onclick={() => (sheet = 'suppliers')}>Suppliers <Key k="U" /></button
            ><button class="act" onclick={() => (sheet = 'policy')}>Spares and days <Key k="Y" /></button>{/snippet}
        </BenchEdge>
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="policy" title="Spares and days" about="The order is worked out anew at once.">
  <form
    class="grid gap-4 sm:grid-cols-3"
    onsubmit={(e) => {
      e.preventDefault();
      keep();
    }}
  >
    <NumberField label="Spares, % of each need" bind:value={share} />
    <NumberField label="Spares, at least" bind:value={least} whole />
    <NumberField label="Here within, days" hint="Empty: no matter." bind:value={days} whole />
    <button class="btn-next justify-self-start">Keep it so</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="suppliers"
  title="Suppliers"
  about="Each has a list: asked for over its interface, or taken in as a table."
  ><Suppliers suppliers={data?.suppliers ?? []} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="arrived"
  title="What lay in the parcel from {arriving?.supplier}?"
  about="Booked into the drawer and set aside for what waited, most urgent first."
>
  <form
    class="grid gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      void book();
    }}
  >
    <ProblemNote problem={form.problem} />
    {#each arriving?.lines.filter((l) => l.state !== 'outOfStock') ?? [] as l (l.sku)}<NumberField
        label="{l.sku}, pieces of {left(l)} to come"
        bind:value={pieces[l.sku]}
        whole
        size="w-32"
      />{/each}
    <button class="btn-next justify-self-start" disabled={form.busy}>Book it in</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="later" title="When does it come?" about={late?.supplier ?? ''}>
  {#if late}<ParcelDay orderId={late.id} expectedOn={late.expectedOn ?? ''} ondone={() => (sheet = '')} />{/if}
</Sheet>

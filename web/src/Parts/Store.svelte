<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { day, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import Shelf from './Shelf.svelte';
  import { partStateWords } from '$lib/words';

  const query = createQuery(() => ({ queryKey: ['store'], queryFn: () => ask(api.GET('/api/store')) }));
  const form = new Sending();
  let sheet = $state<'part' | 'fastener' | ''>('');
  let of = $state<{ id: string; version: number }>();
  let part = $state<Schemas['StorePartEdit']>(null!);
  let fastener = $state({ thread: '', length: '', head: '', quantity: '', place: '' });
  let quantity = $state('1');
  let text = $state('');
  let shelf = $state<Shelf>();
  const has = (s: string) => s.toLowerCase().includes(text.trim().toLowerCase());

  function openPart(p?: Schemas['StorePart']) {
    of = p && { id: p.id, version: p.version };
    part = p
      ? {
          kind: p.kind,
          fits: p.fits,
          quantity: p.quantity,
          state: p.state,
          place: p.place,
          cameFrom: p.cameFrom,
          owner: p.owner,
          dueOn: p.dueOn,
        }
      : { kind: '', fits: '', quantity: 1, state: 'notKnown', place: '', cameFrom: '', owner: '', dueOn: null };
    quantity = String(part.quantity);
    form.forget();
    sheet = 'part';
  }
  function openFastener(f?: Schemas['StoreFastener']) {
    of = f && { id: f.id, version: f.version };
    fastener = f
      ? {
          thread: f.thread,
          length: String(f.lengthMillimetres),
          head: f.head,
          quantity: String(f.quantity),
          place: f.place,
        }
      : { thread: 'M3', length: '6', head: 'pan', quantity: '10', place: '' };
    form.forget();
    sheet = 'fastener';
  }
  async function savePart() {
    const body = {
      ...$state.snapshot(part),
      dueOn: part.dueOn || null,
      quantity: Math.round(number(quantity, 'how many') ?? 0),
    };
    if (of)
      await act(
        api.PUT('/api/store/parts/{partId}', {
          params: { path: { partId: of.id } },
          headers: basedOn(of.version),
          body,
        }),
      );
    else await act(api.POST('/api/store/parts', { body }));
    sheet = '';
  }
  async function saveFastener() {
    const body = {
      thread: fastener.thread,
      lengthMillimetres: number(fastener.length, 'the length') ?? 0,
      head: fastener.head,
      quantity: Math.round(number(fastener.quantity, 'how many') ?? 0),
      place: fastener.place,
    };
    if (of)
      await act(
        api.PUT('/api/store/fasteners/{fastenerId}', {
          params: { path: { fastenerId: of.id } },
          headers: basedOn(of.version),
          body,
        }),
      );
    else await act(api.POST('/api/store/fasteners', { body }));
    sheet = '';
  }
  const remove = () =>
    form.send(async () => {
      if (sheet === 'part')
        await act(api.DELETE('/api/store/parts/{partId}', { params: { path: { partId: of!.id } } }));
      else await act(api.DELETE('/api/store/fasteners/{fastenerId}', { params: { path: { fastenerId: of!.id } } }));
      sheet = '';
    });
  useKeys([
    { key: 'a', words: 'A part into the store', run: () => openPart() },
    { key: 'f', words: 'Fasteners into the store', run: () => openFastener() },
    { key: 's', words: 'A supply onto the shelf', run: () => shelf?.open() },
  ]);
</script>

<svelte:head><title>Store · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="store" />
  <main>
    <Query {query} what="the store">
      {#snippet children(data)}
        {@const spare = data.parts.filter((p) => !p.part.forMachineId)}
        <h1 class="text-title leading-tight font-bold">
          {data.parts.length
            ? `${spare.reduce((n, p) => n + p.part.quantity, 0)} ${spare.length === 1 && spare[0]!.part.quantity === 1 ? 'part' : 'parts'} to give${data.parts.some((p) => p.part.forMachineId) ? `, ${data.parts.reduce((n, p) => n + (p.part.forMachineId ? p.part.quantity : 0), 0)} set aside` : ''}`
            : 'No part in the store yet'}
        </h1>
        <p class="text-soft">
          Whole parts from donors and purchases, each with where it came from. Capacitors are in the <a
            class="underline"
            href="/drawer">drawer</a
          >.
        </p>
        <div class="mt-3 max-w-80">
          <TextField label="Find a part, a supply or a fastener" bind:value={text} />
        </div>
        <div class="mt-4 grid gap-x-10 gap-y-6 lg:grid-cols-[minmax(0,1.4fr)_minmax(0,1fr)]">
          <div class="grid content-start gap-6">
            <section aria-label="Parts">
              <h2 class="text-lg font-bold">Parts</h2>
              <ul class="mt-1 border-t border-sill">
                {#each data.parts.filter( (p) => has(`${p.part.kind} ${p.part.fits} ${p.part.cameFrom} ${p.part.place}`) ) as { part: p, forMachine } (p.id)}
                  <li>
                    <button
                      class="grid w-full grid-cols-[2.5rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-sill py-2 text-left hover:bg-rock/60"
                      onclick={() => openPart(p)}
                      ><span class="reading">{p.quantity}×</span><span
                        ><strong>{p.kind.charAt(0).toUpperCase() + p.kind.slice(1)}</strong>{p.fits
                          ? `, ${p.fits}`
                          : ''}<span class="block text-sm text-soft"
                          >{[
                            p.cameFrom && `from ${p.cameFrom}`,
                            forMachine && `for ${forMachine}`,
                            p.owner && `belongs to ${p.owner}`,
                            p.dueOn && `goes back by ${day(p.dueOn)}`,
                          ]
                            .filter(Boolean)
                            .join(' · ')}</span
                        ></span
                      ><span class="text-right text-sm {p.state === 'good' ? 'text-verdigris' : 'text-brass-ink'}"
                        >{partStateWords[p.state]}<span class="block text-soft">{p.place}</span></span
                      ></button
                    >
                  </li>
                {:else}<li class="border-b border-sill py-4 text-soft">Nothing of that name.</li>{/each}
              </ul>
            </section>
            <Shelf bind:this={shelf} find={text} />
          </div>
          <section aria-label="Fasteners">
            <h2 class="text-lg font-bold">Spare fasteners</h2>
            <ul class="mt-1 border-t border-sill">
              {#each data.fasteners.filter( (f) => has(`${f.thread} ${f.lengthMillimetres} ${f.head} ${f.place}`) ) as f (f.id)}
                <li>
                  <button
                    class="grid w-full grid-cols-[3rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-sill py-2 text-left hover:bg-rock/60"
                    onclick={() => openFastener(f)}
                    ><span class="reading">{f.quantity}×</span><span
                      ><strong>{f.thread} × {plain(f.lengthMillimetres)}</strong> {f.head}</span
                    ><span class="reading text-soft">{f.place}</span></button
                  >
                </li>
              {:else}<li class="border-b border-sill py-4 text-soft">None.</li>{/each}
            </ul>
          </section>
        </div>
        <BenchEdge>
          {#snippet next()}<button class="btn-next" onclick={() => openPart()}>A part into the store</button>{/snippet}
          {#snippet acts()}<button class="act" onclick={() => shelf?.open()}>Onto the shelf <Key k="S" /></button>
            <button class="act" onclick={() => openFastener()}>Fasteners <Key k="F" /></button>{/snippet}
        </BenchEdge>
      {/snippet}
    </Query>
  </main>
</div>

<Sheet bind:current={sheet} name="part" title={of ? 'In the store' : 'Into the store'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(savePart);
    }}
  >
    <ProblemNote problem={form.problem} />
    <div class="grid gap-4 sm:grid-cols-2">
      <TextField label="What part" error={form.field('kind')} bind:value={part.kind} required maxlength={60} />
      <TextField label="What it fits" bind:value={part.fits} maxlength={40} />
      <NumberField label="How many" error={form.field('quantity')} bind:value={quantity} whole required />
      <SelectField
        label="It is"
        bind:value={part.state}
        options={[
          ...Object.entries(partStateWords)
            .filter(([v]) => v !== 'missing')
            .map(([v, w]) => [v, w] as const),
        ]}
      />
      <TextField label="Where it lies" bind:value={part.place} maxlength={40} />
      <TextField label="Where it came from" bind:value={part.cameFrom} maxlength={200} />
      <TextField
        label="Whose it is"
        hint="Empty for the workshop’s own."
        error={form.field('owner')}
        bind:value={part.owner}
        maxlength={80}
      />
      <DayField
        label="Goes back by"
        error={form.field('dueOn')}
        bind:value={() => part.dueOn ?? '', (v) => (part.dueOn = v || null)}
      />
    </div>
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep it</button>{#if of}<button
          type="button"
          class="act"
          onclick={() => void remove()}>Out of the store</button
        >{/if}
    </div>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="fastener" title={of ? 'Spare fasteners' : 'Fasteners into the store'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(saveFastener);
    }}
  >
    <ProblemNote problem={form.problem} />
    <div class="grid grid-cols-2 gap-4 sm:grid-cols-3">
      <TextField
        label="Thread"
        error={form.field('thread')}
        bind:value={fastener.thread}
        mono
        required
        maxlength={30}
      />
      <NumberField label="Length, mm" error={form.field('lengthMillimetres')} bind:value={fastener.length} required />
      <TextField label="Head" bind:value={fastener.head} maxlength={30} />
      <NumberField label="How many" error={form.field('quantity')} bind:value={fastener.quantity} whole required />
      <TextField label="Where they lie" bind:value={fastener.place} maxlength={40} />
    </div>
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep them</button>{#if of}<button
          type="button"
          class="act"
          onclick={() => void remove()}>Out of the store</button
        >{/if}
    </div>
  </form>
</Sheet>

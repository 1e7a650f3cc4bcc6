<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { standWords } from '$lib/words';
  import { go } from '../router';
  import { size } from './record';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  type Line = Schemas['FastenerRow'];
  const query = createQuery(() => ({
    queryKey: ['rebuild', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/rebuild', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let into = $state<Line>();
  let count = $state('1');
  let thread = $state('');
  let length = $state('');
  let headOf = $state('');
  const rank = { wrong: 0, leftOver: 1, missingFromBefore: 2, inTray: 3, back: 4 } as const;
  const rows = $derived(
    [...(query.data?.fasteners.rows ?? [])].sort(
      (a, b) => rank[a.stand] - rank[b.stand] || a.stepNumber - b.stepNumber,
    ),
  );
  const bad = $derived(rows.filter((r) => r.stand === 'wrong' || r.stand === 'leftOver'));
  const of = (r: Line) => query.data!.pieces.flatMap((p) => p.row.fasteners).find((f) => f.id === r.id)!;
  const marks = { wrong: 'out', leftOver: 'out', missingFromBefore: 'if', inTray: 'waiting', back: 'done' } as const;

  const send = (r: Line, body: Schemas['FastenerBackAsk']) =>
    act(
      api.POST('/api/machines/{id}/rebuild/fasteners/{fastenerId}', {
        params: { path: { id, fastenerId: r.id } },
        body,
      }),
    );
  function open(r: Line) {
    const f = of(r);
    into = r;
    count = String(Math.max(1, r.left));
    thread = f.thread;
    length = f.lengthMillimetres == null ? '' : String(f.lengthMillimetres);
    headOf = f.head;
    form.forget();
  }
  const put = () =>
    form.send(async () => {
      await send(into!, {
        count: Math.round(number(count, 'how many') ?? 0),
        thread,
        lengthMillimetres: number(length, 'the length'),
        head: headOf,
        fromStoreId: null,
      });
      into = undefined;
    });
  const spare = (r: Line) =>
    form.send(() =>
      send(r, {
        count: Math.min(r.emptyHoles, r.spares[0]!.quantity),
        thread: r.spares[0]!.thread,
        lengthMillimetres: r.spares[0]!.lengthMillimetres,
        head: r.spares[0]!.head,
        fromStoreId: r.spares[0]!.id,
      }),
    );
  const takeOut = (r: Line) =>
    form.send(() =>
      act(
        api.DELETE('/api/machines/{id}/rebuild/fasteners/{fastenerId}', { params: { path: { id, fastenerId: r.id } } }),
      ),
    );
  useKeys([{ key: 'b', words: 'Put the first one back', run: () => bad[0] && open(bad[0]) }]);
</script>

<svelte:head><title>Fasteners · {head.machine.name}</title></svelte:head>

<Query {query} what="the fasteners">
  {#snippet children(data)}
    {@const r = data.fasteners}
    <h1 class="max-w-read text-title leading-tight font-bold {bad.length ? 'text-oxide' : ''}">
      {r.verdict.sentence}
    </h1>
    <dl class="mt-3 flex flex-wrap gap-x-9 gap-y-2">
      {#each [[r.out, 'came out'], [r.in, 'back in'], [r.inTrays, 'in trays'], [r.leftOver, 'left over'], [r.missingFromBefore, 'missing before you'], [r.wrong, 'wrong']] as [n, w] (w)}<div
          class="flex flex-col-reverse"
        >
          <dt class="text-sm text-soft">{w}</dt>
          <dd class="reading text-saying leading-tight {n && (w === 'left over' || w === 'wrong') ? 'text-oxide' : ''}">
            {n}
          </dd>
        </div>{/each}
    </dl>
    {#if !into}<div class="mt-2"><ProblemNote problem={form.problem} /></div>{/if}
    <ul class="mt-4 border-t border-sill">
      {#each rows as row (row.id)}
        <li
          class="grid items-center gap-x-4 gap-y-1 border-b border-sill py-2 sm:grid-cols-[2rem_13rem_minmax(0,1fr)_auto]"
        >
          <Mark of={marks[row.stand]} size={26} word={standWords[row.stand]} />
          <p>
            <strong class="text-lg">{row.size}</strong><span class="block text-sm text-soft"
              >{[row.hole, row.tray && `tray ${row.tray}`].filter(Boolean).join(' · ')}</span
            >
          </p>
          <p class="min-w-0">
            <span class={row.stand === 'wrong' || row.stand === 'leftOver' ? 'font-bold text-oxide' : ''}
              >{row.sentence}</span
            >
            <span class="text-sm text-soft"
              >Step {row.stepNumber}, {row.stepTitle.toLowerCase()}: {row.in} of {row.out}{row.emptyHoles
                ? `, ${row.emptyHoles} empty`
                : ''}</span
            >
          </p>
          <p class="flex gap-4">
            {#if row.emptyHoles && row.spares[0]}<button
                class="btn"
                disabled={form.busy}
                onclick={() => void spare(row)}
                >Take {Math.min(row.emptyHoles, row.spares[0].quantity)} from {row.spares[0].place}</button
              >{/if}
            {#if row.left > 0}<button
                class="act text-ink"
                aria-label="Put back: {row.size}, {row.stepTitle}"
                onclick={() => open(row)}>Put back</button
              >{/if}
            {#if row.in > 0}<button
                class="act"
                aria-label="Out again: {row.size}, {row.stepTitle}"
                onclick={() => void takeOut(row)}>Out again</button
              >{/if}
          </p>
        </li>
      {:else}
        <li class="border-b border-sill py-6 text-soft">
          No fastener has been recorded. They are noted at each step of the strip-down.
        </li>
      {/each}
    </ul>
    <BenchEdge>
      {#snippet next()}{#if bad[0]}<button class="btn-next" onclick={() => open(bad[0]!)}
            >{bad[0].stand === 'wrong' ? 'Put the right one in' : 'It has found its home'}</button
          >{:else}<button class="btn-next" onclick={() => go(`/m/${id}/rebuild`)}>To the rebuild</button>{/if}{/snippet}
      {#snippet needs()}{bad[0]
          ? `Step ${bad[0].stepNumber}, ${bad[0].stepTitle.toLowerCase()}${bad[0].hole ? `, ${bad[0].hole}` : ''}.`
          : ''}{/snippet}
      {#snippet acts()}<a class="act" href="/store">Spares in the store</a>{/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet
  bind:open={
    () => !!into,
    (v) => {
      if (!v) into = undefined;
    }
  }
  title={into ? `Into ${into.stepTitle.toLowerCase()}` : ''}
  about={into ? `What came out: ${size(of(into))} ${of(into).head}${into.hole ? `, ${into.hole}` : ''}.` : ''}
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void put();
    }}
  >
    <ProblemNote problem={form.problem} />
    <div class="grid grid-cols-2 gap-3 sm:grid-cols-4">
      <NumberField label="How many" error={form.field('count')} bind:value={count} whole size="text-xl" required />
      <TextField label="Thread" bind:value={thread} mono required maxlength={30} />
      <NumberField label="Length, mm" error={form.field('lengthMillimetres')} bind:value={length} size="text-xl" />
      <TextField label="Head" bind:value={headOf} maxlength={30} />
    </div>
    <button class="btn-next justify-self-start" disabled={form.busy}>It goes in here</button>
  </form>
</Sheet>

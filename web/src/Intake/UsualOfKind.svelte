<!-- @component What is usual of a machine's kind: in words, each as it is, and never as a fact of this one. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { lower, plain } from '$lib/format';
  import { likelihoodWords, traitWords } from '$lib/words';

  let { id, kindId }: { id: string; kindId: string } = $props();
  const query = createQuery(() => ({
    queryKey: ['usual', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/usual', { params: { path: { id } } })),
    enabled: !!kindId,
  }));
  const words: [keyof Schemas['KindUsual'], string][] = [
    ['cell', 'Cell'],
    ['capacitors', 'Capacitors'],
    ['supply', 'Supply'],
    ['memory', 'Memory'],
    ['storage', 'Storage and its limits'],
    ['display', 'Display'],
    ['case', 'Case'],
    ['fasteners', 'Fasteners'],
  ];
</script>

{#if query.data?.kind}
  {@const { kind, open, hours } = query.data}
  <section aria-label="Usual of its kind" class="mt-6 border-l-4 border-tide pl-4">
    <h2 class="text-lg font-bold">Usual of its kind: {kind.name}</h2>
    <p class="text-sm text-soft">Likely, and no more than that: what is seen in this one outranks it.</p>
    {#if open.length}<p class="mt-2 text-sm">
        <strong>Nobody has looked yet for</strong>
        {open.map((p) => `${lower(traitWords[p.trait])} (${likelihoodWords[p.how]})`).join(', ')}.
      </p>{/if}
    <dl class="mt-2 grid gap-x-5 gap-y-1 text-sm sm:grid-cols-[9rem_1fr]">
      {#each words.filter(([k]) => kind.usual[k]) as [k, w] (k)}<dt class="text-soft">{w}</dt>
        <dd>{kind.usual[k]}</dd>{/each}
      {#if kind.apart.length}<dt class="text-soft">Order of apart</dt>
        <dd>{kind.apart.join(', ').replace(/, (\w)/g, (_, c: string) => `, ${c.toLowerCase()}`)}</dd>{/if}
      {#if hours}<dt class="text-soft">Hours at the bench</dt>
        <dd>
          <span class="reading">{plain(hours.hours.low)} to {plain(hours.hours.high)}</span>, likely
          <span class="reading">{plain(hours.hours.likely)}</span>
          <span class="text-soft"
            >{hours.fromOwn
              ? `from ${hours.fromOwn} finished here`
              : 'an estimate, until three of its kind are finished here'}</span
          >
        </dd>{/if}
    </dl>
    {#if kind.watch.length}<ul class="mt-2 list-disc pl-5 text-sm">
        {#each kind.watch as w (w)}<li>{w}</li>{/each}
      </ul>{/if}
  </section>
{/if}

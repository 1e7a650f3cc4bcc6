<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { day, minutes, money } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { session } from '$lib/session.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Key from '$lib/ui/Key.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { photoUrl } from '../Intake/photos';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['write-up', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/write-up', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let asking = $state(false);
  const handOver = (overruleReason: string | null = null) =>
    act(api.POST('/api/machines/{id}/hand-over', { params: { path: { id } }, body: { overruleReason } }));
  const back = () => act(api.DELETE('/api/machines/{id}/hand-over', { params: { path: { id } } }));
  function doNext() {
    if (query.data?.ready.outcome === 'no') asking = true;
    else void form.send(() => handOver());
  }
  useKeys([{ key: 'p', words: 'Print the write-up', run: () => window.print() }]);
</script>

<svelte:head><title>Write-up · {head.machine.name}</title></svelte:head>
<Query {query} what="the write-up">
  {#snippet children(data)}
    {@const w = data.writeUp}
    <div class="grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem] print:block">
      <article class="max-w-read min-w-0">
        <p class="text-sm text-soft">
          {session.value?.workshopName}{data.handedOverAt
            ? ` · handed over ${day(data.handedOverAt)}`
            : ' · as it stands today'}
        </p>
        <h1 class="text-saying leading-tight font-bold">{w.machine}</h1>
        <p class="mt-1 text-lg">{w.summary}</p>
        {#each w.sections as s (s.title)}
          <section class="mt-5 sill pt-3 print:break-inside-avoid">
            <h2 class="text-lg font-bold">{s.title}</h2>
            <ul class="mt-1 grid gap-1">
              {#each s.lines as l, i (i)}<li>{l}</li>{/each}
            </ul>
          </section>
        {/each}
        {#if head.photos.length}
          <section class="mt-5 sill pt-3">
            <h2 class="text-lg font-bold">Photos</h2>
            <div class="mt-2 grid grid-cols-3 gap-2">
              {#each head.photos.slice(0, 9) as p (p.id)}<figure>
                  <img
                    class="aspect-4/3 w-full rounded object-cover"
                    src={photoUrl(p.hash, true)}
                    alt={p.caption || 'Photo without a caption'}
                  />
                  <figcaption class="text-xs text-soft">{p.caption}</figcaption>
                </figure>{/each}
            </div>
          </section>
        {/if}
      </article>
      <aside class="grid content-start gap-5 print:mt-5" aria-label="In figures">
        <div class="no-print rounded-lg bg-paper p-5">
          {#if data.handedOverAt}<p class="text-xl font-bold text-verdigris">
              Handed over on {day(data.handedOverAt)}.
            </p>
          {:else}<Verdict
              verdict={data.ready}
              figures={false}
              words={{ yes: 'Ready', no: 'Not ready', yesIf: 'Ready, with open points' }}
            />{/if}
        </div>
        <dl class="grid grid-cols-2 gap-4">
          <div class="flex flex-col-reverse">
            <dt class="text-sm text-soft">cost in all{w.costs.paid == null ? ', price not known' : ''}</dt>
            <dd class="reading text-3xl">{money(w.costs.total, w.costs.currency)}</dd>
          </div>
          <div class="flex flex-col-reverse">
            <dt class="text-sm text-soft">hands-on</dt>
            <dd class="reading text-3xl">{minutes(w.costs.minutes)}</dd>
          </div>
          {#if w.nextCellCheck}<div class="col-span-2 flex flex-col-reverse">
              <dt class="text-sm text-soft">look at the battery again by</dt>
              <dd class="reading text-2xl">{day(w.nextCellCheck)}</dd>
            </div>{/if}
        </dl>
        <div class="no-print grid justify-items-start">
          <a class="act text-ink" href="/api/machines/{id}/export" download>Its document, JSON</a>
          <a class="act text-ink" href="/api/machines/{id}/export?photos=true" download>Its document with photos, ZIP</a
          >
        </div>
      </aside>
    </div>
    <ProblemNote problem={asking ? undefined : form.problem} />
    <BenchEdge>
      {#snippet next()}{#if data.handedOverAt}<button
            class="btn-next"
            disabled={form.busy}
            onclick={() => void form.send(back)}>It came back</button
          >{:else}<button class="btn-next" disabled={form.busy} onclick={doNext}>Hand it over</button>{/if}{/snippet}
      {#snippet needs()}{data.handedOverAt ? '' : data.ready.sentence}{/snippet}
      {#snippet acts()}<button class="act" onclick={() => window.print()}>Print <Key k="P" /></button>{/snippet}
    </BenchEdge>
    <Sheet bind:open={asking} title="Hand it over all the same?" about={data.ready.sentence}
      ><OverruleForm
        ondo={async (r) => {
          await handOver(r);
          asking = false;
        }}
      /></Sheet
    >
  {/snippet}
</Query>

<!-- @component Every rule as a small form, without a machine: what one wants to know at the bench in two taps, kept in a list for the evening. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { go, route } from '../router';
  import Answer from './Answer.svelte';
  import RuleFields from './RuleFields.svelte';
  import { blank, body, fill, rules, sentence, usual, type TypedGroup } from './rules';

  interface Worked {
    rule: string;
    title: string;
    sentence: string;
    body: unknown;
    at: string;
  }
  const id = $derived('room' in route.params && route.params.room ? `${route.params.room}/${route.params.rule}` : '');
  const rule = $derived(rules.find((r) => r.id === id));
  let typed = $state<TypedGroup>({});
  let answer = $state.raw<unknown>();
  let search = $state('');
  let list = $state<Worked[]>(JSON.parse(localStorage.getItem('haar.worked') ?? '[]') as Worked[]);
  let putting = $state<Worked>();
  let onto = $state('');
  const form = new Sending();
  const put = new Sending();
  let again: unknown;

  $effect(() => {
    if (!rule) return;
    typed = again === undefined ? blank(rule.fields) : fill(rule.fields, again);
    again = undefined;
    answer = undefined;
    form.forget();
  });

  const words = $derived(search.trim().toLowerCase().split(/\s+/).filter(Boolean));
  const found = $derived(
    rules.filter((r) => words.every((w) => `${r.title} ${r.room} ${r.id}`.toLowerCase().includes(w))),
  );
  const rooms = $derived([...new Set(found.map((r) => r.room))]);
  const machines = createQuery(() => ({
    queryKey: ['workshop', 'names'],
    queryFn: () => ask(api.GET('/api/workshop')),
    enabled: !!putting,
  }));

  const workOut = () =>
    form.send(async () => {
      answer = undefined;
      const sent = body(rule!.fields, typed);
      // Each rule has a path and a body of its own; here they are known by their description alone.
      const said: unknown = await ask(
        api.POST(`/api/calc/${rule!.id}` as '/api/calc/costs/go-on', { body: sent as never }),
      );
      answer = said;
      keep({ rule: rule!.id, title: rule!.title, sentence: sentence(said), body: sent, at: new Date().toISOString() });
    });
  function keep(w: Worked) {
    list = [w, ...list.filter((x) => x.sentence !== w.sentence || x.rule !== w.rule)].slice(0, 40);
    localStorage.setItem('haar.worked', JSON.stringify(list));
  }
  function clear() {
    list = [];
    localStorage.removeItem('haar.worked');
  }
  function reopen(w: Worked) {
    again = w.body;
    if (w.rule === id) {
      typed = fill(rule!.fields, w.body);
      answer = undefined;
    } else go(`/work-out/${w.rule}`);
  }
  const putOn = () =>
    put.send(async () => {
      await act(
        api.POST('/api/machines/{id}/log', {
          params: { path: { id: onto } },
          body: { text: `${putting!.title}: ${putting!.sentence}` },
        }),
      );
      putting = undefined;
    });
  useKeys([{ key: 'e', words: 'Fill in the example', run: () => rule && (typed = fill(rule.fields, rule.example)) }]);
</script>

<svelte:head><title>{rule ? `${rule.title} · Work out` : 'Work out'} · Haar</title></svelte:head>
<div class="mx-auto max-w-page px-4 pb-28 sm:px-7">
  <TopBar at="workout" />
  <main class="grid gap-8 lg:grid-cols-[minmax(0,1fr)_22rem]">
    <div class="min-w-0">
      {#if id && !rule}
        <h1 class="text-title font-bold">There is no such rule</h1>
        <p class="mt-2"><a class="underline" href="/work-out">Every rule</a></p>
      {:else if rule}
        <p class="text-sm"><a class="act" href="/work-out">Every rule</a></p>
        <h1 class="mt-1 text-title leading-tight font-bold text-pretty">{rule.title}</h1>
        <form
          id="rule"
          class="mt-4"
          novalidate
          onsubmit={(e) => {
            e.preventDefault();
            void workOut();
          }}
        >
          <RuleFields fields={rule.fields} bind:typed error={(path) => form.field(path)} />
          <div class="mt-4"><ProblemNote problem={form.problem} /></div>
        </form>
        {#if answer !== undefined}
          <section aria-label="Answer" aria-live="polite" class="mt-4 rounded-lg bg-paper px-5 py-4">
            <Answer value={answer} />
          </section>
        {/if}
        <BenchEdge>
          {#snippet next()}<button class="btn-next" form="rule" disabled={form.busy}>Work it out</button>{/snippet}
          {#snippet acts()}<button class="act" onclick={() => (typed = fill(rule.fields, rule.example))}
              >Fill in the example <Key k="E" /></button
            >{#if answer !== undefined && list[0]?.sentence}<button
                class="act"
                onclick={() => {
                  put.forget();
                  putting = list[0];
                }}>Put this on a machine</button
              >{/if}{/snippet}
        </BenchEdge>
      {:else}
        <h1 class="text-title font-bold">Work out</h1>
        <p class="mt-1 text-soft">Every sum and judgement that Haar makes, without a machine.</p>
        <ul class="mt-4 grid grid-cols-2 gap-3 sm:grid-cols-3">
          {#each usual as [to, w] (to)}<li>
              <a
                class="flex min-h-16 items-center rounded-lg border-2 border-ink bg-paper px-4 py-2 text-lg leading-tight font-bold hover:bg-rock"
                href="/work-out/{to}">{w}</a
              >
            </li>{/each}
        </ul>
        <div class="mt-6 max-w-read">
          <TextField label="Find a rule" bind:value={search} autocomplete="off" placeholder="ripple, trace, rinse" />
        </div>
        {#each rooms as room (room)}
          <h2 class="mt-4 text-sm font-bold text-soft">{room}</h2>
          <ul class="border-t border-sill">
            {#each found.filter((r) => r.room === room) as r (r.id)}<li class="border-b border-sill">
                <a class="flex min-h-11 items-center py-1.5 hover:bg-rock/60" href="/work-out/{r.id}">{r.title}</a>
              </li>{/each}
          </ul>
        {:else}<p class="mt-4 text-soft">No rule of that name.</p>{/each}
        <p class="mt-6 text-sm text-soft">
          The same over HTTP, and the packs: <a class="underline" href="/reference">Reference</a>.
        </p>
      {/if}
    </div>
    <section aria-label="Worked out" class="min-w-0">
      <div class="flex items-baseline justify-between gap-4">
        <h2 class="text-lg font-bold">Worked out lately</h2>
        {#if list.length}<button class="act text-sm" onclick={clear}>Clear</button>{/if}
      </div>
      <ul class="mt-1 border-t border-sill">
        {#each list as w (w.at)}
          <li class="border-b border-sill py-2">
            <button class="block w-full text-left hover:underline" onclick={() => reopen(w)}
              ><span class="block text-sm text-soft">{w.title}</span><span class="font-semibold"
                >{w.sentence || 'Answered'}</span
              ></button
            >
            <p class="flex items-center gap-4 text-xs text-soft">
              {moment(w.at)}
              {#if w.sentence}<button
                  class="act min-h-8 text-xs"
                  onclick={() => {
                    put.forget();
                    putting = w;
                  }}>Put it on a machine</button
                >{/if}
            </p>
          </li>
        {:else}<li class="py-2 text-sm text-soft">Nothing yet. What you work out stays here, on this device.</li>{/each}
      </ul>
    </section>
  </main>
</div>

<Sheet
  bind:open={
    () => !!putting,
    (v) => {
      if (!v) putting = undefined;
    }
  }
  title="Put it on which machine?"
  about={putting?.sentence ?? ''}
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void putOn();
    }}
  >
    <ProblemNote problem={put.problem} />
    <SelectField
      label="Machine"
      options={[['', 'Choose one'], ...(machines.data?.machines ?? []).map((m) => [m.id, m.name] as const)]}
      bind:value={onto}
    />
    <button class="btn-next justify-self-start" disabled={put.busy || !onto}>Write it in its log</button>
  </form>
</Sheet>

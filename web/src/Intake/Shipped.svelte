<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import Mark, { type MarkOf } from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { fateWords } from '$lib/words';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['shipped', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/shipped', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let open = $state(false);
  let version = 0;
  let itemId = $state<string | null>(null);
  let e = $state<Schemas['FoundItemEdit']>({
    slot: '',
    what: '',
    absent: false,
    dateCode: '',
    evidence: '',
    saidFate: null,
  });
  const marks: Record<Schemas['ItemFate'], MarkOf> = {
    original: 'sound',
    swappedInPeriod: 'if',
    swappedLater: 'out',
    added: 'if',
    missing: 'out',
    notKnown: 'unknown',
  };
  const next = $derived(query.data?.result.items.find((i) => i.fate === 'notKnown'));

  function edit(item?: Schemas['ItemVerdict']) {
    const f = query.data!.found.find((x) => x.id === item?.id);
    itemId = f?.id ?? null;
    version = f?.version ?? 0;
    e = f
      ? {
          slot: f.slot,
          what: f.what,
          absent: f.absent,
          dateCode: f.dateCode,
          evidence: f.evidence,
          saidFate: f.saidFate,
        }
      : { slot: item?.slot ?? '', what: '', absent: false, dateCode: '', evidence: '', saidFate: null };
    form.forget();
    open = true;
  }
  async function save() {
    if (itemId)
      await act(
        api.PUT('/api/machines/{id}/shipped/{rowId}', {
          params: { path: { id, rowId: itemId } },
          headers: basedOn(version),
          body: e,
        }),
      );
    else await act(api.POST('/api/machines/{id}/shipped', { params: { path: { id } }, body: e }));
    open = false;
  }
  useKeys([{ key: 'i', words: 'Note an item', run: () => query.data && edit(next) }]);
</script>

<svelte:head><title>As shipped, as found · {head.machine.name}</title></svelte:head>

<Query {query} what="what was sold">
  {#snippet children(data)}
    <Verdict
      verdict={data.result.verdict}
      words={{ yes: 'As sold', yesIf: 'Nearest', unknown: 'Not known' }}
      big
      figures={false}
      heading={1}
    />
    {#if data.result.tellApart.length && data.result.verdict.outcome !== 'yes'}
      <p class="mt-3 font-semibold">What would tell them apart</p>
      <ul class="max-w-read">
        {#each data.result.tellApart as t (t)}<li>{t}</li>{/each}
      </ul>
    {/if}
    {#if data.result.items.length}
      <ul class="mt-5 border-t border-sill">
        {#each data.result.items as i (i.slot)}
          <li
            class="grid items-center gap-x-5 gap-y-0.5 border-b border-sill py-2.5 sm:grid-cols-[2rem_9rem_minmax(0,1fr)_minmax(0,1fr)_5rem]"
          >
            <Mark of={marks[i.fate]} size={26} word={fateWords[i.fate]} />
            <p class="leading-snug font-bold">
              {i.slot.charAt(0).toUpperCase() + i.slot.slice(1)}<span
                class="block text-sm {i.fate === 'original'
                  ? 'text-verdigris'
                  : i.fate === 'notKnown'
                    ? 'text-tide'
                    : 'text-brass-ink'}">{fateWords[i.fate]}{i.said ? ', by your word' : ''}</span
              >
            </p>
            <p class="text-sm">
              <span class="text-soft">As sold:</span>
              {i.shipped || (data.hasProfile ? 'nothing there' : 'not known')}<span class="block"
                ><span class="text-soft">As found:</span>
                {i.found || (i.fate === 'missing' ? 'gone' : 'not looked at')}</span
              >
            </p>
            <p class="text-sm">
              {i.sentence}{#if i.date}<span class="block text-soft"
                  >Code <span class="reading">{i.date.code}</span>: {i.date.sentence}</span
                >{/if}
            </p>
            <p class="sm:text-right">
              <button class="act text-ink" aria-label="{i.id ? 'Change' : 'Note'}: {i.slot}" onclick={() => edit(i)}
                >{i.id ? 'Change' : 'Note'}</button
              >
            </p>
          </li>
        {/each}
      </ul>
    {:else}
      <p class="mt-4 text-soft">
        Note the drive, the supply, the cards and the memory, each with the date code on it: a part that is younger than
        the machine tells of an earlier repair.
      </p>
    {/if}
    <BenchEdge>
      {#snippet next()}<button
          class="btn-next"
          onclick={() => edit(data.result.items.find((i) => i.fate === 'notKnown'))}>Note what is there</button
        >{/snippet}
      {#snippet needs()}{data.result.items.find((i) => i.fate === 'notKnown')?.slot
          ? `Next: ${data.result.items.find((i) => i.fate === 'notKnown')!.slot}.`
          : ''}{/snippet}
      {#snippet acts()}<button class="act" onclick={() => edit()}>Something else</button>{/snippet}
    </BenchEdge>
    <Sheet bind:open title="As found">
      <form
        class="grid gap-4"
        onsubmit={(ev) => {
          ev.preventDefault();
          void form.send(save);
        }}
      >
        <ProblemNote problem={form.problem} />
        <div class="grid gap-4 sm:grid-cols-2">
          <SuggestField
            label="Which item"
            error={form.field('slot')}
            bind:value={e.slot}
            suggestions={data.slots}
            required
            maxlength={60}
          />
          <TextField
            label="What is there"
            error={form.field('what')}
            bind:value={e.what}
            autocomplete="off"
            maxlength={120}
            disabled={e.absent}
          />
          <NumberField
            label="Date code on it"
            hint="YYWW, WWYY or YWW, as printed."
            error={form.field('dateCode') ?? form.field('code')}
            bind:value={e.dateCode}
            whole
            maxlength={8}
          />
          <TextField label="What else says so" bind:value={e.evidence} maxlength={300} />
          <SelectField
            label="Your own word"
            hint="Stands against what is worked out."
            bind:value={e.saidFate}
            options={[[null, 'As worked out'], ...Object.entries(fateWords).map(([v, w]) => [v, w] as const)]}
          />
        </div>
        <label class="flex min-h-11 items-center gap-3"
          ><CheckBox bind:checked={e.absent} large onchange={() => e.absent && (e.what = '')} />Its place is empty</label
        >

        <div class="flex gap-6">
          <button class="btn-next" disabled={form.busy}>Keep it</button>{#if itemId}<button
              type="button"
              class="act"
              onclick={() =>
                void form.send(async () => {
                  await act(
                    api.DELETE('/api/machines/{id}/shipped/{rowId}', { params: { path: { id, rowId: itemId! } } }),
                  );
                  open = false;
                })}>Take it off</button
            >{/if}
        </div>
      </form>
    </Sheet>
  {/snippet}
</Query>

<!-- @component What is used up at the bench, and tools: how much is left, and until when it is good. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, day, number, plain } from '$lib/format';
  import Choice from '$lib/ui/Choice.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { unitSigns, unitWords } from './words';

  let { find = '' }: { find?: string } = $props();
  const query = createQuery(() => ({ queryKey: ['supplies'], queryFn: () => ask(api.GET('/api/store/supplies')) }));
  const form = new Sending();
  let sheet = $state<'supply' | ''>('');
  let of = $state<{ id: string; version: number }>();
  let kind = $state('');
  let name = $state('');
  let unit = $state<Schemas['SupplyUnit']>('millilitres');
  let amount = $state('');
  let tool = $state<'no' | 'yes'>('no');
  let opened = $state<string | null>(null);
  let keeps = $state('');
  let comes = $state('');
  let place = $state('');

  export function open(r?: Schemas['SupplyRow']) {
    of = r && { id: r.supply.id, version: r.supply.version };
    kind = r?.supply.kind ?? '';
    name = r?.supply.name ?? '';
    unit = r?.supply.unit ?? 'millilitres';
    amount = r ? plain(r.left, 6) : '';
    tool = r?.supply.tool ? 'yes' : 'no';
    opened = r?.supply.openedOn ?? null;
    keeps = r?.supply.keepsMonths == null ? '' : String(r.supply.keepsMonths);
    comes = r?.supply.daysToCome == null ? '' : String(r.supply.daysToCome);
    place = r?.supply.place ?? '';
    form.forget();
    sheet = 'supply';
  }
  async function save() {
    const whole = (v: string, what: string) => {
      const n = number(v, what);
      return n == null ? null : Math.round(n);
    };
    const body: Schemas['SupplyEdit'] = {
      kind,
      name,
      unit,
      amount: number(amount, 'how much') ?? (tool === 'yes' ? 1 : 0),
      tool: tool === 'yes',
      openedOn: opened || null,
      keepsMonths: whole(keeps, 'the months'),
      daysToCome: whole(comes, 'the days'),
      place,
    };
    if (of)
      await act(
        api.PUT('/api/store/supplies/{supplyId}', {
          params: { path: { supplyId: of.id } },
          headers: basedOn(of.version),
          body,
        }),
      );
    else await act(api.POST('/api/store/supplies', { body }));
    sheet = '';
  }
  const remove = () =>
    form.send(async () => {
      await act(api.DELETE('/api/store/supplies/{supplyId}', { params: { path: { supplyId: of!.id } } }));
      sheet = '';
    });
  const has = (r: Schemas['SupplyRow']) =>
    `${r.supply.kind} ${r.supply.name} ${r.supply.place}`.toLowerCase().includes(find.trim().toLowerCase());
  const words: Record<string, string> = { good: '', spoilt: 'past its day', empty: 'used up' };
</script>

<section aria-label="On the shelf">
  <h2 class="text-lg font-bold">On the shelf</h2>
  <Query {query} what="the shelf">
    {#snippet children(data)}
      <ul class="mt-1 border-t border-sill">
        {#each data.supplies
          .filter(has)
          .sort((a, b) => Number(a.supply.tool) - Number(b.supply.tool)) as r (r.supply.id)}
          <li>
            <button
              class="grid w-full grid-cols-[6rem_minmax(0,1fr)_auto] items-baseline gap-x-3 border-b border-sill py-2 text-left hover:bg-rock/60"
              onclick={() => open(r)}
              ><span class="reading"
                >{r.supply.tool
                  ? 'tool'
                  : `${plain(r.left, 4)}${r.supply.unit === 'pieces' ? '' : ' '}${unitSigns[r.supply.unit]}`}</span
              ><span
                ><strong>{capital(r.supply.kind)}</strong>{r.supply.name ? `, ${r.supply.name}` : ''}<span
                  class="block text-sm text-soft"
                  >{[
                    r.supply.openedOn && `opened ${day(r.supply.openedOn)}`,
                    r.keepsUntil && `good until ${day(r.keepsUntil)}`,
                    r.supply.daysToCome != null &&
                      `a new one in ${r.supply.daysToCome} ${r.supply.daysToCome === 1 ? 'day' : 'days'}`,
                  ]
                    .filter(Boolean)
                    .join(' · ')}</span
                ></span
              ><span class="text-right text-sm {r.word === 'good' ? '' : 'font-semibold text-brass-ink'}"
                >{words[r.word]}<span class="block font-normal text-soft">{r.supply.place}</span></span
              ></button
            >
          </li>
        {:else}<li class="border-b border-sill py-4 text-soft">
            Nothing is on the shelf’s list. What is put here comes off by itself as work uses it, and what will run
            short is said in time for the post.
          </li>{/each}
      </ul>
    {/snippet}
  </Query>
</section>

<Sheet bind:current={sheet} name="supply" title={of ? 'On the shelf' : 'Onto the shelf'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(save);
    }}
  >
    <ProblemNote problem={form.problem} />
    <div class="grid gap-4 sm:grid-cols-2">
      <SuggestField
        label="What it is"
        hint="By the name that work asks for."
        error={form.field('kind')}
        bind:value={kind}
        suggestions={query.data?.kinds ?? []}
        required
        maxlength={60}
      />
      <TextField label="What its label says" bind:value={name} maxlength={80} />
      <Choice label="A tool, which is not used up?" bind:value={tool} options={{ no: 'No', yes: 'Yes' }} />
      {#if tool === 'no'}
        <SelectField label="Counted in" bind:value={unit} options={unitWords} />
      {/if}
      <NumberField label="How much is there" error={form.field('counted')} bind:value={amount} required />
      {#if tool === 'no'}
        <DayField label="Opened on" error={form.field('openedOn')} bind:value={opened} />
        <NumberField label="Good for, months from then" whole error={form.field('keepsMonths')} bind:value={keeps} />
        <NumberField label="A new one takes, days" whole error={form.field('daysToCome')} bind:value={comes} />
      {/if}
      <TextField label="Where it stands" bind:value={place} maxlength={40} />
    </div>
    <div class="flex gap-6">
      <button class="btn-next" disabled={form.busy}>Keep it</button>{#if of}<button
          type="button"
          class="act"
          onclick={() => void remove()}>Off the shelf</button
        >{/if}
    </div>
  </form>
</Sheet>

<!-- @component A connector, switch, socket or chip whose joints are made: what it is, how many pins, and what an iron would meet. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { lacquerWords, solderedWords, solderWorkWords } from '$lib/words';
  import type { Point, Side } from '../Boards/items';

  let {
    id,
    boardId,
    side,
    at,
    part,
    ondone,
  }: {
    id: string;
    boardId: string;
    side: Side;
    at?: Point;
    part?: Schemas['SolderedPart'];
    ondone: (id?: string) => void;
  } = $props();
  // svelte-ignore state_referenced_locally
  const p = part;
  let name = $state(p?.name ?? '');
  let kind = $state<Schemas['SolderedKind']>(p?.kind ?? 'connector');
  let job = $state<Schemas['SolderWork']>(p?.work ?? 'exchange');
  let why = $state(p?.why ?? '');
  let pins = $state(p ? String(p.pins) : '');
  let rows = $state(p ? String(p.rows) : '1');
  let round = $state<Schemas['ThreeState']>(p?.hasWayRound ?? 'notKnown');
  let open = $state<Schemas['ThreeState']>(p?.openContacts ?? 'notKnown');
  let lacquer = $state<Schemas['Lacquer']>(p?.lacquer ?? 'notKnown');
  let ago = $state(p?.lacqueredAt ? plain((Date.now() - new Date(p.lacqueredAt).getTime()) / 3_600_000, 3) : '');
  let cure = $state(p?.cureHours != null ? plain(p.cureHours) : '');
  const form = new Sending();
  const sides = $derived(kind === 'chip' || kind === 'socket');

  async function save() {
    const hours = number(ago, 'the hours since it was put on');
    const body: Schemas['SolderedEdit'] = {
      name,
      kind,
      work: job,
      why,
      side,
      x: p?.x ?? at?.x ?? null,
      y: p?.y ?? at?.y ?? null,
      pins: number(pins, 'the pins') ?? 0,
      rows: number(rows, 'the rows') ?? 0,
      hasWayRound: round,
      openContacts: open,
      lacquer,
      lacqueredAt: lacquer === 'fresh' && hours != null ? new Date(Date.now() - hours * 3_600_000).toISOString() : null,
      cureHours: lacquer === 'fresh' ? number(cure, 'the hours of the cure') : null,
    };
    const done = p
      ? await act(
          api.PUT('/api/machines/{id}/soldered/{rowId}', {
            params: { path: { id, rowId: p.id } },
            headers: basedOn(p.version),
            body,
          }),
        )
      : await act(
          api.POST('/api/machines/{id}/boards/{boardId}/soldered', { params: { path: { id, boardId } }, body }),
        );
    ondone(done.id ?? undefined);
  }
  const remove = () =>
    form.send(async () => {
      await act(api.DELETE('/api/machines/{id}/soldered/{rowId}', { params: { path: { id, rowId: p!.id } } }));
      ondone();
    });
</script>

<form
  class="grid gap-4 sm:grid-cols-2"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
  <TextField
    label="Which part"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="J4, the power switch"
  />
  <SelectField label="What it is" bind:value={kind} options={solderedWords} />
  <Choice class="sm:col-span-2" label="What is to be done" bind:value={job} options={solderWorkWords} />
  <NumberField label="Pins" whole error={form.field('pins')} bind:value={pins} required />
  <NumberField
    label={sides ? 'Sides with pins' : 'Rows of pins'}
    whole
    error={form.field('rows')}
    bind:value={rows}
    required
  />
  {#if job === 'exchange'}<Choice
      label="Can it go in wrongly?"
      bind:value={round}
      options={[
        ['yes', 'Yes'],
        ['no', 'No'],
        ['notKnown', 'Don’t know'],
      ]}
    />{/if}
  <Choice
    label="Can flux run into its contacts?"
    bind:value={open}
    options={[
      ['yes', 'Yes'],
      ['no', 'No'],
      ['notKnown', 'Don’t know'],
    ]}
  />
  <SelectField
    label="Lacquer over its joints"
    error={form.field('lacquer')}
    bind:value={lacquer}
    options={lacquerWords}
  />
  {#if lacquer === 'fresh'}
    <NumberField label="Put on how many hours ago, h" error={form.field('lacqueredAt')} bind:value={ago} />
    <NumberField
      label="It cures for, h"
      hint="By the can; a day where it says nothing."
      error={form.field('cureHours')}
      bind:value={cure}
    />
  {/if}
  <TextField
    class="sm:col-span-2"
    label="Why"
    error={form.field('why')}
    bind:value={why}
    maxlength={200}
    placeholder="pin 7 is broken"
  />
  <div class="flex items-center gap-5 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{p ? 'Keep it' : 'Put it on the list'}</button>
    {#if p}<button type="button" class="act text-oxide" disabled={form.busy} onclick={remove}
        >Take it off the map</button
      >{/if}
  </div>
</form>

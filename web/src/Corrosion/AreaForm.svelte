<!-- @component A corroded area: new from an outline, or changed. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { corrosionWords, leakWords } from '$lib/words';
  import type { Point, Side } from '../Boards/items';
  let {
    id,
    boardId,
    side,
    sheet,
    outline,
    row,
    ondone,
  }: {
    id: string;
    boardId: string;
    side: Side;
    sheet?: { widthMillimetres?: number | null };
    outline: Point[];
    row?: Schemas['AreaRow'];
    ondone: (id?: string) => void;
  } = $props();
  // svelte-ignore state_referenced_locally
  const a = row?.area;
  let name = $state(a?.name ?? '');
  let source = $state<Schemas['LeakSource']>(a?.source ?? 'notKnown');
  let stage = $state<Schemas['CorrosionStage']>(a?.looks.at(-1)?.stage ?? 'bloom');
  let ph = $state(a?.phBefore == null ? '' : plain(a.phBefore));
  // svelte-ignore state_referenced_locally
  let size = $state(row ? plain(row.squareCentimetres, 4) : '');
  const form = new Sending();
  async function save() {
    const body: Schemas['AreaEdit'] = {
      name,
      side,
      source,
      outline,
      stage,
      squareCentimetres: sheet?.widthMillimetres ? null : number(size, 'the size'),
      phBefore: number(ph, 'the pH'),
    };
    const done = a
      ? await act(
          api.PUT('/api/machines/{id}/areas/{rowId}', {
            params: { path: { id, rowId: a.id } },
            headers: basedOn(a.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/boards/{boardId}/areas', { params: { path: { id, boardId } }, body }));
    ondone(done.id ?? undefined);
  }
  async function remove() {
    await act(api.DELETE('/api/machines/{id}/areas/{rowId}', { params: { path: { id, rowId: a!.id } } }));
    ondone();
  }
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
    label="Where it is"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="the memory corner"
  />
  <SelectField label="What leaked" bind:value={source} options={leakWords} />
  <SelectField label="How far it has gone" bind:value={stage} options={corrosionWords} />
  <NumberField
    label="pH of wet paper on it"
    error={form.field('phBefore')}
    hint="Settles what takes it off when nobody knows what leaked."
    bind:value={ph}
  />
  {#if !sheet?.widthMillimetres}<NumberField
      label="Size, cm²"
      error={form.field('squareCentimetres')}
      hint="Only while this side has no scale."
      bind:value={size}
    />{/if}
  {#if form.field('outline')}<p class="text-sm font-semibold text-oxide sm:col-span-2">{form.field('outline')}</p>{/if}
  <div class="flex items-center gap-5 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{a ? 'Save' : 'Put it on the map'}</button>{#if a}<button
        type="button"
        class="act text-oxide"
        onclick={() => void form.send(remove)}>Take it off the map</button
      >{/if}
  </div>
</form>

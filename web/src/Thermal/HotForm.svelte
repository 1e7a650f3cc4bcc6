<!-- @component A hot part and its fan, new or changed. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import SelectField from '$lib/ui/SelectField.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { noiseWords } from '$lib/words';
  import type { Point, Side } from '../Boards/items';
  let {
    id,
    boardId,
    side,
    at,
    row,
    ondone,
  }: { id: string; boardId: string; side: Side; at?: Point; row?: Schemas['HotRow']; ondone: (id?: string) => void } =
    $props();
  // svelte-ignore state_referenced_locally
  const h = row?.part;
  const text = (v?: number | null) => (v == null ? '' : plain(v));
  let name = $state(h?.name ?? '');
  let load = $state(h?.load ?? '');
  let watts = $state(text(h?.facts.watts));
  let area = $state(text(h?.facts.squareMillimetres));
  let known = $state(h?.facts.watts != null || h?.facts.squareMillimetres != null);
  let low = $state(text(h?.facts.gapMillimetres?.low));
  let likely = $state(text(h?.facts.gapMillimetres?.likely));
  let high = $state(text(h?.facts.gapMillimetres?.high));
  let pad = $state(text(h?.facts.oldPadMillimetres));
  let bareDie = $state(h?.facts.bareDie ?? false);
  let hasFan = $state(!!h?.fan);
  let rated = $state(text(h?.fan?.ratedRpm));
  let read = $state(text(h?.fan?.readRpm));
  let volts = $state(text(h?.fan?.startVolts));
  let noise = $state<Schemas['FanNoise']>(h?.fan?.noise ?? 'quiet');
  let play = $state(h?.fan?.play ?? false);
  const form = new Sending();
  async function save() {
    const g = [number(low, 'the gap'), number(likely, 'the gap'), number(high, 'the gap')];
    const one = g[1] ?? g[0] ?? g[2];
    const body: Schemas['HotPartEdit'] = {
      boardId,
      name,
      side,
      load,
      x: h?.x ?? at?.x ?? null,
      y: h?.y ?? at?.y ?? null,
      facts: {
        watts: number(watts, 'the power'),
        squareMillimetres: number(area, 'the face'),
        gapMillimetres: one == null ? null : { low: g[0] ?? one, likely: one, high: g[2] ?? one },
        oldPadMillimetres: number(pad, 'the pad'),
        bareDie,
      },
      fan: hasFan
        ? {
            ratedVolts: h?.fan?.ratedVolts ?? 12,
            ratedRpm: number(rated, 'the speed'),
            readRpm: number(read, 'the speed'),
            startVolts: number(volts, 'the volts'),
            noise,
            play,
          }
        : null,
    };
    const done = h
      ? await act(
          api.PUT('/api/machines/{id}/hot/{rowId}', {
            params: { path: { id, rowId: h.id } },
            headers: basedOn(h.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/hot', { params: { path: { id } }, body }));
    ondone(done.id ?? undefined);
  }
  async function remove() {
    await act(api.DELETE('/api/machines/{id}/hot/{rowId}', { params: { path: { id, rowId: h!.id } } }));
    ondone();
  }
</script>

<form
  class="grid gap-4 sm:grid-cols-3"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <div class="sm:col-span-3"><ProblemNote problem={form.problem} /></div>
  <TextField
    label="What it is"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="the processor"
  />
  <NumberField
    label="Gap, least, mm"
    error={form.field('gapMillimetres')}
    hint="Leave the gap out if the pad that came out is measured."
    bind:value={low}
  />
  <NumberField label="Gap, likely, mm" bind:value={likely} />
  <NumberField label="Gap, most, mm" bind:value={high} />
  <NumberField
    label="Pad that came out, mm"
    error={form.field('oldPadMillimetres')}
    hint="In its dent."
    bind:value={pad}
  />
  <Fold title="If you know its watts and its face" bind:open={known} class="sm:col-span-3"
    ><div class="mt-2 grid gap-4 sm:grid-cols-3">
      <NumberField label="Its power, W" error={form.field('watts')} bind:value={watts} />
      <NumberField label="Face that touches, mm²" error={form.field('squareMillimetres')} bind:value={area} />
    </div></Fold
  >
  <TextField
    label="What the machine does meanwhile"
    hint="The same before and after."
    class="sm:col-span-2"
    bind:value={load}
    maxlength={200}
    placeholder="the demo film, 20 minutes"
  />
  <label class="flex min-h-9 items-center gap-2 sm:col-span-3"
    ><CheckBox bind:checked={bareDie} />Bare die: silicon without a lid</label
  >
  <label class="flex min-h-9 items-center gap-2 sm:col-span-3"><CheckBox bind:checked={hasFan} />It has a fan</label>
  {#if hasFan}
    <NumberField label="Rated turns a minute" error={form.field('fan.ratedRpm')} bind:value={rated} whole />
    <NumberField label="Turns read" error={form.field('fan.readRpm')} bind:value={read} whole />
    <NumberField label="Starts at, V" error={form.field('fan.startVolts')} bind:value={volts} />
    <SelectField label="It sounds" bind:value={noise} options={noiseWords} />
    <label class="flex min-h-11 items-center gap-2 self-end sm:col-span-2"
      ><CheckBox bind:checked={play} />Its hub has play</label
    >
  {/if}
  <div class="flex items-center gap-5 sm:col-span-3">
    <button class="btn-next" disabled={form.busy}>{h ? 'Save' : 'Put it on the list'}</button>{#if h}<button
        type="button"
        class="act text-oxide"
        onclick={() => void form.send(remove)}>Take it off the list</button
      >{/if}
  </div>
</form>

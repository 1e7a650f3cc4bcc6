<!-- @component A panel of sheet metal: what lies on it, how far it is rusted, whether and how it is painted. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import Choice from '$lib/ui/Choice.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { threeWords } from '$lib/words';
  import { coatingWords, reachWords } from './words';

  let { id, row, ondone }: { id: string; row?: Schemas['PanelRow']; ondone: (id?: string) => void } = $props();
  // svelte-ignore state_referenced_locally
  const p = row?.panel;
  const text = (v?: number | null) => (v == null ? '' : plain(v, 6));
  let name = $state(p?.name ?? '');
  let rusted = $state(text(p?.rustedPercent));
  let coating = $state<Schemas['Coating']>(p?.coating ?? 'notKnown');
  let reach = $state<Schemas['ToolReach']>(p?.reach ?? 'open');
  let leaked = $state<Schemas['ThreeState']>(p?.leaked ?? 'notKnown');
  let working = $state<Schemas['ThreeState']>(p?.working ?? 'notKnown');
  let bent = $state<Schemas['ThreeState']>(p?.bent ?? 'notKnown');
  let area = $state(text(p?.squareCentimetres) || '1000');
  let coats = $state(text(p?.coats) || '0');
  let cure = $state(text(p?.cureHours) || '24');
  let from = $state(text(p?.paint.recoatFromMinutes) || '10');
  let until = $state(text(p?.paint.recoatUntilMinutes) || '60');
  let again = $state(text(p?.paint.recoatAgainHours) || '24');
  let cover = $state(text(p?.paint.squareMetresPerLitre));
  let can = $state(text(p?.paint.canMillilitres) || '400');
  let twoPart = $state<'yes' | 'no'>(p?.paint.twoPart ? 'yes' : 'no');
  const form = new Sending();
  async function save() {
    const body: Schemas['PanelEdit'] = {
      name,
      rustedPercent: number(rusted, 'the rusted share'),
      coating,
      reach,
      leaked,
      working,
      bent,
      squareCentimetres: number(area, 'the area') ?? 0,
      coats: number(coats, 'the coats') ?? 0,
      cureHours: number(cure, 'the cure') ?? 24,
      paint: {
        ...(p?.paint ?? { oversprayShare: 0.4, leastCelsius: 15, mostCelsius: 28, mostHumidity: 70 }),
        squareMetresPerLitre: number(cover, 'the cover'),
        canMillilitres: number(can, 'the can') ?? 400,
        recoatFromMinutes: number(from, 'the window') ?? 10,
        recoatUntilMinutes: number(until, 'the window') ?? 60,
        recoatAgainHours: number(again, 'the window') ?? 24,
        twoPart: twoPart === 'yes',
      },
      fromId: null,
    };
    const done = p
      ? await act(
          api.PUT('/api/machines/{id}/panels/{rowId}', {
            params: { path: { id, rowId: p.id } },
            headers: basedOn(p.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/panels', { params: { path: { id } }, body }));
    ondone(done.id ?? p?.id);
  }
  const remove = async () => {
    await act(api.DELETE('/api/machines/{id}/panels/{rowId}', { params: { path: { id, rowId: p!.id } } }));
    ondone();
  };
</script>

<form
  class="grid gap-4 sm:grid-cols-2"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <div class="empty:hidden sm:col-span-2"><ProblemNote problem={form.problem} /></div>
  <TextField
    label="What it is"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="the side cover"
  />
  <NumberField
    label="Rusted, %"
    hint="By eye; a photo measures it."
    error={form.field('rustedPercent')}
    bind:value={rusted}
  />
  <SelectField label="What lies on it" bind:value={coating} options={coatingWords} />
  <SelectField label="Where the rust is" bind:value={reach} options={reachWords} />
  <Choice label="Did something leak near it?" bind:value={leaked} options={threeWords} />
  <Choice label="Threads, rails or earth points on it?" bind:value={working} options={threeWords} />
  <Choice label="Is it bent?" bind:value={bent} options={threeWords} />
  <NumberField
    label="Coats of paint"
    hint="0 leaves it as it is."
    whole
    bind:value={coats}
    error={form.field('coats')}
  />
  <NumberField label="Area, cm²" bind:value={area} error={form.field('squareCentimetres')} most={100000} least={1} />
  {#if Number(coats) > 0}
    <Fold title="The paint, by its sheet" class="sm:col-span-2">
      <div class="mt-2 grid gap-4 sm:grid-cols-2">
        <NumberField label="Next coat from, min" bind:value={from} error={form.field('paint.recoatFromMinutes')} />
        <NumberField label="Next coat until, min" bind:value={until} error={form.field('paint.recoatUntilMinutes')} />
        <NumberField label="Or again after, h" bind:value={again} />
        <NumberField label="Cures for, h" bind:value={cure} />
        <NumberField label="A litre covers, m²" hint="Empty takes 8, usual of cans." bind:value={cover} />
        <NumberField label="A can holds, ml" bind:value={can} />
        <Choice label="Does it come with a hardener?" bind:value={twoPart} options={{ no: 'No', yes: 'Yes' }} />
      </div>
    </Fold>
  {/if}
  <div class="flex gap-6 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{p ? 'Keep it' : 'Put it on the list'}</button>
    {#if p}<button type="button" class="act" onclick={() => void form.send(remove)}>Take it off the list</button>{/if}
  </div>
</form>

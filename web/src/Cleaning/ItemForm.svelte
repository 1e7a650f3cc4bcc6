<!-- @component One thing to be cleaned: new, or changed. What nobody has looked for counts as there. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { currencySign, number, plain } from '$lib/format';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { threeWords } from '$lib/words';
  import OnePhoto from '../Photos/OnePhoto.svelte';
  import { airWords, featureWords, materialWords, soilWords, wetPartWords } from './words';

  let {
    id,
    row,
    screen,
    currency,
    ondone,
  }: {
    id: string;
    row?: Schemas['CleanedRow'];
    screen?: Schemas['CleaningScreen'];
    currency: string;
    ondone: (id?: string) => void;
  } = $props();
  const named = (list: readonly { id: string; name: string }[] = []) =>
    Object.fromEntries(list.map((x) => [x.id, x.name]));
  // svelte-ignore state_referenced_locally
  const i = row?.item;
  const text = (v?: number | null) => (v == null ? '' : plain(v));
  let ownMaterials = $state<string[]>((i?.facts.ownMaterials ?? []).map((m) => m.id));
  let ownSoils = $state<string[]>((i?.facts.ownSoils ?? []).map((m) => m.id));
  let name = $state(i?.name ?? '');
  let materials = $state<Schemas['Material'][]>([...(i?.facts.materials ?? [])]);
  let soils = $state<Schemas['Soil'][]>([...(i?.facts.soils ?? [])]);
  let looked = $state(i?.facts.features ? 'yes' : 'no');
  let features = $state<Schemas['Feature'][]>([...(i?.facts.features ?? [])]);
  let inSight = $state(i?.facts.inSight === false ? 'no' : 'yes');
  let dries = $state<Schemas['WetPart']>(i?.dries ?? 'notKnown');
  let mains = $state<Schemas['ThreeState']>(i?.mains ?? 'notKnown');
  let celsius = $state(text(i?.dryingCelsius));
  let air = $state<Schemas['MovingAir']>(i?.air ?? 'still');
  let price = $state(text(i?.facts.replacement));
  let worth = $state(text(i?.facts.hourWorth));
  let photoId = $state('');
  const form = new Sending();
  async function save() {
    const body: Schemas['CleanedItemEdit'] = {
      name,
      materials,
      features: looked === 'yes' ? features : null,
      soils,
      on: null,
      inSight: inSight === 'yes',
      replacement: number(price, 'the price'),
      hourWorth: number(worth, 'an hour'),
      dries,
      mains,
      dryingCelsius: number(celsius, 'the temperature'),
      air,
      ownMaterials,
      ownSoils,
      pieceId: null,
      findingId: null,
      photoId: photoId || null,
      worth: null,
    };
    const done = i
      ? await act(
          api.PUT('/api/machines/{id}/cleaning/{rowId}', {
            params: { path: { id, rowId: i.id } },
            headers: basedOn(i.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/cleaning', { params: { path: { id } }, body }));
    ondone(done.id ?? i?.id);
  }
  async function remove() {
    await act(api.DELETE('/api/machines/{id}/cleaning/{rowId}', { params: { path: { id, rowId: i!.id } } }));
    ondone();
  }
</script>

<form
  class="grid gap-5"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <ProblemNote problem={form.problem} />
  <TextField
    label="What is cleaned"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="The upper shell"
  />
  <CheckGroup
    label="What is on it"
    hint="Nothing chosen is not known: then the mildest decides."
    bind:value={soils}
    options={soilWords}
    columns
  />
  {#if screen?.ownSoils.length}<CheckGroup
      label="Or, by your packs"
      bind:value={ownSoils}
      options={named(screen.ownSoils)}
      columns
    />{/if}
  <CheckGroup
    label="What it is made of"
    hint="Nothing chosen is not known: then a hidden place comes first."
    bind:value={materials}
    options={materialWords}
    columns
  />
  {#if screen?.ownMaterials.length}<CheckGroup
      label="Or made of, by your packs"
      bind:value={ownMaterials}
      options={named(screen.ownMaterials)}
      columns
    />{/if}
  <div>
    <Choice
      label="Have you looked for lettering, labels and coatings?"
      bind:value={looked}
      options={{ yes: 'Yes', no: 'Not yet' }}
    />
    <p class="text-xs text-soft">Until then they count as there.</p>
  </div>
  {#if looked === 'yes'}<CheckGroup
      label="Of these there are"
      hint="None chosen: there are none."
      bind:value={features}
      options={featureWords}
      columns
    />{/if}
  <Fold title="In sight, drying, worth">
    <div class="mt-2 grid gap-4 sm:grid-cols-2">
      <Choice label="Is it in sight?" bind:value={inSight} options={{ yes: 'Yes', no: 'No' }} />
      <SelectField label="It dries as" bind:value={dries} options={wetPartWords} />
      <Choice label="Does it take the mains?" bind:value={mains} options={threeWords} />
      <SelectField label="Air" bind:value={air} options={airWords} />
      <NumberField
        label="Where it dries, °C"
        hint="Empty is the room."
        error={form.field('dryingCelsius')}
        bind:value={celsius}
      />
      <NumberField label="A tested one costs, {currencySign(currency)}" bind:value={price} />
      <NumberField label="An hour is worth, {currencySign(currency)}" bind:value={worth} />
    </div>
  </Fold>
  <OnePhoto {id} {form} caption={name || 'To be cleaned'} bind:photoId />
  <div class="flex gap-6">
    <button class="btn-next" disabled={form.busy}>{i ? 'Keep it' : 'Put it on the list'}</button>
    {#if i}<button type="button" class="act" onclick={() => void form.send(remove)}>Take it off the list</button>{/if}
  </div>
</form>

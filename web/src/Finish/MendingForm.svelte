<!-- @component Something to be mended: what it is, and what its rule asks of it. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { threeWords } from '$lib/words';
  import { materialWords } from '../Cleaning/words';
  import OnePhoto from '../Photos/OnePhoto.svelte';
  import { layerWords, loadWords, mendingWords } from './words';

  let { id, row, ondone }: { id: string; row?: Schemas['MendingRow']; ondone: (id?: string) => void } = $props();
  // svelte-ignore state_referenced_locally
  const m = row?.mending;
  const text = (v?: number | null) => (v == null ? '' : plain(v, 6));
  let name = $state(m?.name ?? '');
  let kind = $state<Schemas['MendingKind']>(m?.kind ?? 'crack');
  let material = $state<Schemas['Material']>(
    (m?.kind === 'scratches' ? m.scratches.material : m?.crack.material) ?? 'notKnown',
  );
  let length = $state(text(m?.crack.lengthMillimetres) || '10');
  let load = $state<Schemas['CrackLoad']>(m?.crack.load ?? 'notKnown');
  let inSight = $state<Schemas['ThreeState']>(m?.crack.inSight ?? 'notKnown');
  let clean = $state<Schemas['ThreeState']>(m?.crack.clean ?? 'notKnown');
  let missing = $state<Schemas['ThreeState']>(m?.crack.pieceMissing ?? 'notKnown');
  let threadlocker = $state(m?.crack.threadlocker ?? false);
  let nail = $state<Schemas['ThreeState']>(m?.scratches.nailCatches ?? 'notKnown');
  let coated = $state<Schemas['ThreeState']>(m?.scratches.coated ?? 'notKnown');
  let gap = $state(text(m?.other.gapMillimetres));
  let across = $state(text(m?.other.diameterMillimetres));
  let weight = $state(text(m?.other.kilograms));
  let bears = $state<Schemas['ThreeState']>(m?.other.bears ?? 'notKnown');
  let history = $state<Schemas['ThreeState']>(m?.other.history ?? 'notKnown');
  let layer = $state<Schemas['PanelLayer']>(m?.other.layer ?? 'notKnown');
  let photoId = $state('');
  const form = new Sending();
  async function save() {
    const body: Schemas['MendingEdit'] = {
      name,
      kind,
      crack:
        kind === 'crack'
          ? {
              material,
              lengthMillimetres: number(length, 'the length') ?? 0,
              load,
              inSight,
              clean,
              pieceMissing: missing,
              threadlocker,
            }
          : null,
      scratches: kind === 'scratches' ? { material, nailCatches: nail, coated, passes: [] } : null,
      other:
        kind === 'crack' || kind === 'scratches'
          ? null
          : {
              kind: kind,
              ruledOut: [],
              gapMillimetres: number(gap, 'the height'),
              diameterMillimetres: number(across, 'the diameter'),
              kilograms: number(weight, 'the weight'),
              compressionShare: null,
              bears,
              history,
              layer,
            },
      fromId: null,
      photoId: photoId || null,
    };
    const done = m
      ? await act(
          api.PUT('/api/machines/{id}/mendings/{rowId}', {
            params: { path: { id, rowId: m.id } },
            headers: basedOn(m.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/mendings', { params: { path: { id } }, body }));
    ondone(done.id ?? m?.id);
  }
  const remove = async () => {
    await act(api.DELETE('/api/machines/{id}/mendings/{rowId}', { params: { path: { id, rowId: m!.id } } }));
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
    label="What is mended"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="the crack at the hinge"
  />
  <SelectField label="It is" bind:value={kind} options={mendingWords} />
  {#if kind === 'crack' || kind === 'scratches'}<SelectField
      label="Made of"
      hint="The letters moulded inside say it."
      bind:value={material}
      options={materialWords}
    />{/if}
  {#if kind === 'crack'}
    <NumberField
      label="How long, mm"
      bind:value={length}
      error={form.field('lengthMillimetres')}
      least={0.5}
      most={2000}
      required
    />
    <SelectField label="What pulls at it" bind:value={load} options={loadWords} />
    <Choice label="Is it in sight?" bind:value={inSight} options={threeWords} />
    <Choice label="Clean of grease and old glue?" bind:value={clean} options={threeWords} />
    <Choice label="Is a piece missing?" bind:value={missing} options={threeWords} />
    <label class="flex min-h-11 items-center gap-3 sm:col-span-2"
      ><CheckBox bind:checked={threadlocker} large />Threadlocker is to go near it</label
    >
  {:else if kind === 'scratches'}
    <Choice label="Does a fingernail catch in them?" bind:value={nail} options={threeWords} />
    <Choice label="Does a coat lie on it: against glare, soft, printed?" bind:value={coated} options={threeWords} />
  {:else if kind === 'feet'}
    <NumberField label="Height of the old ones, mm" bind:value={gap} error={form.field('gapMillimetres')} />
    <NumberField label="Across, mm" bind:value={across} error={form.field('diameterMillimetres')} />
    <NumberField label="The machine weighs, kg" bind:value={weight} error={form.field('kilograms')} />
  {:else if kind === 'foam'}
    <NumberField label="The gap, mm" bind:value={gap} error={form.field('gapMillimetres')} />
    <Choice label="Does it carry a weight or a board?" bind:value={bears} options={threeWords} />
  {:else if kind === 'sticker'}
    <Choice label="Does it belong to the machine’s history?" bind:value={history} options={threeWords} />
  {:else if kind === 'panelFault'}
    <SelectField label="When the head moves" bind:value={layer} options={layerWords} />
  {/if}
  <div class="sm:col-span-2"><OnePhoto {id} {form} caption={name || 'To be mended'} bind:photoId /></div>
  <div class="flex gap-6 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{m ? 'Keep it' : 'Put it on the list'}</button>
    {#if m}<button type="button" class="act" onclick={() => void form.send(remove)}>Take it off the list</button>{/if}
  </div>
</form>

<!-- @component Something that moves: what it is, what its rails slide on, what it read before. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { threeWords } from '$lib/words';
  import { mechanismWords, slidingWords } from './words';

  let { id, row, ondone }: { id: string; row?: Schemas['MechanismRow']; ondone: (id?: string) => void } = $props();
  // svelte-ignore state_referenced_locally
  const m = row?.mechanism;
  const text = (v?: number | null) => (v == null ? '' : plain(v, 6));
  let name = $state(m?.name ?? '');
  let kind = $state<Schemas['MechanismKind']>(m?.kind ?? 'notKnown');
  let rpm = $state(text(m?.nominalRpm));
  let belt = $state<Schemas['ThreeState']>(m?.hasBelt ?? 'notKnown');
  let rails = $state<Schemas['Sliding']>(m?.rails ?? 'notKnown');
  let data = $state<Schemas['ThreeState']>(m?.holdsData ?? 'notKnown');
  let noise = $state(text(m?.noiseBefore));
  let warm = $state(text(m?.celsiusBefore));
  const form = new Sending();
  const turns = $derived(kind === 'floppyDrive' || kind === 'tapeDrive');
  async function save() {
    const body: Schemas['MechanismEdit'] = {
      name,
      kind,
      nominalRpm: turns ? number(rpm, 'the speed') : null,
      hasBelt: belt,
      rails,
      holdsData: data,
      noiseBefore: number(noise, 'the noise'),
      celsiusBefore: number(warm, 'the temperature'),
      fromId: null,
    };
    const done = m
      ? await act(
          api.PUT('/api/machines/{id}/mechanisms/{rowId}', {
            params: { path: { id, rowId: m.id } },
            headers: basedOn(m.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/mechanisms', { params: { path: { id } }, body }));
    ondone(done.id ?? m?.id);
  }
  const remove = async () => {
    await act(api.DELETE('/api/machines/{id}/mechanisms/{rowId}', { params: { path: { id, rowId: m!.id } } }));
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
    placeholder="the floppy drive"
  />
  <SelectField label="Kind" error={form.field('kind')} bind:value={kind} options={mechanismWords} />
  {#if kind !== 'hardDrive'}<SelectField
      label="What slides on what"
      error={form.field('rails')}
      bind:value={rails}
      options={slidingWords}
    />{/if}
  {#if turns}<NumberField
      label="Its speed, turns a minute"
      hint="300 or 360 of most floppy drives."
      error={form.field('nominalRpm')}
      bind:value={rpm}
    />{/if}
  {#if turns || kind === 'opticalDrive' || kind === 'printer'}<Choice
      label="Is there a belt?"
      bind:value={belt}
      options={threeWords}
    />{/if}
  {#if kind === 'hardDrive'}<Choice
      label="Is there something on it that must not be lost?"
      bind:value={data}
      options={threeWords}
    />{/if}
  {#if kind === 'fan' || kind === 'hardDrive'}
    <NumberField label="Noise before, dB" hint="By phone, at one distance." bind:value={noise} least={20} most={90} />
  {/if}
  {#if kind === 'fan'}<NumberField label="Temperature before, °C" bind:value={warm} />{/if}
  <div class="flex gap-6 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{m ? 'Keep it' : 'Put it on the list'}</button>
    {#if m}<button type="button" class="act" onclick={() => void form.send(remove)}>Take it off the list</button>{/if}
  </div>
</form>

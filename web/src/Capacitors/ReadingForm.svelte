<!-- @component Types the readings of one capacitor. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import MeasureForm from '$lib/ui/MeasureForm.svelte';
  import { esrLeads, leads } from '../Meters/leads.svelte';
  let { id, row, ondone }: { id: string; row: Schemas['CapacitorRow']; ondone: (farads?: number) => void } = $props();
  let c = $state('');
  let esr = $state('');
  let leak = $state('');
  let hertz = $state('100000');
  let step = $state('');
  let inCircuit = $state(false);
  const form = new Sending();
  async function save() {
    const body = {
      microfarads: number(c, 'the capacitance'),
      esrOhms: number(esr, 'the ESR'),
      leakageMicroamps: number(leak, 'the leakage'),
      esrFrequencyHertz: number(hertz, 'the test frequency'),
      inCircuit,
      source: 'typed',
      esrWith: esr.trim() ? leads.esr.with : ('notKnown' as const),
      esrStepOhms: number(step, 'the smallest step'),
    };
    await act(
      api.POST('/api/machines/{id}/capacitors/{capacitorId}/readings', {
        params: { path: { id, capacitorId: row.capacitor.id } },
        body,
      }),
    );
    ondone(body.microfarads == null || inCircuit ? undefined : body.microfarads * 1e-6);
  }
</script>

<MeasureForm {form} onkeep={save} keep="Keep the readings" columns={3}>
  <NumberField label="Capacitance, µF" error={form.field('microfarads')} bind:value={c} size="text-xl" />
  <NumberField label="ESR, Ω" error={form.field('esrOhms')} bind:value={esr} size="text-xl" />
  <NumberField label="Leakage, µA" error={form.field('leakageMicroamps')} bind:value={leak} size="text-xl" />
  <NumberField label="Test frequency of the ESR, Hz" bind:value={hertz} whole />
  <NumberField
    label="Smallest step of the ESR range, Ω (may be empty)"
    bind:value={step}
    error={form.field('esrStepOhms')}
  />
  {#if esr.trim()}<Choice
      class="sm:col-span-3"
      label="ESR read with"
      bind:value={leads.esr.with}
      options={esrLeads}
    />{/if}
  <label class="flex min-h-11 items-center gap-3 self-end sm:col-span-2"
    ><CheckBox bind:checked={inCircuit} />Measured in circuit, no leg lifted</label
  >
</MeasureForm>

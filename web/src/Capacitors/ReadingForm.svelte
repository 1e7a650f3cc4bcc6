<!-- @component Types the readings of one capacitor. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  let { id, row, ondone }: { id: string; row: Schemas['CapacitorRow']; ondone: () => void } = $props();
  let c = $state('');
  let esr = $state('');
  let leak = $state('');
  let hertz = $state('100000');
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
    };
    await act(
      api.POST('/api/machines/{id}/capacitors/{capacitorId}/readings', {
        params: { path: { id, capacitorId: row.capacitor.id } },
        body,
      }),
    );
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
  <Field label="Capacitance, µF" error={form.field('microfarads')}
    >{#snippet children(f)}<input
        class="input reading text-xl"
        inputmode="decimal"
        autocomplete="off"
        bind:value={c}
        {...f}
      />{/snippet}</Field
  >
  <Field label="ESR, Ω" error={form.field('esrOhms')}
    >{#snippet children(f)}<input
        class="input reading text-xl"
        inputmode="decimal"
        autocomplete="off"
        bind:value={esr}
        {...f}
      />{/snippet}</Field
  >
  <Field label="Leakage, µA" error={form.field('leakageMicroamps')}
    >{#snippet children(f)}<input
        class="input reading text-xl"
        inputmode="decimal"
        autocomplete="off"
        bind:value={leak}
        {...f}
      />{/snippet}</Field
  >
  <Field label="Test frequency of the ESR, Hz"
    >{#snippet children(f)}<input
        class="input reading"
        inputmode="numeric"
        bind:value={hertz}
        {...f}
      />{/snippet}</Field
  >
  <label class="flex min-h-11 items-center gap-3 self-end sm:col-span-2"
    ><input type="checkbox" class="size-5 accent-verdigris" bind:checked={inCircuit} />Measured in circuit, no leg
    lifted</label
  >
  <button class="btn-next justify-self-start sm:col-span-3" disabled={form.busy}>Keep the readings</button>
</form>

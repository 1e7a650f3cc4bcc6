<!-- @component Whether the board charges its cell: what to read next, which way round, board off and on; the answer is written into the site. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain, typed } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import MeasureForm from '$lib/ui/MeasureForm.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { readMeter } from '../Meters/read';
  let { id, ondone }: { id: string; ondone: () => void } = $props();
  let off = $state('');
  let on = $state('');
  let loaded = $state('');
  let load = $state('1000');
  let answer = $state.raw<Schemas['ChargingResult']>();
  const form = new Sending();
  const valid = (t: string) => (Number.isNaN(typed(t)) ? null : (typed(t) ?? null));
  const body = () => ({
    offVolts: number(off, 'the volts'),
    onVolts: number(on, 'the volts'),
    loadedVolts: number(loaded, 'the volts'),
    loadOhms: number(load, 'the load') ?? 1000,
  });
  $effect(() => {
    const now = { offVolts: valid(off), onVolts: valid(on), loadedVolts: valid(loaded), loadOhms: valid(load) ?? 1000 };
    const timer = setTimeout(
      () =>
        void ask(api.POST('/api/calc/batteries/charging', { body: now }))
          .then((r) => (answer = r))
          .catch(() => (answer = undefined)),
      150,
    );
    return () => clearTimeout(timer);
  });
  const keep = async () => {
    await act(api.POST('/api/machines/{id}/battery/charging', { params: { path: { id } }, body: body() }));
    ondone();
  };
  const pull = (set: (v: string) => void, label: string) =>
    form.send(async () => {
      const r = await readMeter('volts', label);
      if (r.value == null) throw new Error('The meter is off its scale. Nothing was written.');
      set(plain(r.value, 4));
    });
</script>

<MeasureForm {form} onkeep={keep} keep="Keep what it says" ready={!!answer && answer.charges !== 'notKnown'}>
  <div class="grid gap-4 sm:grid-cols-2">
    <NumberField
      label="Board off, volts"
      error={form.field('offVolts')}
      bind:value={off}
      size="text-xl"
      read={() => pull((v) => (off = v), 'cell pads, board off')}
    />
    <NumberField
      label="Board on, volts"
      error={form.field('onVolts')}
      bind:value={on}
      size="text-xl"
      read={() => pull((v) => (on = v), 'cell pads, board on')}
    />
    <NumberField
      label="Board on, with the load, volts"
      error={form.field('loadedVolts')}
      bind:value={loaded}
      size="text-xl"
      read={() => pull((v) => (loaded = v), 'cell pads, loaded')}
    />
    <NumberField label="The load, Ω" error={form.field('loadOhms')} bind:value={load} size="text-xl" />
  </div>
  {#if answer}
    <div class="rounded-lg bg-paper p-4">
      <Verdict
        verdict={answer.verdict}
        heading={3}
        words={{ yes: 'It charges', no: 'It does not charge', yesIf: 'Taken as charging', unknown: 'Read on' }}
        bad="yes"
      />
      {#if answer.milliamps != null}<p class="mt-2 text-sm">
          {plain(answer.milliamps, 3)} mA through the load{answer.sourceOhms != null
            ? `, so it comes through about ${plain(answer.sourceOhms, 2)} Ω`
            : ''}.
        </p>{/if}
    </div>
  {/if}
</MeasureForm>

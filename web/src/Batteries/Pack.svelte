<!-- @component A laptop's pack: what is left of it, and whether it is safe. A rebuild is handed to a professional. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { chemistryWords, threeWords } from '$lib/words';
  let { id, pack }: { id: string; pack?: Schemas['PackScreen'] } = $props();
  let open = $state(false);
  const form = new Sending();
  const figures = {
    designMilliampHours: 'Made with, mAh',
    fullChargeMilliampHours: 'Its gauge says now, mAh',
    cycles: 'Cycles',
    volts: 'Open volts',
    series: 'Cells in series',
    runDownMilliamps: 'Run-down, average mA',
    runDownMinutes: 'Run-down, minutes',
  } as const;
  let numbers = $state<Record<keyof typeof figures, string>>(null!);
  let chemistry = $state<Schemas['CellChemistry']>('lithiumRechargeable');
  let swollen = $state<Schemas['ThreeState']>('notKnown');
  let hotOrWet = $state<Schemas['ThreeState']>('notKnown');
  let takenOut = $state(false);
  function edit() {
    numbers = Object.fromEntries(
      Object.keys(figures).map((k) => [
        k,
        pack?.facts[k as keyof typeof figures] == null ? '' : plain(pack.facts[k as keyof typeof figures]!),
      ]),
    ) as typeof numbers;
    chemistry = pack?.facts.chemistry ?? 'lithiumRechargeable';
    swollen = pack?.facts.swollen ?? 'notKnown';
    hotOrWet = pack?.facts.hotOrWet ?? 'notKnown';
    takenOut = pack?.facts.takenOut ?? false;
    form.forget();
    open = true;
  }
  const save = () =>
    form.send(async () => {
      const body = {
        chemistry,
        swollen,
        hotOrWet,
        takenOut,
        ...(Object.fromEntries(
          Object.entries(figures).map(([k, w]) => [k, number(numbers[k as keyof typeof figures], w)]),
        ) as Record<keyof typeof figures, number | null>),
      };
      await act(
        api.PUT('/api/machines/{id}/battery/pack', {
          params: { path: { id } },
          headers: basedOn(pack?.version ?? 0),
          body,
        }),
      );
      open = false;
    });
</script>

<section class="mt-8 sill pt-5" aria-label="The pack">
  <div class="max-w-2xl">
    {#if pack}<Verdict
        verdict={pack.result.verdict}
        heading={2}
        words={{ yes: 'Sound', no: 'No longer', yesIf: 'Tired' }}
      />{:else}<h2 class="text-xl font-bold">Its pack has not been looked at</h2>
      <p class="mt-1">
        If it is swollen, take it out and outside. Otherwise: what it was made with, what it takes now, and a run-down.
      </p>{/if}
    <button class="btn mt-3" onclick={edit}>{pack ? 'Change what is known of the pack' : 'Describe the pack'}</button>
  </div>
</section>

<Sheet
  bind:open
  title="What is known of the pack"
  about="Leave out what nobody has measured. A rebuild is work for a professional."
>
  <form
    class="grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void save();
    }}
  >
    <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
    <SelectField label="Chemistry" bind:value={chemistry} options={chemistryWords} />
    <Choice label="Is it swollen?" bind:value={swollen} options={threeWords} />
    <Choice label="Does it get hot, smell or leak?" bind:value={hotOrWet} options={threeWords} />
    {#each Object.entries(figures) as [k, w] (k)}<NumberField
        label={w}
        error={form.field(k)}
        bind:value={numbers[k as keyof typeof figures]}
      />{/each}
    <label class="flex min-h-9 items-center gap-2"><CheckBox bind:checked={takenOut} />It is out of the machine</label>
    <button class="btn-next justify-self-start" disabled={form.busy}>Save</button>
  </form>
</Sheet>

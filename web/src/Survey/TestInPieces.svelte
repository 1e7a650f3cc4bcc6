<!-- @component What is said before a machine is powered in pieces. Nothing is filled in: what nobody looked at is not taken for safe. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import { leftOffWords, restsOnWords, threeStateWords } from '$lib/words';
  let { id, supplyInside, ondone }: { id: string; supplyInside: boolean; ondone: () => void } = $props();
  const form = new Sending();
  let on = $state<Schemas['RestsOn']>('notKnown');
  let looseMetal = $state<Schemas['ThreeState']>('notKnown');
  let missing = $state<Schemas['LeftOff'][]>([]);
  let nothing = $state(false);
  let minutes = $state('');
  const test = () =>
    form.decide(async (overruleReason) => {
      await act(
        api.POST('/api/machines/{id}/power/in-pieces', {
          params: { path: { id } },
          body: {
            test: {
              on,
              looseMetal,
              missing: missing.length || nothing ? [...missing] : null,
              minutes: number(minutes, 'the minutes') ?? 0,
            },
            overruleReason,
          },
        }),
      );
      ondone();
    });
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void test();
  }}
>
  <ProblemNote {form} />
  {#if supplyInside}<CautionNote id="mainsSupply" />{/if}
  <SelectField label="What does it lie on?" bind:value={on} options={restsOnWords} />
  <SelectField label="Does any metal hang loose over it?" bind:value={looseMetal} options={threeStateWords} />
  <div>
    <CheckGroup label="What is missing" bind:value={missing} options={leftOffWords} />
    {#if missing.length === 0}<label class="flex min-h-9 items-center gap-2.5"
        ><CheckBox bind:checked={nothing} />Nothing is missing: I looked</label
      >{/if}
  </div>
  <NumberField
    label="Minutes that it is to run"
    error={form.field('minutes')}
    bind:value={minutes}
    size="w-32 text-2xl"
    required
  />
  <button class="btn-next justify-self-start" disabled={form.busy}>Test it like this</button>
</form>

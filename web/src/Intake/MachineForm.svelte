<!-- @component What is known of a machine, for taking it in and for changing it later. -->
<script lang="ts" module>
  import type { Schemas } from '$lib/api/client';
  export type Edit = Schemas['MachineEdit'];
  export const blank = (): Edit => ({
    name: '',
    kind: '',
    model: '',
    class: 'unknown',
    yearFrom: null,
    yearTo: null,
    traits: [],
    cameFrom: '',
    paid: null,
    claimed: '',
    recapSchool: 'evidence',
    restorationSchool: 'asShipped',
    profileId: null,
    mainsLead: 'notKnown',
    tube: 'notKnown',
    battery: 'notKnown',
  });
</script>

<script lang="ts">
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import type { Sending } from '$lib/api/act.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { classWords, recapPolicyWords, restorationPolicyWords, traitWords } from '$lib/words';

  const answers: [Schemas['ThreeState'], string][] = [
    ['yes', 'Yes'],
    ['no', 'No'],
    ['notKnown', 'Don’t know'],
  ];
  let { edit = $bindable(), form, full = false }: { edit: Edit; form: Sending; full?: boolean } = $props();
</script>

<div class="grid gap-x-5 gap-y-4 sm:grid-cols-6">
  <fieldset class="grid gap-x-5 gap-y-3 sm:col-span-6 sm:grid-cols-3">
    <legend class="mb-1 text-sm text-soft">Asked first, for your hands. What you don’t know counts as yes.</legend>
    <Choice label="Does it take a mains lead?" bind:value={edit.mainsLead} options={answers} />
    <Choice label="Is there a picture tube?" bind:value={edit.tube} options={answers} />
    <Choice label="Is there a battery or cell?" bind:value={edit.battery} options={answers} />
  </fieldset>
  <TextField
    label="What you call it"
    class="sm:col-span-3"
    error={form.field('name')}
    bind:value={edit.name}
    size="text-lg font-semibold"
    autocomplete="off"
    required
    maxlength={80}
  />
  <TextField
    label="What it is"
    class="sm:col-span-3"
    hint="A few words: rugged laptop, 8-bit home micro."
    error={form.field('kind')}
    bind:value={edit.kind}
    maxlength={80}
  />
  <SelectField
    label="Class"
    class="sm:col-span-2"
    error={form.field('class')}
    bind:value={edit.class}
    options={classWords}
  />
  <NumberField
    label="From year"
    class="sm:col-span-2"
    error={form.field('yearFrom')}
    bind:number={edit.yearFrom}
    whole
  />
  <NumberField label="To year" class="sm:col-span-2" error={form.field('yearTo')} bind:number={edit.yearTo} whole />
  <CheckGroup
    label="What it has in it"
    hint="These decide what is looked at first."
    class="sm:col-span-6"
    columns
    bind:value={edit.traits}
    options={traitWords}
    error={form.field('traits')}
  />
  <TextField
    label="Where it came from"
    class="sm:col-span-4"
    error={form.field('cameFrom')}
    bind:value={edit.cameFrom}
    maxlength={300}
  />
  <NumberField
    label="Paid"
    class="sm:col-span-2"
    hint="0 when it was given."
    error={form.field('paid')}
    bind:number={edit.paid}
  />
  <TextField
    label="What was claimed of it"
    class="sm:col-span-6"
    error={form.field('claimed')}
    bind:value={edit.claimed}
    maxlength={1000}
  />
  {#if full}
    <TextField
      label="Maker and model, as printed"
      class="sm:col-span-2"
      error={form.field('model')}
      bind:value={edit.model}
      maxlength={80}
    />
    <SelectField
      label="School of replacement"
      class="sm:col-span-2"
      hint="Decides which option comes first."
      bind:value={edit.restorationSchool}
      options={restorationPolicyWords}
    />
    <SelectField
      label="Recap"
      class="sm:col-span-2"
      hint="Evidence: what looks or measures bad. Preventive: known-bad kinds too."
      bind:value={edit.recapSchool}
      options={recapPolicyWords}
    />
  {/if}
</div>

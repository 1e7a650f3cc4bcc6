<!-- @component A lead or board joint that was opened: which way round, and where it ran. -->
<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import type { Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';

  type Edit = Schemas['StripConnectorEdit'];
  let {
    src,
    alt,
    from,
    marks,
    onsave,
  }: {
    src?: string;
    alt: string;
    from?: Edit;
    marks: { x: number; y: number; text: string }[];
    onsave: (c: Edit) => Promise<unknown>;
  } = $props();
  // svelte-ignore state_referenced_locally
  let c = $state<Edit>(
    from ? structuredClone($state.snapshot(from)) : { kind: '', keyed: 'notKnown', wayRound: '', route: '', marks: [] },
  );
  let photo = $state(false);
  const form = new Sending();
  const ways = ['red edge up', 'red edge towards pin 1', 'contacts down', 'black leads together', 'blue mark up'];
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(() => onsave($state.snapshot(c)));
  }}
>
  <ProblemNote problem={form.problem} />
  <SuggestField
    label="What kind"
    error={form.field('kind')}
    bind:value={c.kind}
    suggestions={[
      '50-way ribbon',
      '40-way ribbon',
      '34-way ribbon',
      '4-pin drive plug',
      '3-pin fan lead',
      '2-pin speaker lead',
      'flat lead',
      'coax socket',
      'power plug',
      'panel lead',
    ]}
    size="text-lg"
    required
    maxlength={60}
  />

  <Choice
    label="Goes in one way only"
    bind:value={c.keyed}
    options={[
      ['yes', 'Yes'],
      ['no', 'No, both'],
      ['notKnown', 'Not known'],
    ]}
  />
  <SuggestField
    label="Which way round"
    error={form.field('wayRound')}
    bind:value={c.wayRound}
    suggestions={ways}
    maxlength={120}
  />

  <TextField label="Where its lead ran" bind:value={c.route} maxlength={200} />
  {#if src}
    {#if photo || c.marks.length}
      <MarkedPhoto
        {src}
        {alt}
        marks={[...marks, ...c.marks.map((m) => ({ ...m, brass: true }))]}
        onmark={(x, y) => (c.marks = [{ x, y, text: 'K' }])}
      />
    {:else}<button type="button" class="btn justify-self-start" onclick={() => (photo = true)}
        >Mark it on the photo</button
      >{/if}
  {/if}
  <button class="btn-next" disabled={form.busy}>Keep it</button>
</form>

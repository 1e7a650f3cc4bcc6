<!-- @component Everything about one step: what came off, what it sat behind, the way round, what goes in instead, what has to be tested. -->
<script lang="ts">
  import PickMany from '$lib/ui/PickMany.svelte';
  import type { Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { latchWords, orientationWords, pieceWords } from '$lib/words';
  import Dictate from './Dictate.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import type { Row } from './record';

  type Edit = Schemas['StripStepEdit'];
  let {
    from,
    others,
    waits,
    src,
    full = true,
    onsave,
  }: {
    from: Edit;
    others: Row[];
    waits: Schemas['Job'][];
    src?: string;
    full?: boolean;
    onsave: (e: Edit) => Promise<unknown>;
  } = $props();
  // svelte-ignore state_referenced_locally
  let e = $state<Edit>(structuredClone($state.snapshot(from)));
  let marking = $state(false);
  const form = new Sending();
</script>

<form
  class="grid gap-4"
  onsubmit={(ev) => {
    ev.preventDefault();
    void form.send(() => onsave($state.snapshot(e)));
  }}
>
  <ProblemNote problem={form.problem} />
  <SuggestField
    label="What came off"
    error={form.field('title')}
    bind:value={e.title}
    suggestions={Object.values(pieceWords)}
    size="text-lg font-semibold"
    required
    maxlength={80}
  />

  <TextField label="Note" error={form.field('note')} bind:value={e.note} rows={3} maxlength={1000} />
  <Dictate onsaid={(text) => (e.note = `${e.note}${e.note ? ' ' : ''}${text}`)} />
  <TextField
    label="Which way round it goes"
    hint="Only where it can go in wrong: it is asked twice at the rebuild."
    error={form.field('wayRound')}
    bind:value={e.wayRound}
    maxlength={200}
  />
  {#if src}
    {#if marking || e.marks.length}<MarkedPhoto
        {src}
        alt={e.title}
        marks={e.marks.map((m) => ({ ...m, brass: true }))}
        onmark={(x, y) => (e.marks = [...e.marks, { x, y, text: '▲' }])}
      />{#if e.marks.length}<button
          type="button"
          class="act justify-self-start"
          onclick={() => (e.marks = e.marks.slice(0, -1))}>Take the last mark back</button
        >{/if}
    {:else}<button type="button" class="btn justify-self-start" onclick={() => (marking = true)}
        >Mark the way round on the photo</button
      >{/if}
  {/if}
  {#if full}
    <PickMany
      label="It sat behind"
      hint="What had to be off before it could come off."
      bind:value={e.behind}
      options={others.map((o) => [o.step.id, `${o.step.number} ${o.step.title}`] as const)}
      error={form.field('behind')}
      empty="Nothing came off before it."
    />
    <div class="grid gap-4 sm:grid-cols-2">
      <SelectField label="What it is" bind:value={e.kind} options={pieceWords} />
      <SelectField label="The machine lies" bind:value={e.lies} options={orientationWords} />
      {#if e.kind === 'module' || e.latch === 'weak'}<SelectField
          label="Its latches"
          hint="Weak ones are pressed home before they are covered."
          class="sm:col-span-2"
          bind:value={e.latch}
          options={latchWords}
        />{/if}
      <TextField
        label="Test before it is covered"
        hint="Bare board beeps; rails on a load."
        bind:value={e.testBeforeCovered}
        maxlength={200}
      />
      <TextField label="What goes in instead" bind:value={e.exchangedFor} maxlength={120} />
      <SelectField
        label="Not before this is over"
        class="sm:col-span-2"
        bind:value={e.afterJobId}
        options={[
          [null, 'Nothing: it is ready'],
          ...waits.map((j) => [j.id, `${j.title}${j.waitsFor ? `, ${j.waitsFor}` : ''}`] as const),
        ]}
      />
    </div>
    <label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={e.staysOut} large />It stays out for good</label
    >
  {/if}
  <button class="btn-next" disabled={form.busy}>Keep it</button>
</form>

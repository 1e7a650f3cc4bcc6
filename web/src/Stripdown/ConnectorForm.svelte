<!-- @component A lead or board joint that was opened: which way round, and where it ran. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import MarkedPhoto from './MarkedPhoto.svelte';

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
  <Field label="What kind" error={form.field('kind')}
    >{#snippet children(a)}<input
        class="input text-lg"
        list="connectors"
        required
        maxlength="60"
        autocomplete="off"
        bind:value={c.kind}
        {...a}
      />{/snippet}</Field
  >
  <datalist id="connectors"
    >{#each ['50-way ribbon', '40-way ribbon', '34-way ribbon', '4-pin drive plug', '3-pin fan lead', '2-pin speaker lead', 'flat lead', 'coax socket', 'power plug', 'panel lead'] as t (t)}<option
        value={t}
      ></option>{/each}</datalist
  >
  <fieldset>
    <legend class="text-sm font-semibold">Goes in one way only</legend>
    <div class="mt-1 grid grid-cols-3 gap-2">
      {#each [['yes', 'Yes'], ['no', 'No, both'], ['notKnown', 'Not known']] as const as [v, w] (v)}
        <label class="btn cursor-pointer has-checked:bg-ink has-checked:text-fog"
          ><input class="sr-only" type="radio" name="keyed" value={v} bind:group={c.keyed} />{w}</label
        >
      {/each}
    </div>
  </fieldset>
  <Field label="Which way round" error={form.field('wayRound')}
    >{#snippet children(a)}<input
        class="input"
        list="ways"
        maxlength="120"
        autocomplete="off"
        bind:value={c.wayRound}
        {...a}
      />{/snippet}</Field
  >
  <datalist id="ways"
    >{#each ways as t (t)}<option value={t}></option>{/each}</datalist
  >
  <Field label="Where its lead ran"
    >{#snippet children(a)}<input class="input" maxlength="200" bind:value={c.route} {...a} />{/snippet}</Field
  >
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

<!-- @component Everything about one step: what came off, what it sat behind, the way round, what goes in instead, what has to be tested. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { orientationWords, pieceWords } from '$lib/words';
  import Dictate from './Dictate.svelte';
  import MarkedPhoto from './MarkedPhoto.svelte';
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
  <Field label="What came off" error={form.field('title')}
    >{#snippet children(a)}<input
        class="input text-lg font-semibold"
        list="pieces"
        required
        maxlength="80"
        autocomplete="off"
        bind:value={e.title}
        {...a}
      />{/snippet}</Field
  >
  <datalist id="pieces"
    >{#each Object.values(pieceWords) as t (t)}<option value={t}></option>{/each}</datalist
  >
  <Field label="Note" error={form.field('note')}
    >{#snippet children(a)}<textarea class="input min-h-20" maxlength="1000" bind:value={e.note} {...a}
      ></textarea>{/snippet}</Field
  >
  <Dictate onsaid={(text) => (e.note = `${e.note}${e.note ? ' ' : ''}${text}`)} />
  <Field
    label="Which way round it goes"
    hint="Only where it can go in wrong: it is asked twice at the rebuild."
    error={form.field('wayRound')}
    >{#snippet children(a)}<input class="input" maxlength="200" bind:value={e.wayRound} {...a} />{/snippet}</Field
  >
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
    <fieldset>
      <legend class="text-sm font-semibold">It sat behind</legend>
      <p class="text-xs text-soft">What had to be off before it could come off.</p>
      {#if form.field('behind')}<p class="text-sm font-semibold text-oxide">{form.field('behind')}</p>{/if}
      <div class="mt-1 flex flex-wrap gap-2">
        {#each others as o (o.step.id)}
          <label class="btn min-h-10 cursor-pointer px-3 text-sm has-checked:bg-ink has-checked:text-fog"
            ><input
              class="sr-only"
              type="checkbox"
              checked={e.behind.includes(o.step.id)}
              onchange={(ev) =>
                (e.behind = ev.currentTarget.checked
                  ? [...e.behind, o.step.id]
                  : e.behind.filter((b) => b !== o.step.id))}
            />{o.step.number}
            {o.step.title}</label
          >
        {:else}<p class="text-sm text-soft">Nothing came off before it.</p>{/each}
      </div>
    </fieldset>
    <div class="grid gap-4 sm:grid-cols-2">
      <Field label="What it is"
        >{#snippet children(a)}<select class="input" bind:value={e.kind} {...a}
            >{#each Object.entries(pieceWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
          >{/snippet}</Field
      >
      <Field label="The machine lies"
        >{#snippet children(a)}<select class="input" bind:value={e.lies} {...a}
            >{#each Object.entries(orientationWords) as [v, w] (v)}<option value={v}>{w}</option>{/each}</select
          >{/snippet}</Field
      >
      <Field label="Test before it is covered" hint="Bare board beeps; rails on a load."
        >{#snippet children(a)}<input
            class="input"
            maxlength="200"
            bind:value={e.testBeforeCovered}
            {...a}
          />{/snippet}</Field
      >
      <Field label="What goes in instead"
        >{#snippet children(a)}<input
            class="input"
            maxlength="120"
            bind:value={e.exchangedFor}
            {...a}
          />{/snippet}</Field
      >
      <Field label="Not before this is over" class="sm:col-span-2"
        >{#snippet children(a)}<select class="input" bind:value={e.afterJobId} {...a}
            ><option value={null}>Nothing: it is ready</option>{#each waits as j (j.id)}<option value={j.id}
                >{j.title}{j.waitsFor ? `, ${j.waitsFor}` : ''}</option
              >{/each}</select
          >{/snippet}</Field
      >
    </div>
    <label class="flex min-h-11 items-center gap-3"
      ><input type="checkbox" class="size-6 accent-verdigris" bind:checked={e.staysOut} />It stays out for good</label
    >
  {/if}
  <button class="btn-next" disabled={form.busy}>Keep it</button>
</form>

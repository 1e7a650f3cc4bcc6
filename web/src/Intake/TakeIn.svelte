<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Field from '$lib/ui/Field.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { go } from '../router';
  import MachineForm, { blank } from './MachineForm.svelte';
  import { post } from './photos';

  let edit = $state(blank());
  let files = $state<FileList>();
  let sent = $state('');
  let money = $state({ finish: '', complete: '', stop: '' });
  const form = new Sending();
  const packs = createQuery(() => ({ queryKey: ['packs'], queryFn: () => ask(api.GET('/api/packs')) }));
  const profiles = $derived((packs.data ?? []).flatMap((p) => p.machines));

  function choose(id: string) {
    const p: Schemas['ProfileRow'] | undefined = profiles.find((x) => x.id === id);
    edit.profileId = id || null;
    if (p)
      Object.assign(edit, {
        kind: p.kind,
        model: p.model,
        class: p.class,
        yearFrom: p.yearFrom,
        yearTo: p.yearTo,
        traits: [...p.traits],
        mainsLead:
          p.traits.includes('internalMainsSupply') || p.traits.includes('pictureTube')
            ? 'yes'
            : p.traits.includes('externalAdapter')
              ? 'no'
              : 'notKnown',
        tube: p.traits.includes('pictureTube') ? 'yes' : 'no',
        battery: p.traits.some((t) => ['barrelCell', 'coinCell', 'hiddenCell', 'lithiumPack'].includes(t))
          ? 'yes'
          : 'notKnown',
      });
  }

  async function takeIn() {
    const done = await act(api.POST('/api/machines', { body: edit }));
    const [finish, complete, stop] = [
      number(money.finish, 'what finishing may cost'),
      number(money.complete, 'what a complete one costs'),
      number(money.stop, 'the stop-loss'),
    ];
    if (finish != null || complete != null || stop != null) {
      const around = (v: number | null) =>
        v == null ? null : { low: Math.round(v * 0.5), likely: v, high: Math.round(v * 2) };
      await act(
        api.PUT('/api/machines/{id}/costs/expectation', {
          params: { path: { id: done.id! } },
          headers: basedOn(0),
          body: {
            toFinish: around(finish),
            complete: complete == null ? null : { low: complete, likely: complete, high: complete },
            stopLoss: stop,
          },
        }),
        true,
      );
    }
    // They are kept on this device and sent while the person goes on.
    for (const [i, file] of Array.from(files ?? []).entries()) {
      sent = `Photo ${i + 1} of ${files!.length} …`;
      await post(done.id!, file);
    }
    go(`/m/${done.id}/survey`);
  }
</script>

<svelte:head><title>Take a machine in · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="" />
  <main class="max-w-[64rem]">
    <h1 class="text-3xl font-bold">Take a machine in</h1>
    <p class="mt-1 text-soft">
      A photo and a name are enough; everything else can come later. Several boxes at once?
      <a class="underline" href="/take-in-lot">Take them in as a lot</a>, and sort it once all are open.
    </p>
    <form
      id="take-in"
      class="mt-5 grid gap-4"
      onsubmit={(e) => {
        e.preventDefault();
        void form.send(takeIn);
      }}
    >
      <ProblemNote problem={form.problem} />
      <MachineForm bind:edit {form}>
        {#snippet first()}
          <Field label="Photos" hint="As it stands, before anything is touched."
            >{#snippet children(f)}<input
                class="input py-2"
                type="file"
                accept="image/*"
                multiple
                bind:files
                {...f}
              />{/snippet}</Field
          >
        {/snippet}
        {#snippet came()}
          <fieldset class="grid gap-4 sm:grid-cols-3">
            <legend class="text-sm font-semibold">Money, before it is spent</legend>
            <NumberField
              label="To finish it, likely"
              hint="Half to twice as much is taken as the range."
              bind:value={money.finish}
            />
            <NumberField label="A complete one costs" bind:value={money.complete} />
            <NumberField label="Stop-loss" hint="Empty: the price of a complete one." bind:value={money.stop} />
          </fieldset>
        {/snippet}
      </MachineForm>
      {#if profiles.length}
        <Fold title="One that a pack of this workshop knows"
          ><div class="mt-2">
            <SelectField
              label="Which one?"
              hint="Brings its class, traits, rails, cell and boards along."
              options={[['', 'Not from a pack'], ...profiles.map((p) => [p.id, `${p.model}, ${p.kind}`] as const)]}
              bind:value={() => edit.profileId ?? '', choose}
            />
          </div></Fold
        >
      {/if}
    </form>
  </main>
</div>
<BenchEdge>
  {#snippet next()}<button class="btn-next" form="take-in" disabled={form.busy}
      >{sent && form.busy ? sent : 'Take it in'}</button
    >{/snippet}
  {#snippet needs()}Then look it over, before any power.{/snippet}
</BenchEdge>

<!-- @component One capacitor as typed: new on a board, or changed. The marking is read as it is typed. -->
<script lang="ts">
  import type { QuickEntry } from './quick.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { kindWords, roleWords, signWords, directionWords } from '$lib/words';
  let {
    id,
    boardId,
    row,
    side = 'front',
    quick,
    taken = [],
    ondone,
    onmap,
    onlist,
  }: {
    id: string;
    boardId: string;
    row?: Schemas['CapacitorRow'];
    side?: Schemas['Side'];
    /** For a new one: what stays the same from part to part. */
    quick?: QuickEntry;
    /** Designators that are on the board. */
    taken?: string[];
    ondone: (id?: string) => void;
    onmap?: () => void;
    onlist?: () => void;
  } = $props();

  const text = (v: number | null | undefined) => (v == null ? '' : plain(v, 6));
  // svelte-ignore state_referenced_locally
  const c = row?.capacitor;
  // svelte-ignore state_referenced_locally
  quick?.ready(taken);
  let more = $state(false);
  let root: HTMLFormElement | undefined = $state();
  // svelte-ignore state_referenced_locally
  let designator = $state(c?.designator ?? quick?.designator ?? '');
  let marking = $state(c?.marking ?? '');
  // svelte-ignore state_referenced_locally
  let kind = $state<Schemas['CapacitorKind']>(c?.spec.kind ?? quick?.kind ?? 'unknown');
  // svelte-ignore state_referenced_locally
  let role = $state<Schemas['CapacitorRole']>(c?.role ?? quick?.role ?? 'unknown');
  let signs = $state<Schemas['CapacitorSign'][]>([...(c?.signs ?? [])]);
  let celsius = $state(text(c?.spec.maxCelsius));
  let diameter = $state(text(c?.spec.diameterMillimetres));
  let height = $state(text(c?.spec.heightMillimetres));
  let pitch = $state(text(c?.spec.leadPitchMillimetres));
  let esr = $state(text(c?.spec.esrOhms));
  let headroom = $state(text(c?.headroomMillimetres));
  let before = $state<Schemas['Direction']>(c?.minusBefore ?? 'notKnown');
  let printed = $state<Schemas['Direction']>(c?.minusPrinted ?? 'notKnown');
  let read = $state.raw<Schemas['CapacitorMarkingAnswer']>();
  const form = new Sending();

  $effect(() => {
    const body = { text: marking, kind };
    if (!marking.trim()) {
      read = undefined;
      return;
    }
    const timer = setTimeout(
      () =>
        void ask(api.POST('/api/calc/markings/capacitor', { body }))
          .then((r) => (read = r))
          .catch(() => (read = undefined)),
      150,
    );
    return () => clearTimeout(timer);
  });

  async function save() {
    const body: Schemas['CapacitorEdit'] = {
      designator,
      marking,
      kind,
      role,
      signs,
      ratedVolts: null,
      maxCelsius: number(celsius, 'temperature'),
      diameterMillimetres: number(diameter, 'diameter'),
      heightMillimetres: number(height, 'height'),
      leadPitchMillimetres: number(pitch, 'pitch'),
      x: c?.x ?? null,
      y: c?.y ?? null,
      side: c?.side ?? side,
      minusBefore: before,
      minusPrinted: printed,
      headroomMillimetres: number(headroom, 'the room above'),
      esrOhms: number(esr, 'the ESR of its sheet'),
    };
    const done = c
      ? await act(
          api.PUT('/api/machines/{id}/capacitors/{capacitorId}', {
            params: { path: { id, capacitorId: c.id } },
            headers: basedOn(c.version),
            body,
          }),
        )
      : await act(
          api.POST('/api/machines/{id}/boards/{boardId}/capacitors', { params: { path: { id, boardId } }, body }),
        );
    ondone(done.id ?? undefined);
    if (quick) {
      // The sheet stays for the next one: kind and use as before, the designator one further.
      quick.kind = kind;
      quick.role = role;
      quick.took(designator, taken);
      designator = quick.designator;
      marking = '';
      signs = [];
      celsius = diameter = height = pitch = headroom = esr = '';
      before = printed = 'notKnown';
      root?.querySelector<HTMLInputElement>('[name=marking]')?.focus();
    }
  }
  async function remove() {
    await act(
      api.DELETE('/api/machines/{id}/capacitors/{capacitorId}', { params: { path: { id, capacitorId: c!.id } } }),
    );
    ondone();
  }
</script>

{#snippet rest()}
  <CheckGroup label="It" class="sm:col-span-2" bind:value={signs} options={signWords} />
  <div class="grid grid-cols-2 gap-4 sm:col-span-2 sm:grid-cols-6">
    <NumberField label="Sheet’s ESR, Ω" error={form.field('esrOhms')} bind:value={esr} />
    <NumberField label="Rated °C" bind:value={celsius} whole />
    <NumberField label="Diameter, mm" bind:value={diameter} />
    <NumberField label="Height, mm" bind:value={height} />
    <NumberField label="Pitch, mm" bind:value={pitch} />
    <NumberField label="Room above, mm" error={form.field('headroomMillimetres')} bind:value={headroom} />
  </div>
  <SelectField label="Its minus points, on the photo" bind:value={before} options={directionWords} />
  <SelectField label="The board’s print has minus" bind:value={printed} options={directionWords} />
{/snippet}
<form
  bind:this={root}
  class="grid gap-4 sm:grid-cols-2"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
  <TextField
    label="Designator"
    error={form.field('designator')}
    bind:value={designator}
    mono
    autocomplete="off"
    required
    maxlength={12}
  />
  <TextField
    label="Marking, as printed"
    error={form.field('marking')}
    bind:value={marking}
    mono
    name="marking"
    autocomplete="off"
    required
    maxlength={60}
  />
  <p
    class="min-h-6 text-sm sm:col-span-2 {read && !read.certain ? 'font-semibold text-oxide' : 'text-soft'}"
    role="status"
  >
    {read ? read.sentence : 'Such as 47 16V, 226C, 475, 4R7, 100n; “not readable” where it is worn off.'}
  </p>
  <SelectField label="Kind" bind:value={kind} options={kindWords} />
  <SelectField label="What it does there" bind:value={role} options={roleWords} />
  {#if quick}
    <Fold title="Signs, size, way round" bind:open={more} class="sm:col-span-2"
      ><div class="mt-2 grid gap-4 sm:grid-cols-2">{@render rest()}</div></Fold
    >
  {:else}{@render rest()}{/if}
  <div class="flex flex-wrap items-center gap-x-5 gap-y-2 sm:col-span-2">
    <button class="btn-next" disabled={form.busy}>{c ? 'Save' : 'Put it on the board'}</button>{#if c}<button
        type="button"
        class="act text-oxide"
        onclick={() => void form.send(remove)}>Take it off the list</button
      >{/if}{#if quick?.added.length}<span class="text-sm" role="status"
        >{quick.added.length} put down, {quick.added.at(-1)} last</span
      >{/if}{#if onmap}<button type="button" class="act" onclick={onmap}>Tap them on the map</button
      >{/if}{#if onlist}<button type="button" class="act" onclick={onlist}>Paste a list</button>{/if}
  </div>
</form>

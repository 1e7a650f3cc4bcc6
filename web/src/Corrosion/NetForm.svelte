<!-- @component A net to be measured end to end. Its length comes from the run drawn on the map; what whole copper would read is said as it is typed. -->
<script lang="ts">
  import { api, basedOn, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain, siText, typed } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { runMillimetres, type Point, type Side } from '../Boards/items';
  let {
    id,
    boardId,
    side,
    sheet,
    path,
    row,
    ondone,
  }: {
    id: string;
    boardId: string;
    side: Side;
    sheet?: Schemas['SideSheet'];
    path: Point[];
    row?: Schemas['NetRow'];
    ondone: (id?: string) => void;
  } = $props();
  // svelte-ignore state_referenced_locally
  const n = row?.net;
  // svelte-ignore state_referenced_locally
  const run = runMillimetres(path, sheet);
  let name = $state(n?.name ?? '');
  let from = $state(n?.from ?? '');
  let to = $state(n?.to ?? '');
  let length = $state(n ? plain(n.trace.lengthMillimetres) : run ? plain(run, 3) : '');
  let width = $state(plain(n?.trace.widthMillimetres ?? 0.3));
  let copper = $state(plain(n?.trace.copperMicrometres ?? 35));
  let vias = $state(String(n?.trace.vias ?? 0));
  let amps = $state(n?.trace.amps == null ? '' : plain(n.trace.amps));
  let whole = $state.raw<Schemas['TraceResult']>();
  const form = new Sending();
  const trace = () => ({
    lengthMillimetres: number(length, 'the length') ?? 0,
    widthMillimetres: number(width, 'the width') ?? 0.3,
    copperMicrometres: number(copper, 'the copper') ?? 35,
    vias: number(vias, 'the plated holes') ?? 0,
    amps: number(amps, 'the current'),
  });
  $effect(() => {
    const figures = [length, width, copper, vias].map(typed);
    if (figures.some((f) => f === undefined || Number.isNaN(f))) return;
    const [l, w, c, v] = figures as number[];
    const timer = setTimeout(
      () =>
        void ask(
          api.POST('/api/calc/corrosion/trace', {
            body: {
              trace: { lengthMillimetres: l!, widthMillimetres: w!, copperMicrometres: c!, vias: v!, amps: null },
              readOhms: null,
              overload: false,
              net: 'it',
              contactErrorOhms: 0.01,
              thinFactor: 1.5,
            },
          }),
        )
          .then((r) => (whole = r))
          .catch(() => (whole = undefined)),
      150,
    );
    return () => clearTimeout(timer);
  });
  async function save() {
    const body: Schemas['NetEdit'] = { name, from, to, side, path, trace: trace() };
    const done = n
      ? await act(
          api.PUT('/api/machines/{id}/nets/{rowId}', {
            params: { path: { id, rowId: n.id } },
            headers: basedOn(n.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/boards/{boardId}/nets', { params: { path: { id, boardId } }, body }));
    ondone(done.id ?? undefined);
  }
  async function remove() {
    await act(api.DELETE('/api/machines/{id}/nets/{rowId}', { params: { path: { id, rowId: n!.id } } }));
    ondone();
  }
</script>

<form
  class="grid gap-4 sm:grid-cols-3"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <div class="sm:col-span-3"><ProblemNote problem={form.problem} /></div>
  <TextField label="Its name" error={form.field('name')} bind:value={name} required maxlength={60} placeholder="A7" />
  <TextField label="One end" error={form.field('from')} bind:value={from} maxlength={60} placeholder="U31 pin 12" />
  <TextField label="Other end" bind:value={to} maxlength={60} placeholder="slot 1 pin 7" />
  <NumberField
    label="Length, mm"
    error={form.field('trace.lengthMillimetres')}
    hint={run ? 'From the run on the map.' : ''}
    bind:value={length}
    required
  />
  <NumberField label="Width, mm" error={form.field('trace.widthMillimetres')} bind:value={width} required />
  <NumberField
    label="Copper, µm"
    error={form.field('trace.copperMicrometres')}
    hint="35 is 1 oz."
    bind:value={copper}
  />
  <NumberField label="Plated holes in the way" error={form.field('trace.vias')} bind:value={vias} whole />
  <NumberField
    label="Carries at most, A"
    error={form.field('trace.amps')}
    hint="Decides the jumper’s wire."
    bind:value={amps}
  />
  <p class="self-end pb-2" role="status">
    {#if whole}Whole, it reads <span class="reading text-xl">{siText(whole.expectedOhms, 'Ω')}</span>{/if}
  </p>
  <div class="flex items-center gap-5 sm:col-span-3">
    <button class="btn-next" disabled={form.busy}>{n ? 'Save' : 'Put it on the list'}</button>{#if n}<button
        type="button"
        class="act text-oxide"
        onclick={() => void form.send(remove)}>Take it off the list</button
      >{/if}
  </div>
</form>

<!-- @component One size of fastener of one step: taps on the photo mark its holes and count them. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { number } from '$lib/format';
  import { Sending } from '$lib/api/act.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import { size } from './record';

  type Edit = Schemas['StripFastenerEdit'];
  let {
    usual,
    trays,
    tray,
    src,
    alt,
    from,
    marks,
    onsave,
  }: {
    usual: { thread: string; lengthMillimetres: number | null; head: string }[];
    trays: string[];
    tray: string;
    src?: string;
    alt: string;
    from?: Edit;
    marks: { x: number; y: number; text: string }[];
    onsave: (f: Edit) => Promise<unknown>;
  } = $props();
  // svelte-ignore state_referenced_locally
  let f = $state<Edit>(
    from
      ? structuredClone($state.snapshot(from))
      : {
          // Nothing is filled in that nobody said: the sizes of this machine are a tap away.
          thread: '',
          lengthMillimetres: null,
          head: '',
          count: 1,
          missingBefore: 0,
          hole: '',
          marks: [],
          tray,
          pierces: '',
        },
  );
  let length = $state(f.lengthMillimetres == null ? '' : String(f.lengthMillimetres));
  let photo = $state(false);
  const form = new Sending();
  const more = (by: number) => (f.count = Math.max(f.missingBefore > 0 ? 0 : 1, f.count + by));

  function mark(x: number, y: number) {
    f.marks = [...f.marks, { x, y, text: String(marks.length + f.marks.length + 1) }];
    f.count = Math.max(f.count, f.marks.length);
    if (!f.hole || /^[\d, to]+$/.test(f.hole)) f.hole = f.marks.map((m) => m.text).join(', ');
  }
  const save = () =>
    form.send(async () => onsave({ ...$state.snapshot(f), lengthMillimetres: number(length, 'the length') }));
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void save();
  }}
>
  <ProblemNote problem={form.problem} />
  {#if usual.length && !from}
    <div class="flex flex-wrap gap-2" role="group" aria-label="Sizes used on this machine">
      {#each usual as u (size(u) + u.head)}
        <button
          type="button"
          class="btn reading px-3 aria-pressed:bg-ink aria-pressed:text-fog"
          aria-pressed={f.thread === u.thread && length === String(u.lengthMillimetres ?? '') && f.head === u.head}
          onclick={() => {
            f.thread = u.thread;
            length = u.lengthMillimetres == null ? '' : String(u.lengthMillimetres);
            f.head = u.head;
          }}>{size(u)} <span class="font-sans font-normal">{u.head}</span></button
        >
      {/each}
    </div>
  {/if}
  <div class="grid grid-cols-3 gap-3">
    <SuggestField
      label="Thread"
      error={form.field('thread')}
      bind:value={f.thread}
      suggestions={['M2', 'M2.5', 'M3', 'M4', '4-40', '6-32', '8-32', 'self-tapping 3', 'self-tapping 4', 'clip']}
      mono
      required
      maxlength={30}
    />
    <NumberField label="Length, mm" error={form.field('lengthMillimetres')} bind:value={length} />
    <SuggestField
      label="Head"
      bind:value={f.head}
      suggestions={['pan', 'countersunk', 'hex', 'flange', 'cheese', 'brass']}
      maxlength={30}
    />
  </div>

  <div class="grid grid-cols-[auto_1fr] items-end gap-3">
    <div>
      <p class="text-sm font-semibold">How many</p>
      <div class="flex items-center gap-2">
        <button type="button" class="btn size-12 p-0 text-xl" aria-label="One fewer" onclick={() => more(-1)}>−</button
        ><output class="reading w-10 text-center text-2xl" aria-label="How many came out">{f.count}</output><button
          type="button"
          class="btn size-12 p-0 text-xl"
          aria-label="One more"
          onclick={() => more(1)}>+</button
        >
      </div>
    </div>
    <SuggestField
      label="Tray"
      error={form.field('tray')}
      bind:value={f.tray}
      suggestions={trays}
      mono
      size="text-lg"
      maxlength={12}
    />
  </div>

  {#if src}
    {#if photo || f.marks.length}
      <MarkedPhoto {src} {alt} marks={[...marks, ...f.marks]} onmark={mark} />
      {#if f.marks.length}<button
          type="button"
          class="act justify-self-start"
          onclick={() => (f.marks = f.marks.slice(0, -1))}>Take the last mark back</button
        >{/if}
    {:else}
      <button type="button" class="btn justify-self-start" onclick={() => (photo = true)}
        >Mark the holes on the photo</button
      >
    {/if}
  {/if}
  <Fold title="Which hole, missing before you, what lies behind" open={!!(f.missingBefore || f.pierces || f.hole)}>
    <div class="mt-2 grid gap-4 sm:grid-cols-2">
      <TextField label="Which hole" bind:value={f.hole} maxlength={60} />
      <NumberField
        label="Missing before you"
        error={form.field('count')}
        bind:number={() => f.missingBefore, (v) => (f.missingBefore = v ?? 0)}
        whole
        least={0}
        most={200}
      />
      <TextField
        label="A longer one would pierce"
        class="sm:col-span-2"
        hint="The board, the tube, the panel: it is said when somebody tries."
        bind:value={f.pierces}
        maxlength={120}
      />
    </div>
  </Fold>
  <button class="btn-next" disabled={form.busy}>Keep it</button>
</form>

<!-- @component A photo with a card: fields of the card tapped first, then places on the part. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import type { Point } from '../Boards/items';
  import Taps from '../Photos/Taps.svelte';
  import { cardWords } from './words';

  let { id, row, ondone }: { id: string; row: Schemas['WhiteningRow']; ondone: () => void } = $props();
  const form = new Sending();
  let kind = $state<Schemas['CardKind']>('plainPaper');
  let fields = $state(1);
  let published = $state(['', '']);
  let photoId = $state('');
  let taps = $state<Point[]>([]);
  let names = $state<string[]>([]);
  let hidden = $state<boolean[]>([]);
  let cleaned = $state(false);
  let bloom = $state(false);
  let looked = $state<Schemas['PhotoColourResult'] | null>(null);
  const prompts = $derived(
    Array.from({ length: fields }, (_, i) =>
      fields === 1 ? 'the card' : i === 0 ? 'the lighter field of the card' : 'the darker field of the card',
    ),
  );
  const patches = $derived(taps.slice(fields));
  const lab = (text: string, i: number): Schemas['Lab'] | null => {
    if (kind !== 'published') return null;
    const [l, a, b] = text.trim().split(/[\s;/]+/);
    return {
      l: number(l ?? '', `L* of field ${i + 1}`) ?? 0,
      a: number(a ?? '', `a* of field ${i + 1}`) ?? 0,
      b: number(b ?? '', `b* of field ${i + 1}`) ?? 0,
    };
  };
  const body = (): Schemas['MeasurePhotoAsk'] => ({
    photoId,
    kind,
    card: taps.slice(0, fields).map((at, i) => ({ at, published: lab(published[i] ?? '', i) })),
    patches: patches.map((at, i) => ({
      name: names[i]?.trim() || `place ${i + 1}`,
      at,
      unaged: hidden[i] ?? false,
    })),
    cleaned: cleaned ? 'yes' : 'notKnown',
    bloom,
  });
  const path = $derived({ params: { path: { id, runId: row.run.id } } });
  const keep = () =>
    form.send(async () => {
      await act(api.POST('/api/machines/{id}/whitening/{runId}/measure', { ...path, body: body() }));
      ondone();
    });
  const repeat = () =>
    form.send(async () => {
      await act(api.POST('/api/machines/{id}/whitening/{runId}/repeat', { ...path, body: body() }));
      ondone();
    });
  const look = () =>
    form.send(async () => {
      looked = await ask(api.POST('/api/machines/{id}/whitening/{runId}/look', { ...path, body: body() }));
    });
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void keep();
  }}
>
  <ProblemNote problem={form.problem} />
  <div class="grid gap-4 sm:grid-cols-2">
    <Choice
      label="Which card lies there?"
      bind:value={kind}
      options={[
        ['plainPaper', cardWords.plainPaper],
        ['printed', cardWords.printed],
        ['published', cardWords.published],
      ]}
    />
    <Choice
      label="Fields of it that are tapped"
      value={String(fields)}
      options={{ '1': 'One', '2': 'Two, light and dark' }}
      onchange={(v) => {
        fields = Number(v);
        taps = [];
      }}
    />
  </div>
  {#if kind === 'published'}
    <div class="grid gap-4 sm:grid-cols-2">
      {#each prompts as prompt, i (i)}<TextField
          label="L* a* b* of {prompt}"
          hint="Three figures from its sheet, parted by blanks."
          bind:value={published[i]}
          required
        />{/each}
    </div>
  {:else}
    <p class="text-sm text-soft">
      Without published values these are differences: they compare under the same card only.
    </p>
  {/if}
  <Taps
    {id}
    {form}
    caption="{row.name} under the card"
    {prompts}
    further="a place on the part, or stop"
    bind:photoId
    bind:taps
    label="Photo with the card"
    advice="Daylight from a window, lamps off; tap the card in the camera first, so that nothing is blown out."
  />
  {#each patches as p, i (i)}
    <div class="flex flex-wrap items-end gap-4">
      <TextField
        label="Place {i + fields + 1}"
        bind:value={() => names[i] ?? '', (v) => (names[i] = v)}
        placeholder="lid, left"
        maxlength={40}
      />
      <label class="flex min-h-11 items-center gap-2.5"
        ><CheckBox bind:checked={() => hidden[i] ?? false, (v) => (hidden[i] = v)} />Light never reached it</label
      >
      <span class="sr-only">at {p.x}, {p.y}</span>
    </div>
  {/each}
  <label class="flex min-h-11 items-center gap-3"
    ><CheckBox bind:checked={cleaned} large />The places are clean and dry</label
  >
  <label class="flex min-h-11 items-center gap-3"
    ><CheckBox bind:checked={bloom} />A white bloom or streaks are to be seen</label
  >
  {#if looked}<p class="font-semibold" role="status">{looked.verdict.sentence}</p>{/if}
  <div class="flex flex-wrap items-center gap-6">
    <button class="btn-next" disabled={form.busy || !patches.length}>Keep this reading</button>
    <button type="button" class="act" disabled={form.busy || !patches.length} onclick={look}>Only look</button>
    {#if row.run.readings.length}<button
        type="button"
        class="act"
        disabled={form.busy || !patches.length}
        onclick={repeat}>The same place once more: how far is a photo good?</button
      >{/if}
  </div>
</form>

<!-- @component A photo with a card: fields of the card tapped first, then places on the part. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import type { Point } from '../Boards/items';
  import Taps from '../Photos/Taps.svelte';
  import { TappedCard } from './card.svelte';
  import CardFields from './CardFields.svelte';

  let { id, row, ondone }: { id: string; row: Schemas['WhiteningRow']; ondone: () => void } = $props();
  const form = new Sending();
  const card = new TappedCard();
  let photoId = $state('');
  let taps = $state<Point[]>([]);
  let names = $state<string[]>([]);
  let hidden = $state<boolean[]>([]);
  let cleaned = $state(false);
  let bloom = $state(false);
  let looked = $state<Schemas['PhotoColourResult'] | null>(null);
  const patches = $derived(taps.slice(card.fields));
  const body = (): Schemas['MeasurePhotoAsk'] => ({
    photoId,
    kind: card.kind,
    card: card.of(taps),
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
  <CardFields {card} onchange={() => (taps = [])} />
  <Taps
    {id}
    {form}
    caption="{row.name} under the card"
    prompts={card.prompts}
    further="a place on the part, or stop"
    bind:photoId
    bind:taps
    label="Photo with the card"
    advice="Daylight from a window, lamps off; tap the card in the camera first, so that nothing is blown out."
  />
  {#each patches as p, i (i)}
    <div class="flex flex-wrap items-end gap-4">
      <TextField
        label="Place {i + card.fields + 1}"
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

<!-- @component Makes a side's photo a map: four corners, one known length, and holes seen on both sides. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import SelectField from '$lib/ui/SelectField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { photoUrl } from '../Intake/photos';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import type { Point, Side } from './items';
  let {
    id,
    board,
    side,
    onphoto,
    ondone,
  }: { id: string; board: Schemas['BoardSheet']; side: Side; onphoto: () => void; ondone: () => void } = $props();
  const s = $derived(board[side]);
  const other = $derived(board[side === 'front' ? 'back' : 'front']);
  const form = new Sending();
  const corner = ['top left', 'top right', 'bottom right', 'bottom left'];
  let step = $state<'what' | 'corners' | 'scale' | 'holes'>('what');
  let points = $state<Point[]>([]);
  let front = $state<Point[]>([]);
  let back = $state<Point[]>([]);
  // svelte-ignore state_referenced_locally
  let turned = $state<Schemas['Turned']>(board.turned);
  let millimetres = $state('');
  const path = $derived({ params: { path: { id, boardId: board.id } }, headers: basedOn(board.version) });
  function go(to: typeof step) {
    step = to;
    points = [];
    front = [];
    back = [];
    form.forget();
  }
  const corners = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/boards/{boardId}/straighten', {
          ...path,
          body: { side, photoId: (s.takenId ?? s.photoId)!, corners: points },
        }),
      );
      go('scale');
    });
  const scale = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/boards/{boardId}/scale', {
          ...path,
          body: {
            side,
            known: { from: points[0]!, to: points[1]!, millimetres: number(millimetres, 'the length') ?? 0 },
          },
        }),
      );
      ondone();
    });
  const register = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/boards/{boardId}/register', {
          ...path,
          body: { turned, pairs: front.slice(0, back.length).map((f, i) => ({ front: f, back: back[i]! })) },
        }),
      );
      go('what');
    });
  const marks = (p: Point[]) => p.map((q, i) => ({ ...q, text: String(i + 1), brass: true }));
</script>

<ProblemNote problem={form.problem} />
{#if step === 'what'}
  {#if s.hash}
    <dl class="mb-4 grid grid-cols-2 gap-3">
      <div>
        <dt class="text-xs text-soft">Seen</dt>
        <dd class="font-semibold">{s.corners.length ? 'from straight above' : 'as it was taken'}</dd>
      </div>
      <div>
        <dt class="text-xs text-soft">Size of the picture</dt>
        <dd class="reading text-xl">
          {s.widthMillimetres && s.heightMillimetres
            ? `${plain(s.widthMillimetres, 4)} × ${plain(s.heightMillimetres, 4)} mm`
            : 'no scale yet'}
        </dd>
      </div>
    </dl>
    <div class="flex flex-wrap gap-3">
      <button class={s.corners.length ? 'btn' : 'btn-next'} onclick={() => go('corners')}
        >{s.corners.length ? 'Set the corners again' : 'Straighten it'}</button
      >
      <button class={s.corners.length && !s.widthMillimetres ? 'btn-next' : 'btn'} onclick={() => go('scale')}
        >Set one length</button
      >
      {#if s.hash && other.hash}<button class="btn" onclick={() => go('holes')}>Lay front and back together</button
        >{/if}
      <button class="btn" onclick={onphoto}>Another photo</button>
    </div>
    {#if other.hash}<p class="mt-4 text-sm">{board.registration.sentence}</p>{/if}
  {:else}
    <p>There is no photo of this side.</p>
    <button class="btn-next mt-3" onclick={onphoto}>Take one</button>
  {/if}
{:else if step === 'corners'}
  <p class="mb-3 text-lg font-bold" role="status">
    {points.length < 4 ? `Tap the board’s ${corner[points.length]} corner.` : 'Four corners: it can be straightened.'}
  </p>
  <MarkedPhoto
    src={photoUrl(s.takenHash ?? s.hash!)}
    alt="{board.name}, as taken"
    marks={marks(points)}
    onmark={(x, y) => {
      if (points.length < 4) points = [...points, { x, y }];
    }}
  />
  <div class="mt-4 flex flex-wrap gap-4">
    <button class="btn-next" disabled={points.length < 4 || form.busy} onclick={corners}
      >{form.busy ? 'One moment …' : 'Straighten it'}</button
    ><button class="act" disabled={!points.length} onclick={() => (points = points.slice(0, -1))}
      >Last corner away</button
    ><button class="act" onclick={() => go('what')}>Leave it</button>
  </div>
{:else if step === 'scale'}
  <p class="mb-3 text-lg font-bold" role="status">
    {points.length < 2
      ? `Tap ${points.length ? 'the other end' : 'one end'} of a length that you know: two mounting holes, a slot, the edge.`
      : 'How long is that?'}
  </p>
  <MarkedPhoto
    src={photoUrl(s.hash!)}
    alt="{board.name}, {side}"
    marks={marks(points)}
    onmark={(x, y) => {
      if (points.length < 2) points = [...points, { x, y }];
    }}
  />
  <form
    class="mt-4 flex flex-wrap items-end gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void scale();
    }}
  >
    <NumberField
      label="Millimetres"
      error={form.field('known.millimetres')}
      bind:value={millimetres}
      size="w-32 text-xl"
      required
    />
    <button class="btn-next" disabled={points.length < 2 || !millimetres.trim() || form.busy}>Set the scale</button>
    <button type="button" class="act" disabled={!points.length} onclick={() => (points = points.slice(0, -1))}
      >Last point away</button
    ><button type="button" class="act" onclick={() => go('what')}>Leave it</button>
  </form>
{:else}
  <p class="mb-3 text-lg font-bold" role="status">
    {front.length === back.length ? 'Tap a hole on the front …' : '… and the same hole on the back.'}
  </p>
  <div class="grid gap-3 sm:grid-cols-2">
    <MarkedPhoto
      src={photoUrl(board.front.hash!)}
      alt="{board.name}, front"
      marks={marks(front)}
      onmark={(x, y) => {
        if (front.length === back.length) front = [...front, { x, y }];
      }}
    />
    <MarkedPhoto
      src={photoUrl(board.back.hash!)}
      alt="{board.name}, back"
      marks={marks(back)}
      onmark={(x, y) => {
        if (front.length > back.length) back = [...back, { x, y }];
      }}
    />
  </div>
  <div class="mt-4 flex flex-wrap items-end gap-4">
    <SelectField
      label="It was turned over"
      bind:value={turned}
      options={[
        ['sideways', 'like a page, left to right'],
        ['endOverEnd', 'end over end'],
      ]}
    />
    <button class="btn-next" disabled={!back.length || form.busy} onclick={register}>Lay them together</button><button
      class="act"
      onclick={() => go('what')}>Leave it</button
    >
  </div>
{/if}

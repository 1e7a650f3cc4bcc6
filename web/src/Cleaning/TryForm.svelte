<!-- @component A pass with one method: how much came off, by two photos of one marked patch or by eye in fifths, and whether it did damage. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import type { Point } from '../Boards/items';
  import Taps from '../Photos/Taps.svelte';
  import { cornerWords } from '../Photos/words';
  import { damaged, shareOf } from './pass';
  import PassSeen from './PassSeen.svelte';

  let { id, row, ondone }: { id: string; row: Schemas['CleanedRow']; ondone: () => void } = $props();
  // svelte-ignore state_referenced_locally
  let method = $state(
    row.item.sheet.soak?.method ?? row.ladder.next ?? row.ladder.rungs.find((r) => r.state !== 'out')?.method ?? '',
  );
  let how = $state<'eye' | 'photos'>('eye');
  let seen = $state('');
  let loose = $state('0');
  let breadths = $state('1');
  let damage = $state('');
  let spot = $state(false);
  let already = $state(false);
  let hours = $state('');
  let beforeId = $state('');
  let before = $state<Point[]>([]);
  let afterId = $state('');
  let after = $state<Point[]>([]);
  let compared = $state<Schemas['PatchPairResult'] | null>(null);
  const rung = $derived(row.ladder.rungs.find((r) => r.method === method));
  const form = new Sending();
  const prompts = [...cornerWords('the marked patch'), 'the card'];
  const both = $derived(before.length >= 5 && after.length >= 5);
  const photos = (): Schemas['PatchPairAsk'] => ({
    beforePhotoId: beforeId,
    beforeCorners: before.slice(0, 4),
    beforeCard: before[4] ?? null,
    afterPhotoId: afterId,
    afterCorners: after.slice(0, 4),
    afterCard: after[4] ?? null,
  });
  const path = $derived({ params: { path: { id, itemId: row.item.id } } });
  const compare = () =>
    form.send(async () => {
      compared = await ask(
        api.POST('/api/machines/{id}/cleaning/{itemId}/compare', {
          ...path,
          body: photos(),
        }),
      );
    });
  async function save() {
    await act(
      api.POST('/api/machines/{id}/cleaning/{itemId}/try', {
        ...path,
        body: {
          method,
          removedShare: how === 'eye' ? shareOf(seen) : 0,
          loosened: Number(loose) / 5,
          breadths: number(breadths, 'the hand’s breadths') ?? 1,
          damage: how === 'eye' ? damaged(seen) : damage === '' ? null : damage === 'yes',
          spotTested: spot,
          photos: how === 'photos' ? photos() : null,
          alreadyDone: already,
          hoursAgo: already ? (number(hours, 'the hours') ?? 0) : 0,
        },
      }),
    );
    ondone();
  }
</script>

<form
  class="grid gap-5"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <ProblemNote problem={form.problem} />
  <SelectField
    label="What was tried"
    bind:value={method}
    options={row.ladder.rungs
      .filter((r) => already || r.state !== 'out')
      .map((r) => [r.method, r.state === 'out' ? `${r.name} (ruled out here)` : r.name] as const)}
  />
  <div class="grid items-end gap-3 sm:grid-cols-2">
    <label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={already} large />It was done before I asked</label
    >
    {#if already}<NumberField
        label="How many hours ago?"
        hint="Empty is now."
        error={form.field('hoursAgo')}
        bind:value={hours}
      />{/if}
  </div>
  {#if already && rung?.state === 'out'}<p class="max-w-read font-semibold text-oxide">
      Ruled out here. Look at it closely now. {rung.why}
    </p>{/if}
  {#if rung?.spotTest && !already}<label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={spot} large />A hidden place bore it for ten minutes</label
    >{/if}
  <Choice
    label="How is it known?"
    bind:value={how}
    options={{ eye: 'By eye, in fifths', photos: 'Two photos of one patch' }}
  />
  {#if how === 'eye'}
    <PassSeen bind:seen />
  {:else}
    <p class="text-sm">
      Tape at the corners of a patch, the same card beside it, the same light: one photo before the pass, one after.
    </p>
    <div class="grid gap-5 md:grid-cols-2">
      <Taps
        {id}
        {form}
        caption="{row.item.name}, the patch before"
        {prompts}
        bind:photoId={beforeId}
        bind:taps={before}
        label="Photo before"
      />
      <Taps
        {id}
        {form}
        caption="{row.item.name}, the patch after"
        {prompts}
        bind:photoId={afterId}
        bind:taps={after}
        label="Photo after"
      />
    </div>
    {#if compared}<p class="text-lg font-bold" role="status">{compared.verdict.sentence}</p>{/if}
    <button type="button" class="btn justify-self-start" disabled={form.busy || !both} onclick={compare}
      >What came off?</button
    >
  {/if}
  {#if how === 'photos'}<Choice
      label="Did it do damage: scratches, bloom, lettering gone?"
      bind:value={damage}
      options={{ no: 'No', yes: 'Yes' }}
    />{/if}
  <Fold title="Came loose, and what it took">
    <div class="grid gap-4 pt-2">
      <Choice
        label="How much came loose and still lies there, in fifths?"
        bind:value={loose}
        options={[
          ['0', 'None'],
          ['1', '1'],
          ['2', '2'],
          ['3', '3'],
          ['4', '4'],
          ['5', 'All'],
        ]}
      />
      {#if row.shelf && method === row.ladder.next && !row.item.sheet.soak}<NumberField
          label="Hand’s breadths that it went over"
          hint={row.shelf.verdict.sentence}
          error={form.field('breadths')}
          bind:value={breadths}
          least={0}
          most={1000}
        />{/if}
    </div>
  </Fold>
  <button
    class="btn-next justify-self-start"
    disabled={form.busy || !method || (how === 'photos' ? !both || !damage : !seen)}>Keep this pass</button
  >
</form>

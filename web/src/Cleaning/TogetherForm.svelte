<!-- @component One pass over several items, answered once: what looks otherwise is taken out of it, and kept by itself. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { capital, number } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { damaged, shareOf } from './pass';
  import PassSeen from './PassSeen.svelte';

  let {
    id,
    batch,
    rows,
    ondone,
  }: { id: string; batch: Schemas['CleaningBatch']; rows: Schemas['CleanedRow'][]; ondone: () => void } = $props();
  let seen = $state('');
  let spot = $state(false);
  let already = $state(false);
  let hours = $state('');
  let noted = $state('');
  let out = $state<Record<string, boolean>>({});
  const form = new Sending();
  const through = $derived(rows.filter((r) => !out[r.item.id]));
  const unproven = $derived(
    through.filter((r) => r.ladder.rungs.some((x) => x.method === batch.method && x.spotTest)).map((r) => r.item.name),
  );
  /** What has to be noted of some of them before they get wet, each line once. */
  const before = $derived([...new Set(through.filter((r) => r.before.length > 0).flatMap((r) => r.ladder.before))]);
  async function save() {
    await act(
      api.POST('/api/machines/{id}/cleaning/together', {
        params: { path: { id } },
        body: {
          method: batch.method,
          items: through.map((r) => r.item.id),
          removedShare: shareOf(seen),
          damage: damaged(seen),
          spotTested: spot,
          alreadyDone: already,
          hoursAgo: already ? (number(hours, 'the hours') ?? 0) : 0,
          noted,
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
  <fieldset>
    <legend class="font-bold">Went through it; take the tick off what looks otherwise</legend>
    <ul class="mt-1 border-t border-sill">
      {#each rows as r (r.item.id)}
        <li class="border-b border-sill">
          <label class="flex min-h-11 items-center gap-3"
            ><CheckBox bind:checked={() => !out[r.item.id], (v) => (out[r.item.id] = !v)} large />{capital(
              r.item.name,
            )}</label
          >
        </li>
      {/each}
    </ul>
  </fieldset>
  {#if before.length && !already}<div>
      <ul class="list-disc pl-5 text-sm">
        {#each before as b (b)}<li>{b}</li>{/each}
      </ul>
      <TextField class="mt-2" label="How they stood" hint="Or: there are none." bind:value={noted} maxlength={500} />
    </div>{/if}
  <PassSeen bind:seen />
  {#if unproven.length && !already}<label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={spot} large />A hidden place of each bore it for ten minutes</label
    >{/if}
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
  <button class="btn-next justify-self-start" disabled={form.busy || !seen || through.length < 2}
    >Keep this pass for {through.length}</button
  >
</form>

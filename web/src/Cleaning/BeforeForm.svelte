<!-- @component What stands how before it gets wet: trimmers, switches, jumpers, labels; a photo, or words. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Taps from '../Photos/Taps.svelte';

  let { id, row, ondone }: { id: string; row: Schemas['CleanedRow']; ondone: () => void } = $props();
  let noted = $state('');
  let photoId = $state('');
  const form = new Sending();
  const save = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/before', {
          params: { path: { id, itemId: row.item.id } },
          body: { noted, photoId: photoId || null },
        }),
      );
      ondone();
    });
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void save();
  }}
>
  <ul class="list-disc pl-5">
    {#each row.ladder.before as b (b)}<li>{b}</li>{/each}
  </ul>
  <ProblemNote problem={form.problem} />
  <Taps
    {id}
    {form}
    caption="{row.item.name}, before it gets wet"
    prompts={[]}
    bind:photoId
    label="Photo of how it stands"
  />
  <TextField
    label="How they stand"
    hint="A trimmer’s slot by the clock, switches from the left, jumpers by their pins; or that there are none."
    bind:value={noted}
    maxlength={500}
    placeholder="no switches; label dry and whole"
  />
  <button class="btn-next justify-self-start" disabled={form.busy || (!noted.trim() && !photoId)}>It is noted</button>
</form>

<!-- @component A parcel comes on another day than was thought. -->
<script lang="ts">
  import { api } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';

  let { orderId, expectedOn, ondone }: { orderId: string; expectedOn: string; ondone: () => void } = $props();
  // svelte-ignore state_referenced_locally
  let on = $state<string | null>(expectedOn);
  const form = new Sending();
  const keep = () =>
    form.send(async () => {
      await act(
        api.PUT('/api/orders/{orderId}/expected', { params: { path: { orderId } }, body: { expectedOn: on ?? '' } }),
      );
      ondone();
    });
</script>

<form
  class="grid max-w-md gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void keep();
  }}
>
  <ProblemNote problem={form.problem} />
  <DayField label="The parcel comes by" error={form.field('expectedOn')} bind:value={on} />
  <p class="text-sm text-soft">All work that waits for it waits until then, and the plan goes round it.</p>
  <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
</form>

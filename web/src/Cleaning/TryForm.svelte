<!-- @component A pass with one method: how much came off, and whether it did damage. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';

  let { id, row, ondone }: { id: string; row: Schemas['CleanedRow']; ondone: () => void } = $props();
  // svelte-ignore state_referenced_locally
  let method = $state(row.ladder.next ?? row.ladder.rungs.find((r) => r.state !== 'out')?.method ?? '');
  let fifths = $state('2');
  let damage = $state('no');
  let spot = $state(false);
  const rung = $derived(row.ladder.rungs.find((r) => r.method === method));
  const form = new Sending();
  async function save() {
    await act(
      api.POST('/api/machines/{id}/cleaning/{itemId}/try', {
        params: { path: { id, itemId: row.item.id } },
        body: { method, removedShare: Number(fifths) / 5, damage: damage === 'yes', byEye: true, spotTested: spot },
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
    options={row.ladder.rungs.filter((r) => r.state !== 'out').map((r) => [r.method, r.name] as const)}
  />
  {#if rung?.spotTest}<label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={spot} large />A hidden place bore it for ten minutes</label
    >{/if}
  <Choice
    label="How much came off, by eye, in fifths?"
    bind:value={fifths}
    options={[
      ['0', 'None'],
      ['1', '1'],
      ['2', '2'],
      ['3', '3'],
      ['4', '4'],
      ['5', 'All'],
    ]}
  />
  <Choice
    label="Did it do damage: scratches, bloom, lettering gone?"
    bind:value={damage}
    options={{ no: 'No', yes: 'Yes' }}
  />
  <button class="btn-next justify-self-start" disabled={form.busy || !method}>Keep this pass</button>
</form>

<!-- @component The rails that a machine's supply has. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  let {
    id,
    rails,
    version,
    ondone,
  }: { id: string; rails: Schemas['RailReading'][]; version: number; ondone: () => void } = $props();
  const form = new Sending();
  // svelte-ignore state_referenced_locally
  let rows = $state(rails.map((r) => ({ name: r.name, volts: plain(r.nominalVolts) })));
  const save = () =>
    form.send(async () => {
      const body = rows.map((r) => {
        const nominalVolts = number(r.volts, r.name || 'the rail');
        if (nominalVolts == null) throw new Error(`Say how many volts ${r.name || 'the new rail'} has.`);
        return { name: r.name, nominalVolts };
      });
      await act(
        api.PUT('/api/machines/{id}/power/rails', { params: { path: { id } }, headers: basedOn(version), body }),
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
  <ProblemNote problem={form.problem} />
  <ul class="grid gap-3">
    {#each rows as r, i (i)}
      <li class="grid grid-cols-[1fr_7rem_auto] items-end gap-3">
        <TextField label="Name" bind:value={r.name} maxlength={20} mono required />
        <NumberField label="Volts" bind:value={r.volts} inputmode="text" required />
        <button
          type="button"
          class="act"
          aria-label="This machine has no {r.name || 'such rail'}"
          onclick={() => (rows = rows.filter((_, n) => n !== i))}>Not here</button
        >
      </li>
    {/each}
  </ul>
  <button type="button" class="btn justify-self-start" onclick={() => (rows = [...rows, { name: '', volts: '' }])}
    >One more rail</button
  >
  <button class="btn-next justify-self-start" disabled={form.busy || rows.length === 0}>Keep these rails</button>
</form>

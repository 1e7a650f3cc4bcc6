<!-- @component A keyboard: its name, and what makes a key's contact. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { switchWords } from './words';

  let { id, row, ondone }: { id: string; row?: Schemas['KeyboardRow']; ondone: (id?: string) => void } = $props();
  // svelte-ignore state_referenced_locally
  const k = row?.keyboard;
  let name = $state(k?.name ?? '');
  let how = $state<Schemas['KeySwitch']>(k?.switch ?? 'notKnown');
  const form = new Sending();
  async function save() {
    const body: Schemas['KeyboardEdit'] = { name, switch: how, fromId: null };
    const done = k
      ? await act(
          api.PUT('/api/machines/{id}/keyboards/{rowId}', {
            params: { path: { id, rowId: k.id } },
            headers: basedOn(k.version),
            body,
          }),
        )
      : await act(api.POST('/api/machines/{id}/keyboards', { params: { path: { id } }, body }));
    ondone(done.id ?? k?.id);
  }
  const remove = async () => {
    await act(api.DELETE('/api/machines/{id}/keyboards/{rowId}', { params: { path: { id, rowId: k!.id } } }));
    ondone();
  };
</script>

<form
  class="grid max-w-md gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(save);
  }}
>
  <ProblemNote problem={form.problem} />
  <TextField
    label="What it is"
    error={form.field('name')}
    bind:value={name}
    required
    maxlength={60}
    placeholder="the keyboard"
  />
  <SelectField label="What makes the contact" bind:value={how} options={switchWords} />
  <div class="flex gap-6">
    <button class="btn-next" disabled={form.busy}>{k ? 'Keep it' : 'Put it on the list'}</button>
    {#if k}<button type="button" class="act" onclick={() => void form.send(remove)}>Take it off the list</button>{/if}
  </div>
</form>

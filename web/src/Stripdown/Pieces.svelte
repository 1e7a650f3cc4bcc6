<!-- @component What comes off a machine and what it sits behind, before anybody has recorded it. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { pieceWords } from '$lib/words';

  let { id, pieces, ondone }: { id: string; pieces: Schemas['AccessPiece'][]; ondone: () => void } = $props();
  type Row = { id: string; title: string; kind: Schemas['PieceKind']; behind: string[]; destroys: string; off: string };
  // What is recorded stands by its record; here is what is known of the rest.
  const recorded = $derived(pieces.filter((p) => p.step));
  let rows = $state<Row[]>(
    // svelte-ignore state_referenced_locally
    pieces
      .filter((p) => !p.step)
      .map((p) => ({
        id: p.id,
        title: p.title,
        kind: p.kind,
        behind: [...p.behind],
        destroys: p.destroys,
        off: p.offMinutes == null ? '' : String(p.offMinutes),
      })),
  );
  const form = new Sending();
  const add = () =>
    rows.push({
      id: `p${Date.now().toString(36)}${rows.length}`,
      title: '',
      kind: 'cover',
      behind: rows.length ? [rows[rows.length - 1]!.id] : [],
      destroys: '',
      off: '',
    });
  const others = (r: Row) =>
    Object.fromEntries([...recorded, ...rows].filter((x) => x.id !== r.id && x.title).map((x) => [x.id, x.title]));
  const drop = (r: Row) => {
    rows = rows.filter((x) => x !== r).map((x) => ({ ...x, behind: x.behind.filter((b) => b !== r.id) }));
  };
  const save = () =>
    form.send(async () => {
      await act(
        api.PUT('/api/machines/{id}/opening/pieces', {
          params: { path: { id } },
          body: {
            pieces: rows.map((r) => ({
              id: r.id,
              title: r.title,
              kind: r.kind,
              behind: r.behind,
              destroys: r.destroys,
              offMinutes: number(r.off, 'the minutes'),
            })),
          },
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
  <ProblemNote problem={form.problem} />
  {#if recorded.length}<p class="max-w-read text-sm text-soft">
      By the record of the strip-down: {recorded.map((p) => p.title).join(', ')}.
    </p>{/if}
  {#each rows as r, i (r.id)}
    <fieldset class="grid gap-3 border-b border-sill pb-4 sm:grid-cols-2">
      <legend class="text-sm font-bold">{r.title || `Piece ${i + 1}`}</legend>
      <TextField
        label="What comes off"
        error={form.field(`pieces[${i}].title`)}
        bind:value={r.title}
        required
        maxlength={80}
      />
      <SelectField label="Which is" bind:value={r.kind} options={pieceWords} />
      <div class="sm:col-span-2">
        <CheckGroup label="Comes off after" bind:value={r.behind} options={others(r)} />
      </div>
      <TextField
        label="What that destroys"
        hint="Feet over its screws, a seal: a new one lies ready first."
        bind:value={r.destroys}
        maxlength={120}
      />
      <NumberField
        label="Minutes to take it off"
        hint="Empty for what is usual."
        error={form.field(`pieces[${i}].offMinutes`)}
        bind:value={r.off}
        least={0}
        most={600}
      />
      <button type="button" class="act justify-self-start" onclick={() => drop(r)}>Take it out of the list</button>
    </fieldset>
  {/each}
  <div class="flex flex-wrap gap-6">
    <button class="btn-next" disabled={form.busy}>Keep it</button>
    <button type="button" class="act" onclick={add}>One more piece</button>
  </div>
</form>

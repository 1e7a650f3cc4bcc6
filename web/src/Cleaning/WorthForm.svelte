<!-- @component Whether the rest of the cleaning is worth it: hours, chance, price, and on whose word it works. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { currencySign, number, plain } from '$lib/format';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { threeWords } from '$lib/words';
  import { editOf, trustWords, workingWords } from './words';

  let { id, row, currency, ondone }: { id: string; row: Schemas['CleanedRow']; currency: string; ondone: () => void } =
    $props();
  // svelte-ignore state_referenced_locally
  const [w, facts] = [row.item.worth, row.item.facts];
  const text = (v?: number | null) => (v == null ? '' : plain(v, 6));
  let low = $state(text(w?.hoursLeft?.low));
  let likely = $state(text(w?.hoursLeft?.likely));
  let high = $state(text(w?.hoursLeft?.high));
  let chance = $state(w?.chance == null ? '' : text(w.chance * 100));
  let price = $state(text(w?.replacement ?? facts.replacement));
  let worth = $state(text(w?.hourWorth ?? facts.hourWorth));
  let kind = $state<Schemas['TrustKind']>(w?.kind ?? 'plain');
  let working = $state<Schemas['KnownWorking']>(w?.working ?? 'notKnown');
  let word = $state(w?.onWhoseWord ?? '');
  let exchanged = $state<Schemas['ThreeState']>(w?.exchanged ?? 'notKnown');
  const form = new Sending();
  const save = () =>
    form.send(async () => {
      const hours = [low, likely, high].map((h, i) => number(h, ['low', 'likely', 'high'][i]!));
      const share = number(chance, 'the chance');
      await act(
        api.PUT('/api/machines/{id}/cleaning/{rowId}', {
          params: { path: { id, rowId: row.item.id } },
          headers: basedOn(row.item.version),
          body: {
            ...editOf(row.item),
            worth: {
              hoursLeft: hours.every((h) => h != null) ? { low: hours[0]!, likely: hours[1]!, high: hours[2]! } : null,
              chance: share == null ? null : share / 100,
              replacement: number(price, 'the price'),
              hourWorth: number(worth, 'an hour'),
              kind,
              working,
              onWhoseWord: word,
              exchanged,
            },
          },
        }),
      );
      ondone();
    });
</script>

<form
  class="grid gap-4 sm:grid-cols-2"
  onsubmit={(e) => {
    e.preventDefault();
    void save();
  }}
>
  <div class="empty:hidden sm:col-span-2"><ProblemNote problem={form.problem} /></div>
  <Choice class="sm:col-span-2" label="Is it exchanged anyway?" bind:value={exchanged} options={threeWords} />
  {#if exchanged !== 'yes'}
    <div class="grid grid-cols-3 gap-3 sm:col-span-2">
      <NumberField label="Hours left, low" error={form.field('worth.hoursLeft')} bind:value={low} />
      <NumberField label="Likely" bind:value={likely} />
      <NumberField label="High" bind:value={high} />
    </div>
    <NumberField
      label="Comes out well, %"
      bind:value={chance}
      least={1}
      most={100}
      error={form.field('worth.chance')}
    />
    <NumberField label="A tested one costs, {currencySign(currency)}" bind:value={price} />
    <NumberField label="An hour is worth, {currencySign(currency)}" hint="Empty for its own sake." bind:value={worth} />
    <SelectField label="What it is" bind:value={kind} options={trustWords} />
    <SelectField label="Does it work?" bind:value={working} options={workingWords} />
    {#if working === 'said' || working === 'seenHere'}<TextField
        label="On whose word, and when"
        bind:value={word}
        maxlength={200}
        placeholder="the seller, in spring"
      />{/if}
  {/if}
  <button class="btn-next justify-self-start sm:col-span-2" disabled={form.busy}>Weigh it up</button>
</form>

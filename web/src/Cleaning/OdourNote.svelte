<!-- @component A smell: from how far, by whom, and what is done against it next. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';

  let { id, row, odour }: { id: string; row: Schemas['CleanedRow']; odour: Schemas['OdourResult'] } = $props();
  let sheet = $state<'rate' | ''>('');
  let centimetres = $state('');
  let closed = $state('');
  let warm = $state(false);
  let fresh = $state(false);
  const form = new Sending();
  const path = $derived({ params: { path: { id, itemId: row.item.id } } });
  const rate = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/odour', {
          ...path,
          body: {
            centimetres: number(centimetres, 'the distance') ?? 0,
            hoursClosed: number(closed, 'the hours'),
            warm: warm ? 'yes' : 'no',
            freshNose: fresh ? 'yes' : 'no',
          },
        }),
      );
      sheet = '';
      centimetres = '';
    });
  const done = () =>
    form.send(() =>
      act(api.POST('/api/machines/{id}/cleaning/{itemId}/odour/rung', { ...path, body: { rung: odour.next! } })),
    );
</script>

<section class="mt-5 border-t border-sill pt-3" aria-label="Smell">
  <Verdict
    verdict={odour.verdict}
    words={{ yes: 'Against the smell', no: 'Smell: stop', unknown: 'Smell' }}
    bad="yes"
  />
  {#if row.item.odour.ratings.length}<p class="mt-2 text-sm">
      Noticed from {row.item.odour.ratings.map((r) => `${plain(r.centimetres)} cm`).join(', ')}.
    </p>{/if}
  <div class="mt-2 flex flex-wrap gap-6">
    {#if odour.next}<button class="btn" disabled={form.busy} onclick={done}>Done</button>{/if}
    <button class="act" onclick={() => (sheet = 'rate')}>Rate the smell</button>
  </div>
  {#if !sheet}<ProblemNote problem={form.problem} />{/if}
</section>
<Sheet
  bind:current={sheet}
  name="rate"
  title="From how far is it noticed?"
  about="By somebody who has not just cleaned, after it stood shut for hours, and warm."
>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void rate();
    }}
  >
    <ProblemNote problem={form.problem} />
    <NumberField
      label="Noticed from, cm"
      error={form.field('ratings[0].centimetres')}
      bind:value={centimetres}
      least={0}
      most={500}
      size="text-2xl"
      required
    />
    <NumberField label="Shut before, h" bind:value={closed} least={0} most={200} />
    <label class="flex min-h-11 items-center gap-3"><CheckBox bind:checked={warm} large />It was warm</label>
    <label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={fresh} large />By somebody who had not cleaned within the hour</label
    >
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep the rating</button>
  </form>
</Sheet>

<!-- @component Where a soil sits: on, in or behind the surface, or the surface itself, by tests that do no harm. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { threeWords } from '$lib/words';
  import { nailWords } from './words';

  let { id, row, seat }: { id: string; row: Schemas['CleanedRow']; seat: Schemas['SeatResult'] } = $props();
  const fresh = (): Schemas['SeatTests'] => ({
    swabTakes: 'notKnown',
    moves: 'notKnown',
    nail: 'notKnown',
    spiritTakes: 'notKnown',
    sameUnderCover: 'notKnown',
    ...row.item.facts.seat,
  });
  let sheet = $state<'tests' | ''>('');
  let tests = $state(fresh());
  const form = new Sending();
  const save = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/seat', {
          params: { path: { id, itemId: row.item.id } },
          body: $state.snapshot(tests),
        }),
      );
      sheet = '';
    });
</script>

<section class="mt-5 border-t border-sill pt-3" aria-label="Where it sits">
  <Verdict verdict={seat.verdict} words={{ yes: 'Where it sits', unknown: 'On, in or behind?' }} />
  <button
    class="act mt-2"
    onclick={() => {
      form.forget();
      tests = fresh();
      sheet = 'tests';
    }}>Say what the tests showed</button
  >
</section>
<Sheet
  bind:current={sheet}
  name="tests"
  title="What did the tests show?"
  about="The mildest first. None of these does harm; the alcohol wants a hidden place before."
>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void save();
    }}
  >
    <ProblemNote problem={form.problem} />
    <Choice
      label="A wet white swab, turned for a minute: does it take colour?"
      bind:value={tests.swabTakes}
      options={threeWords}
    />
    <Choice
      label="Does it move against the surface when the head does?"
      bind:value={tests.moves}
      options={threeWords}
    />
    <SelectField label="A fingernail across it feels" bind:value={tests.nail} options={nailWords} />
    <Choice label="A swab with alcohol: does it take colour?" bind:value={tests.spiritTakes} options={threeWords} />
    <Choice
      label="Is it the same where light never reached, under a label or a flange?"
      bind:value={tests.sameUnderCover}
      options={threeWords}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>

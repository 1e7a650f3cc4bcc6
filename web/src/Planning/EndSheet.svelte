<!-- @component How a piece of work was left: one question, and how long it took. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import { now } from '$lib/now.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';

  let { taken, ondone }: { taken: Schemas['WorkTaken']; ondone: () => void } = $props();
  let end = $state<Exclude<Schemas['WorkEnd'], 'running'>>('done');
  // svelte-ignore state_referenced_locally
  let took = $state(String(Math.min(360, Math.max(1, Math.round((now.value - Date.parse(taken.begunAt)) / 60_000)))));
  let left = $state('');
  const form = new Sending();
  const save = () =>
    form.send(async () => {
      await act(
        api.POST('/api/plan/taken/{takenId}/end', {
          params: { path: { takenId: taken.id } },
          body: {
            end,
            takenMinutes: number(took, 'the minutes'),
            leftMinutes: end === 'unfinished' ? number(left, 'what is left') : null,
          },
        }),
      );
      ondone();
    });
</script>

<form
  class="grid max-w-md gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void save();
  }}
>
  <ProblemNote problem={form.problem} />
  <Choice
    label="How was it left?"
    bind:value={end}
    options={[
      ['done', 'Done'],
      ['unfinished', 'Goes on another time'],
      ['failed', 'It did not come out'],
    ]}
  />
  <NumberField
    label="Minutes at it"
    hint="The clock says this; change it if you were away."
    error={form.field('takenMinutes')}
    bind:value={took}
    least={0}
    most={1440}
    size="text-xl"
  />
  {#if end === 'unfinished'}<NumberField
      label="Minutes that are left"
      hint="Empty takes what was planned, less what was taken."
      error={form.field('leftMinutes')}
      bind:value={left}
    />{/if}
  {#if end === 'done' && !taken.key.startsWith('job/') && !taken.key.startsWith('stage/')}<p class="text-sm">
      This keeps the time. What was done, a pass, a reading, a coat, is kept on its own screen; until it is, the plan
      keeps five minutes for writing it down.
    </p>{/if}
  {#if end === 'failed'}<p class="text-sm">It stays in the plan, and the rest is planned round it.</p>{/if}
  <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
</form>

<!-- @component Reads the date codes on a board against the machine's years. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { day } from '$lib/format';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  let { from, to }: { from?: number | null; to?: number | null } = $props();
  let text = $state('');
  let answer = $state.raw<Schemas['EarliestBuildAnswer']>();
  const form = new Sending();
  async function read() {
    answer = undefined;
    answer = await ask(
      api.POST('/api/calc/markings/earliest-build', {
        body: { codes: text.split(/[\s,;]+/).filter(Boolean), windowFromYear: from ?? null, windowToYear: to ?? null },
      }),
    );
  }
</script>

<section class="mt-7 sill pt-4" aria-label="Date codes">
  <h2 class="text-lg font-bold">When was it made?</h2>
  <form
    class="mt-2 flex flex-wrap items-end gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(read);
    }}
  >
    <TextField
      class="min-w-56 flex-1"
      label="Date codes on its chips"
      hint="As printed, with blanks between: 9148 9207."
      bind:value={text}
      mono
    />
    <button class="btn mb-6" disabled={form.busy || !text.trim()}>Read them</button>
  </form>
  <ProblemNote problem={form.problem} />
  {#if answer}
    <div role="status">
      <p class="text-xl font-bold">{answer.day ? `Not before ${day(answer.day)}.` : answer.sentence}</p>
      <ul class="mt-2 grid gap-1 text-sm">
        {#each answer.codes as c (c.code)}<li class={c.newerThanMachine ? 'font-semibold text-oxide' : ''}>
            <span class="reading mr-2">{c.code}</span>{c.sentence}
          </li>{/each}
      </ul>
    </div>
  {/if}
</section>

<script lang="ts">
  import { api } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import { go } from '../router';

  let name = $state('');
  let cameFrom = $state('');
  let paid = $state('');
  let claimed = $state('');
  const form = new Sending();
  async function take() {
    const done = await act(
      api.POST('/api/lots', { body: { name, cameFrom, paid: number(paid, 'what was paid'), claimed } }),
    );
    go(`/m/${done.id}/lot`);
  }
</script>

<svelte:head><title>Take a lot in · Haar</title></svelte:head>

<div class="mx-auto max-w-page px-4 sm:px-7">
  <TopBar at="" />
  <main class="max-w-[64rem]">
    <h1 class="mt-2 text-title font-bold">A lot came in</h1>
    <p class="mt-1 text-soft">
      A van-load becomes a few machines and many donors. Take it in as one, open every box, and sort it once. A single
      machine is <a class="underline" href="/take-in">taken in by itself</a>.
    </p>
    <form
      id="lot"
      class="mt-5 grid gap-4 sm:grid-cols-2"
      onsubmit={(e) => {
        e.preventDefault();
        void form.send(take);
      }}
    >
      <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
      <TextField
        label="What you call it"
        error={form.field('name')}
        bind:value={name}
        size="text-lg font-semibold"
        autocomplete="off"
        required
        maxlength={80}
      />
      <NumberField
        label="Paid for all of it"
        hint="0 when it was given."
        error={form.field('paid')}
        bind:value={paid}
      />
      <TextField label="Where it came from" error={form.field('cameFrom')} bind:value={cameFrom} maxlength={300} />
      <TextField label="What was claimed of it" error={form.field('claimed')} bind:value={claimed} maxlength={1000} />
    </form>
  </main>
</div>
<BenchEdge>
  {#snippet next()}<button class="btn-next" form="lot" disabled={form.busy}>Take it in</button>{/snippet}
  {#snippet needs()}Then open every box.{/snippet}
</BenchEdge>

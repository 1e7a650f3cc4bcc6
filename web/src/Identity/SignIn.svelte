<script lang="ts">
  import { api, ask } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { session } from '$lib/session.svelte';
  import Field from '$lib/ui/Field.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';

  let passphrase = $state('');
  const form = new Sending();
  async function enter() {
    await ask(api.POST('/api/sign-in', { body: { passphrase } }));
    await session.load();
  }
</script>

<main class="mx-auto grid max-w-md gap-5 px-5 py-20">
  <h1 class="text-3xl font-bold">The workshop is locked</h1>
  <p>It can be reached from other machines, so it asks for its passphrase.</p>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(enter);
    }}
  >
    <ProblemNote problem={form.problem} />
    <Field label="Passphrase"
      >{#snippet children(f)}<input
          class="input"
          type="password"
          autocomplete="current-password"
          required
          bind:value={passphrase}
          {...f}
        />{/snippet}</Field
    >
    <button class="btn-next" disabled={form.busy}>Come in</button>
  </form>
</main>

<!-- @component Asks why a person decides otherwise; the reason is kept. -->
<script lang="ts">
  import TextField from '$lib/ui/TextField.svelte';
  import { Sending } from '$lib/api/act.svelte';
  import ProblemNote from './ProblemNote.svelte';
  let {
    ondo,
    label = 'Why do you decide otherwise?',
    button = 'Overrule, and keep the reason',
    proposed = '',
  }: {
    ondo: (reason: string) => Promise<unknown>;
    label?: string;
    button?: string;
    /** A reason that the screen knows; the person keeps it or words it otherwise. */
    proposed?: string;
  } = $props();
  // svelte-ignore state_referenced_locally
  let reason = $state(proposed);
  const form = new Sending();
</script>

<form
  class="mt-2 grid gap-3"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(() => ondo(reason));
  }}
>
  <ProblemNote problem={form.problem} />
  <TextField {label} bind:value={reason} rows={3} required minlength={3} maxlength={500} />
  <button class="btn justify-self-start" disabled={form.busy || reason.trim().length < 3}>{button}</button>
</form>

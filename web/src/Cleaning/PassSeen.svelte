<!-- @component How a pass looks, in one tap. -->
<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import { passWords } from './pass';

  let { seen = $bindable() }: { seen: string } = $props();
</script>

<Choice label="How does it look? Fifths that came off, by eye" bind:value={seen} options={passWords} />
<p class="-mt-3 text-sm text-soft">Damage is scratches, bloom, or lettering gone: look in raking light.</p>

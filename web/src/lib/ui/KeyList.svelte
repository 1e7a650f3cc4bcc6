<!-- @component The keys that hold on this screen, listed under ?. -->
<script lang="ts">
  import { keys } from '$lib/keys.svelte';
  import Sheet from './Sheet.svelte';
  let { open = $bindable(false) }: { open?: boolean } = $props();
  const seen = $derived(keys.acts.filter((a, i) => keys.acts.findLastIndex((b) => b.key === a.key) === i));
</script>

<Sheet bind:open title="Keys on this screen" about="They hold while no field is being typed in.">
  <dl class="grid grid-cols-[4rem_1fr] items-center gap-y-2">
    {#each seen as a (a)}<dt><kbd class="key">{a.key}</kbd></dt>
      <dd>{a.words}</dd>{/each}
  </dl>
</Sheet>

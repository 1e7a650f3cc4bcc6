<!--
@component Nothing here yet: what belongs here, and the one way to begin.
```svelte
<Empty title="No board yet." about="A photo from straight above is a map.">{#snippet act()}…{/snippet}</Empty>
```
-->
<script lang="ts">
  import type { Snippet } from 'svelte';
  let { title, about = '', act }: { title: string; about?: string; act?: Snippet } = $props();
</script>

<div class="grid justify-items-start gap-2 py-6">
  <p class="text-xl font-bold">{title}</p>
  {#if about}<p class="max-w-prose text-soft">{about}</p>{/if}
  {@render act?.()}
</div>

<!--
@component What is there for who wants it: a line that opens.
```svelte
<Fold title="Which goes where">…</Fold>
```
-->
<script lang="ts">
  import ChevronDown from '@lucide/svelte/icons/chevron-down';
  import { Collapsible } from 'bits-ui';
  import type { Snippet } from 'svelte';
  let {
    title,
    open = $bindable(false),
    class: extra = '',
    children,
  }: { title: string; open?: boolean; class?: string; children: Snippet } = $props();
</script>

<Collapsible.Root bind:open class={extra}>
  <Collapsible.Trigger class="act group"
    ><ChevronDown
      size={18}
      class="-rotate-90 transition-transform group-data-[state=open]:rotate-0"
      aria-hidden="true"
    />{title}</Collapsible.Trigger
  >
  <Collapsible.Content>{@render children()}</Collapsible.Content>
</Collapsible.Root>

<!-- @component A key that does the act beside it; not shown where there is no keyboard. -->
<script lang="ts">
  let { k }: { k: string } = $props();
</script>

<kbd class="key max-sm:hidden" aria-hidden="true">{k}</kbd>

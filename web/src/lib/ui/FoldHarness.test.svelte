<script lang="ts">
  import Fold from './Fold.svelte';
</script>

<Fold title="Which goes where">C14 to the left.</Fold>

<script lang="ts">
  import Sheet from './Sheet.svelte';
  let sheet = $state<'read' | 'edit' | ''>('');
</script>

<button onclick={() => (sheet = 'read')}>Type</button>
<button onclick={() => (sheet = 'edit')}>Change</button>
<p>open: {sheet || 'none'}</p>
<Sheet bind:current={sheet} name="read" title="What do you read?" about="The newest stands."
  ><button onclick={() => (sheet = 'edit')}>Rather change it</button></Sheet
>
<Sheet bind:current={sheet} name="edit" title="Change it">Here.</Sheet>

<!--
@component One photo of the thing at hand, taken or chosen, and shown small.
```svelte
<OnePhoto {id} {form} caption="The lid" bind:photoId />
```
-->
<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import { upload } from '../Intake/photos';

  let {
    id,
    caption,
    form,
    photoId = $bindable(''),
    label = 'A photo of it',
    toRead = false,
  }: {
    id: string;
    caption: string;
    form: Sending;
    photoId?: string;
    label?: string;
    /** There is print on it: it is shown as wide as there is room. */ toRead?: boolean;
  } = $props();
  let own = $state('');
  let camera = $state<HTMLInputElement>();
  $effect(() => () => URL.revokeObjectURL(own));
  async function take(files: FileList | null) {
    const file = files?.[0];
    if (!file) return;
    photoId = await upload(id, file, caption);
    URL.revokeObjectURL(own);
    own = URL.createObjectURL(file);
  }
</script>

<div class="flex items-center gap-4 {toRead ? 'flex-wrap' : ''}">
  <input
    bind:this={camera}
    type="file"
    accept="image/*"
    capture="environment"
    class="sr-only"
    tabindex="-1"
    aria-label="{label}: take or choose"
    onchange={(e) => {
      const input = e.currentTarget;
      void form.send(() => take(input.files)).then(() => (input.value = ''));
    }}
  />
  {#if own}<img
      class={toRead ? 'max-h-96 w-full rounded-md object-contain' : 'h-20 rounded-md'}
      src={own}
      alt={caption}
    />{/if}
  <button type="button" class="btn" disabled={form.busy} onclick={() => camera?.click()}
    >{own ? 'Another photo' : label}</button
  >
</div>

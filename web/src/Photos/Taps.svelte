<!--
@component A photo, taken or chosen, and places tapped on it in an order that is said: corners, a card, patches.
```svelte
<Taps {id} caption="The keys" prompts={cornerWords('the keys')} bind:photoId bind:taps />
```
-->
<script lang="ts">
  import type { Sending } from '$lib/api/act.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import { photoUrl, upload } from '../Intake/photos';
  import type { Point } from '../Boards/items';

  let {
    id,
    caption,
    form,
    prompts,
    further,
    hash,
    photoId = $bindable(''),
    taps = $bindable([]),
    advice = '',
    label = 'Photo',
  }: {
    id: string;
    caption: string;
    form: Sending;
    /** What each place is, in the order in which they are tapped. */
    prompts: string[];
    /** What every place after those is; without it there are no more. */
    further?: string;
    /** A photo that is there already, with its id in `photoId`. */
    hash?: string | null;
    photoId?: string;
    taps?: Point[];
    advice?: string;
    label?: string;
  } = $props();
  let own = $state('');
  let camera = $state<HTMLInputElement>();
  const src = $derived(own || (hash && photoId ? photoUrl(hash, 'screen') : ''));
  const wanted = $derived(prompts[taps.length] ?? further);
  $effect(() => () => URL.revokeObjectURL(own));

  async function take(files: FileList | null) {
    const file = files?.[0];
    if (!file) return;
    photoId = await upload(id, file, caption);
    URL.revokeObjectURL(own);
    own = URL.createObjectURL(file);
    taps = [];
  }
</script>

<div class="grid gap-2">
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
  {#if !src}
    {#if advice}<p>{advice}</p>{/if}
    <button type="button" class="btn justify-self-start" disabled={form.busy} onclick={() => camera?.click()}
      >{label}</button
    >
  {:else}
    <p class="font-semibold" aria-live="polite">
      {wanted ? `Tap ${wanted}.` : 'All places are tapped.'}
    </p>
    <MarkedPhoto
      {src}
      alt={caption}
      marks={taps.map((t, i) => ({ x: t.x, y: t.y, text: String(i + 1), brass: i >= prompts.length }))}
      onmark={wanted ? (x, y) => (taps = [...taps, { x, y }]) : undefined}
      tall
    />
    <div class="flex flex-wrap gap-5">
      {#if taps.length}<button type="button" class="act" onclick={() => (taps = taps.slice(0, -1))}
          >Last one away</button
        >{/if}
      <button type="button" class="act" disabled={form.busy} onclick={() => camera?.click()}>Another photo</button>
    </div>
  {/if}
</div>

<!-- @component One place to look at: what bad looks like, why it is on the list, a note and a photo. Its answers are on the bench edge. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Sending } from '$lib/api/act.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import { zoneWords } from '$lib/words';
  import { post } from '../Intake/photos';

  let {
    id,
    row,
    count,
    heading,
    form,
    note = $bindable(),
    photo = $bindable(),
  }: {
    id: string;
    row: Schemas['ChecklistRow'];
    /** How far one has come: "3 of 20 looked at". */
    count: string;
    /** 1 where nothing above it matters more. */
    heading: 1 | 2;
    form: Sending;
    note: string;
    photo: string | null;
  } = $props();
  let picker: HTMLInputElement | undefined = $state();
</script>

<section aria-label="Look at this" class="grid gap-x-8 gap-y-3 lg:grid-cols-[minmax(0,1fr)_24rem]">
  <div>
    <p class="text-sm text-soft">{zoneWords[row.item.zone]} · {count}</p>
    <svelte:element
      this={`h${heading}`}
      class="{heading === 1 ? 'text-saying' : 'text-title'} leading-tight font-bold text-pretty"
      >{row.item.title}</svelte:element
    >
    <p class="mt-1 max-w-read text-lg">
      <span class="text-soft">Bad looks like this:</span>
      {row.item.looksLike}
    </p>
    <p class="mt-1 max-w-read text-sm text-soft">{row.item.because}</p>
    {#if row.item.cautions.length}<div class="mt-3 grid max-w-read gap-2">
        {#each row.item.cautions as c (c)}<CautionNote id={c} />{/each}
      </div>{/if}
  </div>
  <div class="grid content-start gap-3">
    <TextField label="Note" bind:value={note} rows={2} maxlength={500} />
    <button class="btn justify-self-start" onclick={() => picker?.click()}
      >{photo ? 'Photo taken; another' : 'Photo'}</button
    >
    <input
      bind:this={picker}
      class="sr-only"
      type="file"
      accept="image/*"
      capture="environment"
      tabindex="-1"
      aria-label="Photo of {row.item.title}"
      onchange={(e) => {
        const file = e.currentTarget.files?.[0];
        e.currentTarget.value = '';
        if (file)
          void form.send(async () => {
            photo = (await post(id, file, row.item.title)).id;
          });
      }}
    />
  </div>
</section>

<!-- @component The joints of a part counted on a fresh photo: a tap for each pin, and one for each that is not good. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import type { Sending } from '$lib/api/act.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import { upload } from '../Intake/photos';

  let {
    id,
    part,
    form,
    ondone,
  }: {
    id: string;
    part: Schemas['SolderedPart'];
    form: Sending;
    ondone: (photoId: string, joints: Schemas['JointMark'][]) => void;
  } = $props();
  let photoId = $state('');
  let src = $state('');
  let joints = $state<Schemas['JointMark'][]>([]);
  let good = $state<'good' | 'bad'>('good');
  let camera = $state<HTMLInputElement>();
  const bad = $derived(joints.filter((j) => !j.good).length);

  $effect(() => () => URL.revokeObjectURL(src));

  async function take(files: FileList | null) {
    const file = files?.[0];
    if (!file) return;
    photoId = await upload(id, file, `${part.name}, joints`);
    URL.revokeObjectURL(src);
    src = URL.createObjectURL(file);
    joints = [];
  }
</script>

<div class="grid gap-3">
  <ProblemNote problem={form.problem} />
  <input
    bind:this={camera}
    type="file"
    accept="image/*"
    capture="environment"
    class="sr-only"
    tabindex="-1"
    aria-label="Photo of the joints"
    onchange={(e) => {
      const files = e.currentTarget.files;
      void form.send(() => take(files));
    }}
  />
  {#if !src}
    <p>From straight above and close, flux wiped off, so that each joint shows where its solder ends.</p>
    <button type="button" class="btn-next justify-self-start" disabled={form.busy} onclick={() => camera?.click()}
      >Photo of the joints</button
    >
  {:else}
    <p aria-live="polite">
      <span class="reading text-2xl">{joints.length}</span> of
      <span class="reading text-2xl">{part.pins}</span>
      {part.pins === 1 ? 'joint' : 'joints'} counted{bad ? `, ${bad} not good` : ''}.
    </p>
    <MarkedPhoto
      {src}
      alt="the joints of {part.name}"
      marks={joints.map((j, i) => ({ x: j.x, y: j.y, text: String(i + 1), brass: !j.good }))}
      onmark={(x, y) => (joints = [...joints, { x, y, good: good === 'good' }])}
      tall
    />
    <Choice
      label="The next joint is"
      bind:value={good}
      options={[
        ['good', 'Good: solder all round'],
        ['bad', 'Not good'],
      ]}
    />
    <div class="flex flex-wrap items-center gap-5">
      <button
        type="button"
        class="btn-next"
        disabled={form.busy || !joints.length}
        onclick={() => ondone(photoId, joints)}>These are all</button
      >
      {#if joints.length}<button type="button" class="act" onclick={() => (joints = joints.slice(0, -1))}
          >Last one away</button
        >{/if}
      <button type="button" class="act" disabled={form.busy} onclick={() => camera?.click()}>Another photo</button>
    </div>
  {/if}
</div>

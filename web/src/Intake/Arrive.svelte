<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { useKeys } from '$lib/keys.svelte';
  import { session } from '$lib/session.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Key from '$lib/ui/Key.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { classWords, restorationPolicyWords, traitWords } from '$lib/words';
  import { day, lower } from '$lib/format';
  import { go } from '../router';
  import DateCodes from '../Markings/DateCodes.svelte';
  import MachineForm from './MachineForm.svelte';
  import UsualOfKind from './UsualOfKind.svelte';
  import Sent from '../Stripdown/Sent.svelte';
  import { photoUrl, post } from './photos';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const m = $derived(head.machine);
  let editing = $state(false);
  let removing = $state(false);
  let edit = $state<Schemas['MachineEdit']>(null!);
  let version = 0;
  const form = new Sending();
  const photos = new Sending();
  let progress = $state('');
  let named = $state<Schemas['PhotoRow']>();
  let caption = $state('');

  function open() {
    edit = { ...$state.snapshot(m), paid: m.paid ?? null, profileId: null } as Schemas['MachineEdit'];
    version = m.version;
    form.forget();
    editing = true;
  }
  async function save() {
    const {
      name,
      kind,
      model,
      class: c,
      yearFrom,
      yearTo,
      traits,
      cameFrom,
      paid,
      claimed,
      recapSchool,
      restorationSchool,
      mainsLead,
      tube,
      battery,
      kindId,
    } = edit;
    await act(
      api.PUT('/api/machines/{id}', {
        params: { path: { id } },
        headers: basedOn(version),
        body: {
          name,
          kind,
          model,
          class: c,
          yearFrom,
          yearTo,
          traits,
          cameFrom,
          paid,
          claimed,
          recapSchool,
          restorationSchool,
          profileId: null,
          mainsLead,
          tube,
          battery,
          kindId,
        },
      }),
    );
    editing = false;
  }
  async function addPhotos(files: FileList | null) {
    for (const [i, file] of Array.from(files ?? []).entries()) {
      progress = `Photo ${i + 1} of ${files!.length} is made ready …`;
      await post(id, file);
    }
  }
  async function remove() {
    await act(api.DELETE('/api/machines/{id}', { params: { path: { id } } }));
    go('/');
  }
  const years = $derived(
    m.yearFrom
      ? m.yearTo && m.yearTo !== m.yearFrom
        ? `${m.yearFrom} to ${m.yearTo}`
        : `${m.yearFrom}`
      : 'not known yet',
  );
  let picker: HTMLInputElement;
  useKeys([
    { key: 'e', words: 'Change what is known', run: open },
    { key: 'p', words: 'Add photos', run: () => picker.click() },
  ]);
</script>

<svelte:head><title>{m.name} · Haar</title></svelte:head>

<div class="grid gap-8 lg:grid-cols-[minmax(0,1fr)_26rem]">
  <div>
    <h1 class="text-3xl font-bold">{m.name}</h1>
    <p class="mt-1 text-lg">
      {[m.model, m.kind, m.class === 'unknown' ? '' : classWords[m.class]].filter(Boolean).join(', ') ||
        'Nothing more is known of it yet.'}
    </p>
    <dl class="mt-4 grid gap-x-6 gap-y-2 sm:grid-cols-[10rem_1fr]">
      <dt class="text-soft">From the years</dt>
      <dd class="reading text-lg">{years}</dd>
      <dt class="text-soft">It came</dt>
      <dd>{day(m.arrivedAt)}{m.cameFrom ? `, from ${m.cameFrom}` : ''}</dd>
      <dt class="text-soft">Paid</dt>
      <dd class="reading">{m.paid == null ? 'not known' : m.paid === 0 ? 'given' : m.paid.toFixed(2)}</dd>
      {#if m.claimed}<dt class="text-soft">It was said</dt>
        <dd>“{m.claimed}”</dd>{/if}
      <dt class="text-soft">School</dt>
      <dd>{restorationPolicyWords[m.restorationSchool]}</dd>
      <dt class="text-soft">It has in it</dt>
      <dd>{m.traits.length ? m.traits.map((t) => lower(traitWords[t])).join(', ') : 'nobody has said yet'}</dd>
    </dl>
    {#if head.cautions.length}<div class="mt-5 grid gap-2">
        {#each head.cautions as c (c)}<CautionNote id={c} />{/each}
      </div>{/if}
    <UsualOfKind {id} kindId={m.kindId} />
    <DateCodes from={m.yearFrom} to={m.yearTo} />
  </div>
  <section aria-label="Photos">
    <h2 class="text-lg font-bold">Photos</h2>
    <ProblemNote problem={photos.problem} />
    <Sent machineId={id} />
    <div class="mt-2 grid grid-cols-2 gap-2">
      {#each head.photos as p (p.id)}
        <div>
          <a href={photoUrl(p.hash)} target="_blank" rel="noreferrer" class="block"
            ><img
              class="aspect-4/3 w-full rounded bg-rock object-cover"
              src={photoUrl(p.hash, true)}
              alt={p.caption || 'Photo without a caption'}
              loading="lazy"
            /></a
          ><button
            class="block min-h-8 text-left text-xs text-soft hover:text-ink hover:underline"
            onclick={() => {
              named = p;
              caption = p.caption;
              photos.forget();
            }}>{p.caption || 'Name it'}</button
          >
        </div>
      {:else}
        <p class="col-span-2 text-sm text-soft">None yet. Take one as it stands, before anything is touched.</p>
      {/each}
    </div>
    <input
      bind:this={picker}
      class="sr-only"
      type="file"
      accept="image/*"
      multiple
      aria-label="Add photos"
      tabindex="-1"
      onchange={(e) => {
        const f = e.currentTarget.files;
        void photos.send(() => addPhotos(f));
      }}
    />
    <button class="act mt-3 text-oxide" onclick={() => (removing = true)}>Take it off the list</button>
  </section>
</div>

<BenchEdge>
  {#snippet next()}<button class="btn-next" onclick={() => go(`/m/${id}/${head.standing.next?.screen ?? 'survey'}`)}
      >{head.standing.next ? head.standing.next.title : 'Look it over'}</button
    >{/snippet}
  {#snippet needs()}{photos.busy ? progress : (head.standing.next?.why ?? '')}{/snippet}
  {#snippet acts()}<button class="act" onclick={() => picker.click()}>Photos <Key k="P" /></button><button
      class="act"
      onclick={open}>Change <Key k="E" /></button
    >{/snippet}
</BenchEdge>

<Sheet bind:open={editing} title="What is known of it">
  <form
    class="grid gap-5"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(save);
    }}
  >
    <ProblemNote problem={form.problem} />
    {#if form.problem?.status === 412}
      {@const theirs = form.problem.current as Schemas['Machine']}
      <p class="text-sm">
        Theirs: <strong>{theirs.name}</strong>, {theirs.kind || 'no kind'}, {theirs.yearFrom ?? '?'} to {theirs.yearTo ??
          '?'}.
        <button
          type="button"
          class="underline"
          onclick={() => {
            version = theirs.version;
            form.forget();
          }}>Save mine over it</button
        >
        or <button type="button" class="underline" onclick={() => (editing = false)}>keep theirs</button>.
      </p>
    {/if}
    <MachineForm bind:edit {form} full />
    <button class="btn-next justify-self-start" disabled={form.busy}>Save</button>
  </form>
</Sheet>
<Sheet
  bind:open={
    () => !!named,
    (v) => {
      if (!v) named = undefined;
    }
  }
  title="What does the photo show?"
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void photos.send(async () => {
        await act(
          api.PUT('/api/machines/{id}/photos/{photoId}', {
            params: { path: { id, photoId: named!.id } },
            body: { caption },
          }),
        );
        named = undefined;
      });
    }}
  >
    <ProblemNote problem={photos.problem} />
    <input class="input" aria-label="What it shows" maxlength="200" bind:value={caption} />
    <div class="flex gap-6">
      <button class="btn-next" disabled={photos.busy}>Name it</button><button
        type="button"
        class="act text-oxide"
        onclick={() =>
          void photos.send(async () => {
            await act(
              api.DELETE('/api/machines/{id}/photos/{photoId}', { params: { path: { id, photoId: named!.id } } }),
            );
            named = undefined;
          })}>Take the photo away</button
      >
    </div>
  </form>
</Sheet>
<Sheet
  bind:open={removing}
  title="Take {m.name} off the list?"
  about="Everything about it is kept, and undo brings it back."
>
  <button class="btn" onclick={() => void form.send(remove)}
    >Take it off the list of {session.value?.workshopName}</button
  >
</Sheet>

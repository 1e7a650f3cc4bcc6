<script lang="ts">
  import Choice from '$lib/ui/Choice.svelte';
  import { createQuery } from '@tanstack/svelte-query';
  import { api, basedOn, ask, send, type Schemas } from '$lib/api/client';
  import { act, queries, said, Sending } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import { session } from '$lib/session.svelte';
  import { theme, type Theme } from '$lib/theme.svelte';
  import DayField from '$lib/ui/DayField.svelte';
  import Field from '$lib/ui/Field.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TopBar from '$lib/ui/TopBar.svelte';
  import SuggestField from '$lib/ui/SuggestField.svelte';
  import { atTheBench, setAtTheBench } from '$lib/bench';
  import { readMeter } from '../Meters/read';
  import { go } from '../router';

  const settings = createQuery(() => ({
    queryKey: ['settings'],
    queryFn: () => ask(api.GET('/api/workshop/settings')),
  }));
  const space = createQuery(() => ({ queryKey: ['space'], queryFn: () => ask(api.GET('/api/backups/space')) }));
  const backups = createQuery(() => ({ queryKey: ['backups'], queryFn: () => ask(api.GET('/api/backups')) }));
  const people = createQuery(() => ({ queryKey: ['people'], queryFn: () => ask(api.GET('/api/workshop/people')) }));
  let by = $state(atTheBench());
  $effect(() => setAtTheBench(by));
  const form = new Sending();
  const meter = new Sending();
  const store = new Sending();
  const take = new Sending();
  let heard = $state('');
  let restoring = $state<Schemas['BackupInfo']>();
  let removing = $state<Schemas['BackupInfo']>();
  let files = $state<FileList>();
  let edit = $state<Schemas['WorkshopEdit']>();
  let version = 0;
  $effect(() => {
    if (settings.data && !edit) {
      const { name, eventName, eventDay, currency, meterHost, meterPort, meterShowsPart } = settings.data;
      edit = { name, eventName, eventDay, currency, meterHost, meterPort, meterShowsPart };
      version = settings.data.version;
    }
  });
  async function save() {
    await act(
      api.PUT('/api/workshop/settings', {
        headers: basedOn(version),
        body: { ...$state.snapshot(edit!), eventDay: edit!.eventDay || null, meterPort: Number(edit!.meterPort) },
      }),
    );
    edit = undefined;
    await session.load();
  }
  async function listen() {
    heard = '';
    const m = await readMeter('volts', 'hello');
    heard = `${m.identification} answers, and settled after ${m.taken} readings.`;
  }
  async function backup() {
    const b = await ask(api.POST('/api/backups'));
    said({ sentence: `Backup taken: ${b.name}.` });
    await queries.invalidateQueries();
  }
  async function remove() {
    await act(api.DELETE('/api/backups/{name}', { params: { path: { name: removing!.name } } }));
    removing = undefined;
  }
  async function restore() {
    await act(api.POST('/api/backups/{name}/restore', { params: { path: { name: restoring!.name } } }));
    restoring = undefined;
    edit = undefined;
    await session.load();
  }
  async function importMachine() {
    const done = await send<Schemas['Imported']>('/api/machines/import', files![0]!);
    said({ sentence: done.sentence });
    await queries.invalidateQueries();
    go(`/m/${done.machineId}`);
  }
  const themes: [Theme, string][] = [
    ['light', 'Light'],
    ['dark', 'Dark'],
    ['system', 'As the system has it'],
  ];
  const size = (b: number) =>
    b >= 1e9 ? `${(b / 1e9).toFixed(0)} GB` : b > 1e6 ? `${(b / 1e6).toFixed(1)} MB` : `${Math.ceil(b / 1000)} kB`;
</script>

<svelte:head><title>Settings · Haar</title></svelte:head>
<div class="mx-auto max-w-page px-4 pb-16 sm:px-7">
  <TopBar at="settings" />
  <main class="grid gap-x-12 gap-y-10 lg:grid-cols-2">
    <h1 class="sr-only">Settings</h1>
    <section aria-labelledby="by" class="lg:col-span-2">
      <h2 id="by" class="text-2xl font-bold">At the bench</h2>
      <div class="mt-3 max-w-sm">
        <SuggestField
          label="Who works on this device"
          hint="Picked once; every act from here is logged with it."
          bind:value={by}
          suggestions={people.data ?? []}
          maxlength={40}
        />
      </div>
    </section>
    <section aria-labelledby="ws">
      <h2 id="ws" class="text-2xl font-bold">The workshop</h2>
      <Query query={settings} what="the settings">
        {#if edit}
          <form
            class="mt-3 grid gap-4 sm:grid-cols-2"
            onsubmit={(e) => {
              e.preventDefault();
              void form.send(save);
            }}
          >
            <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
            <TextField
              label="Name"
              class="sm:col-span-2"
              error={form.field('name')}
              bind:value={edit!.name}
              required
              maxlength={80}
            />
            <TextField label="What it all has to be ready for" bind:value={edit!.eventName} maxlength={120} />
            <DayField label="On the day" bind:value={edit!.eventDay} />
            <TextField
              label="Currency"
              hint="Three letters, such as EUR."
              error={form.field('currency')}
              bind:value={edit!.currency}
              maxlength={3}
            />
            <div></div>
            <TextField label="The meter's address" error={form.field('meterHost')} bind:value={edit!.meterHost} mono />
            <NumberField
              label="Its port"
              error={form.field('meterPort')}
              bind:number={edit!.meterPort}
              least={1}
              most={65535}
              whole
            />
            <label class="flex min-h-11 items-center gap-3 sm:col-span-2"
              ><CheckBox bind:checked={edit!.meterShowsPart} />Show on the meter which part comes next</label
            >
            <div class="flex flex-wrap items-center gap-5 sm:col-span-2">
              <button class="btn-next" disabled={form.busy}>Save</button><button
                type="button"
                class="act"
                disabled={meter.busy}
                onclick={() => void meter.send(listen)}>{meter.busy ? 'Asking the meter …' : 'Try the meter'}</button
              >
            </div>
            <div class="sm:col-span-2" role="status">
              <ProblemNote problem={meter.problem} />{#if heard}<p class="font-semibold text-verdigris">{heard}</p>{/if}
            </div>
          </form>
        {/if}
      </Query>
    </section>
    <section aria-labelledby="bk">
      <h2 id="bk" class="text-2xl font-bold">Backups</h2>
      <p class="mt-1 text-soft">
        Everything lies in one folder. A backup is taken every day and before each change of Haar itself; it holds the
        database and all photos.
      </p>
      <button class="btn mt-3" disabled={store.busy} onclick={() => void store.send(backup)}
        >{store.busy ? 'Working …' : 'Take one now'}</button
      >
      <div class="mt-2"><ProblemNote problem={store.problem} /></div>
      {#if space.data}
        <p
          class="mt-2 max-w-read {space.data.low ? 'font-semibold text-oxide' : 'text-soft'}"
          role={space.data.low ? 'alert' : undefined}
        >
          {space.data.low
            ? space.data.sentence
            : `${size(space.data.freeBytes)} free on the disk. The workshop takes ${size(space.data.databaseBytes + space.data.photoBytes)}, its backups ${size(space.data.backupBytes)}.`}
        </p>
      {/if}
      <Query query={backups} what="the backups">
        {#snippet children(list)}
          <ul class="mt-3 border-t border-sill">
            {#each list.slice(0, 12) as b (b.name)}
              <li class="flex flex-wrap items-center gap-x-4 border-b border-sill py-1">
                <span class="font-semibold">{moment(b.at)}</span><span class="text-sm text-soft"
                  >{{
                    daily: 'daily',
                    hand: 'by hand',
                    migration: 'before a change of Haar',
                    restore: 'before a restore',
                  }[b.why] ?? b.why}, {size(b.bytes)}</span
                ><span class="ml-auto flex gap-5"
                  ><a class="act" href="/api/backups/{b.name}" download>Download</a
                  >{#if b.name !== list[0]?.name}<button class="act" onclick={() => (removing = b)}>Delete</button
                    >{/if}<button class="act" onclick={() => (restoring = b)}>Restore</button></span
                >
              </li>
            {:else}<li class="border-b border-sill py-4 text-soft">None yet.</li>{/each}
          </ul>
        {/snippet}
      </Query>
    </section>
    <section aria-labelledby="im">
      <h2 id="im" class="text-2xl font-bold">A machine from another workshop</h2>
      <form
        class="mt-3 flex flex-wrap items-end gap-4"
        onsubmit={(e) => {
          e.preventDefault();
          void take.send(importMachine);
        }}
      >
        <Field label="Its document, JSON or ZIP" class="w-80 max-w-full"
          >{#snippet children(f)}<input
              class="input py-2"
              type="file"
              accept=".json,.zip"
              required
              bind:files
              {...f}
            />{/snippet}</Field
        >
        <button class="btn" disabled={take.busy || !files?.length}>Import</button>
      </form>
      <div class="mt-2"><ProblemNote problem={take.problem} /></div>
    </section>
    <section aria-labelledby="th">
      <h2 id="th" class="mb-2 text-2xl font-bold">Theme</h2>
      <Choice label="Light or dark" value={theme.chosen} options={themes} onchange={(t) => theme.choose(t)} />
      {#if session.value && !session.value.open}<button
          class="act mt-4"
          onclick={() =>
            void store.send(async () => {
              await ask(api.POST('/api/sign-out'));
              await session.load();
            })}>Sign out</button
        >{/if}
    </section>
  </main>
</div>
<Sheet
  bind:open={
    () => !!restoring,
    (v) => {
      if (!v) restoring = undefined;
    }
  }
  title="Put this backup in the place of today's workshop?"
  about="What is here now is kept as a backup first, so this can be taken back."
>
  <ProblemNote problem={store.problem} />
  <button class="btn-next mt-3" disabled={store.busy} onclick={() => void store.send(restore)}
    >{store.busy ? 'Restoring …' : 'Restore it'}</button
  >
</Sheet>
<Sheet
  bind:open={
    () => !!removing,
    (v) => {
      if (!v) removing = undefined;
    }
  }
  title="Delete this backup?"
  about="It is gone for good. The newest backup always stays."
>
  <ProblemNote problem={store.problem} />
  <button class="btn-next mt-3" disabled={store.busy} onclick={() => void store.send(remove)}
    >{store.busy ? 'Deleting …' : 'Delete it'}</button
  >
</Sheet>

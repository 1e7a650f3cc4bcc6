<!-- @component What has been found, with what it means and how it was dealt with; its sheets note, change and settle a finding. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, type Sending } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Field from '$lib/ui/Field.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { photoUrl, upload } from '../Intake/photos';

  type Row = Schemas['FindingRow'];
  let {
    id,
    findings,
    kinds,
    form,
    busy = $bindable(false),
  }: {
    id: string;
    findings: Row[];
    kinds: Schemas['FindingChoice'][];
    form: Sending;
    /** One of its sheets is open. */
    busy?: boolean;
  } = $props();
  let adding = $state(false);
  let changing = $state<Row>();
  let dealing = $state<Row>();
  let dealt = $state('');
  let overruling = $state<string>();
  let kind = $state<Schemas['FindingKind']>('leakingCell');
  let place = $state('');
  let seen = $state('');
  let file = $state<FileList>();
  const chosen = $derived(kinds.find((k) => k.kind === kind));
  const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
  $effect(() => {
    busy = adding || !!dealing;
  });

  /** Opens the sheet for a new finding, or to change one. */
  export function note(f?: Row) {
    changing = f;
    kind = f?.finding.kind ?? 'leakingCell';
    place = f?.finding.place ?? '';
    seen = f?.finding.seen ?? '';
    form.forget();
    adding = true;
  }
  /** Asks how a finding was dealt with. */
  export function deal(f: Row) {
    dealing = f;
    dealt = '';
    form.forget();
  }
  async function sendNote() {
    const photoId = file?.[0]
      ? await upload(id, file[0], `${chosen?.words}${place ? `, ${place}` : ''}`)
      : (changing?.finding.photoId ?? null);
    const body = { kind, place, seen, photoId };
    await act(
      changing
        ? api.PUT('/api/machines/{id}/survey/findings/{findingId}', {
            params: { path: { id, findingId: changing.finding.id } },
            headers: basedOn(changing.finding.version),
            body,
          })
        : api.POST('/api/machines/{id}/survey/findings', { params: { path: { id } }, body }),
    );
    adding = false;
    file = undefined;
  }
  async function takeBack() {
    await act(
      api.DELETE('/api/machines/{id}/survey/findings/{findingId}', {
        params: { path: { id, findingId: changing!.finding.id } },
      }),
    );
    adding = false;
  }
  async function sendDeal() {
    await act(
      api.POST('/api/machines/{id}/survey/findings/{findingId}/dealt-with', {
        params: { path: { id, findingId: dealing!.finding.id } },
        body: { how: dealt },
      }),
    );
    dealing = undefined;
  }
</script>

<ul class="border-t border-sill">
  {#each findings as f (f.finding.id)}
    {@const stops = !f.power.granted}
    <li class="flex gap-4 border-b border-sill py-3">
      <Mark
        of={f.finding.dealtWithAt ? 'done' : stops ? 'out' : 'if'}
        size={28}
        word={f.finding.dealtWithAt ? 'dealt with' : stops ? 'stops power' : 'open'}
      />
      <div class="min-w-0 flex-1">
        <h3 class="text-lg leading-snug font-bold">
          {capital(f.meaning.words)}{#if f.finding.place}<span class="font-normal">, {f.finding.place}</span>{/if}
        </h3>
        <p>{f.finding.seen}</p>
        <p class="text-sm text-soft">
          {[
            moment(f.finding.at),
            !f.finding.dealtWithAt && f.meaning.work
              ? `${f.meaning.work}: ${f.meaning.why.charAt(0).toLowerCase() + f.meaning.why.slice(1)}`
              : '',
          ]
            .filter(Boolean)
            .join(' · ')}
        </p>
        {#if f.finding.dealtWithAt}<p class="text-sm"><strong>Dealt with:</strong> {f.finding.dealtWith}</p>{/if}
        {#if f.power.overruledBecause}<p class="text-sm">
            <strong>Its stop is overruled:</strong>
            {f.power.overruledBecause}
          </p>{/if}
        {#if f.power.overruleLapsed}<p class="text-sm font-semibold text-brass-ink">
            Its stop was overruled once; it is described otherwise since, and that holds no longer.
          </p>{/if}
        {#if !f.finding.dealtWithAt && f.meaning.cautions.length}<div class="mt-2 grid gap-2">
            {#each f.meaning.cautions as c (c)}<CautionNote id={c} />{/each}
          </div>{/if}
        {#if !f.finding.dealtWithAt}
          <div class="mt-1 flex flex-wrap gap-x-6">
            <button class="act text-ink" onclick={() => deal(f)}>Dealt with</button>
            <button class="act" onclick={() => note(f)}>Change</button>
            {#if f.power.mayBeOverruled}<button
                class="act"
                aria-expanded={overruling === f.finding.id}
                onclick={() => (overruling = overruling === f.finding.id ? undefined : f.finding.id)}
                >Overrule its stop</button
              >{/if}
          </div>
        {/if}
        {#if overruling === f.finding.id}
          <OverruleForm
            ondo={async (reason) => {
              await act(
                api.POST('/api/machines/{id}/overrules', {
                  params: { path: { id } },
                  body: { of: 'finding', subject: f.finding.id, reason },
                }),
              );
              overruling = undefined;
            }}
          />
        {/if}
      </div>
      {#if f.photoHash}<a href={photoUrl(f.photoHash)} target="_blank" rel="noreferrer"
          ><img
            class="size-24 rounded object-cover"
            src={photoUrl(f.photoHash, true)}
            alt="{f.meaning.words}, {f.finding.place}"
          /></a
        >{/if}
    </li>
  {:else}
    <li class="border-b border-sill py-6 text-soft">Nothing noted yet.</li>
  {/each}
</ul>

<Sheet bind:open={adding} title={changing ? 'What was found?' : 'What do you see?'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(sendNote);
    }}
  >
    <ProblemNote problem={form.problem} />
    <SelectField label="It is a" bind:value={kind} options={kinds.map((k) => [k.kind, k.words] as const)} />
    {#if chosen?.stopsPower}<p class="text-sm font-semibold text-oxide">
        This stops power until it is dealt with.
      </p>{/if}
    <TextField label="Where" error={form.field('place')} bind:value={place} maxlength={120} />
    <TextField label="What you see" error={form.field('seen')} bind:value={seen} rows={3} required maxlength={500} />
    <Field label="Photo"
      >{#snippet children(f)}<input
          class="input py-2"
          type="file"
          accept="image/*"
          capture="environment"
          bind:files={file}
          {...f}
        />{/snippet}</Field
    >
    <div class="flex flex-wrap items-center gap-5">
      <button class="btn-next" disabled={form.busy}>{changing ? 'Keep it so' : 'Note it'}</button>
      {#if changing}<button type="button" class="act" disabled={form.busy} onclick={() => void form.send(takeBack)}
          >It was nothing: take it back</button
        >{/if}
    </div>
  </form>
</Sheet>
<Sheet
  bind:open={
    () => !!dealing,
    (v) => {
      if (!v) dealing = undefined;
    }
  }
  title="{capital(dealing?.meaning.words ?? '')}: how was it dealt with?"
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(sendDeal);
    }}
  >
    <ProblemNote problem={form.problem} />
    {#each dealing?.meaning.cautions ?? [] as c (c)}<CautionNote id={c} />{/each}
    <TextField label="How" error={form.field('how')} bind:value={dealt} rows={3} required maxlength={300} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It is dealt with</button>
  </form>
</Sheet>

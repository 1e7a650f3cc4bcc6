<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask, basedOn, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { moment } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Field from '$lib/ui/Field.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import OverruleForm from '$lib/ui/OverruleForm.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { photoUrl, upload } from '../Intake/photos';
  import { go } from '../router';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['survey', id],
    queryFn: () => ask(api.GET('/api/machines/{id}/survey', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let adding = $state(false);
  let changing = $state<Schemas['FindingRow']>();
  let dealing = $state<Schemas['FindingRow']>();
  let dealt = $state('');
  let overruling = $state<string>();
  let kind = $state<Schemas['FindingKind']>('leakingCell');
  let place = $state('');
  let seen = $state('');
  let file = $state<FileList>();
  const dangers = $derived((query.data?.findings ?? []).filter((f) => !f.power.granted));
  const chosen = $derived(query.data?.kinds.find((k) => k.kind === kind));

  function open(f?: Schemas['FindingRow']) {
    changing = f;
    kind = f?.finding.kind ?? 'leakingCell';
    place = f?.finding.place ?? '';
    seen = f?.finding.seen ?? '';
    form.forget();
    adding = true;
  }
  async function add() {
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
  async function deal() {
    await act(
      api.POST('/api/machines/{id}/survey/findings/{findingId}/dealt-with', {
        params: { path: { id, findingId: dealing!.finding.id } },
        body: { how: dealt },
      }),
    );
    dealing = undefined;
  }
  const looked = () => form.send(() => act(api.POST('/api/machines/{id}/survey/looked', { params: { path: { id } } })));
  const capital = (s: string) => s.charAt(0).toUpperCase() + s.slice(1);
  useKeys([
    { key: 'f', words: 'Note a finding', run: () => open() },
    { key: 'l', words: 'Looked over: that is all', run: () => void looked() },
    { key: 'g', words: 'Go to first power', run: () => go(`/m/${id}/power`) },
  ]);
</script>

<svelte:head><title>What is found · {head.machine.name}</title></svelte:head>

<Query {query} what="what is found">
  {#snippet children(data)}
    <h1 class="max-w-read text-title leading-tight font-bold text-pretty {dangers.length ? 'text-oxide' : ''}">
      {#if dangers.length}{data.power.sentence}{:else if !data.surveyedAt && !data.findings.length}Look it over before
        any power: nothing has been noted yet.{:else if data.findings.some((f) => !f.finding.dealtWithAt)}No danger is
        open. {data.findings.filter((f) => !f.finding.dealtWithAt).length}
        {data.findings.filter((f) => !f.finding.dealtWithAt).length === 1 ? 'finding waits' : 'findings wait'} for work.{:else}Nothing
        found is still open.{/if}
    </h1>
    {#if !data.surveyedAt && !data.findings.length}<p class="mt-2 max-w-read text-soft">
        Outside first, then inside, plug out: leaking cells, bulging or weeping capacitors, cracked line-filter
        capacitors, droppings, mould, chafed leads, missing screws, earlier repairs.
      </p>{/if}
    {#if !adding && !dealing}<div class="mt-2"><ProblemNote problem={form.problem} /></div>{/if}

    <div class="mt-5 grid gap-8 lg:grid-cols-[minmax(0,1fr)_23rem]">
      <ul class="border-t border-sill">
        {#each data.findings as f (f.finding.id)}
          {@const stops = !f.power.granted}
          <li class="flex gap-4 border-b border-sill py-3">
            <Mark
              of={f.finding.dealtWithAt ? 'done' : stops ? 'out' : 'if'}
              size={28}
              word={f.finding.dealtWithAt ? 'dealt with' : stops ? 'stops power' : 'open'}
            />
            <div class="min-w-0 flex-1">
              <h2 class="text-lg leading-snug font-bold">
                {capital(f.meaning.words)}{#if f.finding.place}<span class="font-normal">, {f.finding.place}</span>{/if}
              </h2>
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
                  <button
                    class="act text-ink"
                    onclick={() => {
                      dealing = f;
                      dealt = '';
                    }}>Dealt with</button
                  >
                  <button class="act" onclick={() => open(f)}>Change</button>
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
      <section aria-label="Cautions of this machine">
        {#if data.standing.length}
          {@const said = new Set(
            data.findings.filter((f) => !f.finding.dealtWithAt).flatMap((f) => f.meaning.cautions),
          )}
          <h2 class="mb-2 text-lg font-bold">It can hurt you</h2>
          <div class="grid gap-2">
            {#each data.standing.filter((c) => !said.has(c)) as c (c)}<CautionNote id={c} />{:else}<p
                class="text-sm text-soft"
              >
                As said beside what is found.
              </p>{/each}
          </div>
        {:else}
          <p class="text-sm text-soft">
            Nothing that is known of this machine raises a caution by itself. Leave it unplugged all the same while you
            look.
          </p>
        {/if}
      </section>
    </div>

    <BenchEdge>
      {#snippet next()}
        {#if !data.surveyedAt}<button class="btn-next" disabled={form.busy} onclick={() => void looked()}
            >Looked over, that is all</button
          >
        {:else if dangers.length}<button
            class="btn-next"
            onclick={() => {
              dealing = dangers[0];
              dealt = '';
            }}>Dealt with: {dangers[0]!.meaning.words}</button
          >
        {:else}<button class="btn-next" onclick={() => go(`/m/${id}/power`)}>First power</button>{/if}
      {/snippet}
      {#snippet needs()}{!data.surveyedAt
          ? 'Torch, gloves, camera. Plug out.'
          : dangers.length
            ? dangers[0]!.meaning.work + '.'
            : data.power.sentence}{/snippet}
      {#snippet acts()}<button class="act" onclick={() => open()}>Note a finding <Key k="F" /></button>{/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet bind:open={adding} title={changing ? 'What was found?' : 'What do you see?'}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(add);
    }}
  >
    <ProblemNote problem={form.problem} />
    <SelectField
      label="It is a"
      bind:value={kind}
      options={(query.data?.kinds ?? []).map((k) => [k.kind, k.words] as const)}
    />
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
      void form.send(deal);
    }}
  >
    <ProblemNote problem={form.problem} />
    {#each dealing?.meaning.cautions ?? [] as c (c)}<CautionNote id={c} />{/each}
    <TextField label="How" error={form.field('how')} bind:value={dealt} rows={3} required maxlength={300} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It is dealt with</button>
  </form>
</Sheet>

<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, askOrKept, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { left } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import { now } from '$lib/now.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Key from '$lib/ui/Key.svelte';
  import Mark from '$lib/ui/Mark.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Query from '$lib/ui/Query.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import { orientationWords } from '$lib/words';
  import { photoUrl } from '../Intake/photos';
  import { go } from '../router';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import { marksOf, size } from './record';

  let { id, head }: { id: string; head: Schemas['MachineHead'] } = $props();
  const query = createQuery(() => ({
    queryKey: ['rebuild', id],
    queryFn: () => askOrKept(`rebuild/${id}`, api.GET('/api/machines/{id}/rebuild', { params: { path: { id } } })),
  }));
  const form = new Sending();
  let shown = $state<string>();
  let twice = $state(false);
  let plugged = $state(false);
  let why = $state(false);
  let sheet = $state<'failed' | ''>('');
  let said = $state('');
  const titleOf = (s: Schemas['RebuildStep']) => {
    const p = query.data?.pieces.find((x) => x.row.step.id === s.id)?.row.step;
    return p?.exchangedFor || p?.title || s.title;
  };
  const key = (s: Schemas['RebuildStep']) => `${s.act}${s.id}`;
  const steps = $derived(query.data?.plan.steps ?? []);
  const step = $derived(steps.find((s) => key(s) === shown) ?? steps[0]);
  const piece = $derived(query.data?.pieces.find((p) => p.row.step.id === step?.id));
  const isTest = $derived(step?.act === 'test');
  const back = $derived(
    (query.data?.pieces ?? [])
      .filter((p) => p.row.step.backAt)
      .sort((a, b) => b.row.step.backAt!.localeCompare(a.row.step.backAt!)),
  );
  const waits = $derived(step?.waits && (!step.waitUntil || new Date(step.waitUntil).getTime() > now.value));
  const path = $derived({ params: { path: { id, stepId: step?.id ?? '' } } });
  /** Each of a piece's kinds of screws, with how many are not in yet. */
  const screws = (p?: Schemas['RebuildPieceRow']) =>
    (p?.row.fasteners ?? []).map((f) => ({
      f,
      left: f.count - f.returns.filter((r) => !r.fromStore).reduce((n, r) => n + r.count, 0),
    }));
  const loose = $derived(screws(piece));

  const putBack = () =>
    form.send(async () => {
      const done = key(step!);
      if (isTest)
        await act(
          api.POST('/api/machines/{id}/rebuild/{stepId}/tested', { ...path, body: { passed: true, said: '' } }),
        );
      else
        await act(
          api.POST('/api/machines/{id}/rebuild/{stepId}/back', {
            ...path,
            body: { secondLook: twice, leads: plugged ? 'yes' : 'notKnown' },
          }),
        );
      // Whoever has gone on to another step meanwhile stays there.
      if (shown === done) shown = undefined;
      if (!shown) twice = plugged = false;
    });
  const screwIn = (f: Schemas['StripFastener'], count: number) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/rebuild/fasteners/{fastenerId}', {
          params: { path: { id, fastenerId: f.id } },
          body: { count, thread: f.thread, lengthMillimetres: f.lengthMillimetres, head: f.head, fromStoreId: null },
        }),
      ),
    );
  const out = (stepId: string) =>
    form.send(() => act(api.POST('/api/machines/{id}/rebuild/{stepId}/out', { params: { path: { id, stepId } } })));
  async function failed() {
    await act(api.POST('/api/machines/{id}/rebuild/{stepId}/tested', { ...path, body: { passed: false, said } }));
    sheet = '';
    go(`/m/${id}/nothingon`);
  }
  const lead = (c: Schemas['StripConnector']) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/rebuild/connectors/{connectorId}', {
          params: { path: { id, connectorId: c.id } },
        }),
      ),
    );
  useKeys([
    { key: 'b', words: 'It is back in, or the test has passed', run: () => step && void putBack() },
    { key: 'w', words: 'Why this now?', run: () => (why = !why) },
    { key: 'g', words: 'Go to the fasteners', run: () => go(`/m/${id}/fasteners`) },
  ]);
</script>

<svelte:head><title>Rebuild · {head.machine.name}</title></svelte:head>

<Query {query} what="the rebuild">
  {#snippet children(data)}
    {#if data.plan.loop.length}
      <h1 class="max-w-read text-title leading-tight font-bold text-oxide">{data.plan.verdict.sentence}</h1>
      <ol class="mt-4 max-w-read border-t border-sill">
        {#each data.plan.loop as l (l.number)}
          <li class="border-b border-sill py-3">
            <p class="text-lg">
              <strong>{l.piece}</strong> <span class="reading text-soft">{l.number}</span> sat behind
              <strong>{l.inFront}</strong> <span class="reading text-soft">{l.inFrontNumber}</span>
            </p>
            <p>{l.correct}</p>
            <a
              class="act"
              href="/m/{id}/stripdown?step={data.pieces.find((p) => p.row.step.number === l.number)?.row.step.id}"
              >Correct step {l.number}</a
            >
          </li>
        {/each}
      </ol>
    {:else if !data.pieces.length}
      <div class="mx-auto max-w-xl py-8 text-center">
        <h1 class="text-title font-bold">Nothing has been recorded that could go back</h1>
        <p class="mt-2">The order of the rebuild is worked out from the strip-down’s record.</p>
        <p class="mt-5"><a class="btn-next" href="/m/{id}/stripdown">To the recorder</a></p>
      </div>
    {:else if !step}
      <h1 class="text-title leading-tight font-bold">{data.plan.verdict.sentence}</h1>
      <p class="mt-1 max-w-read {data.fasteners.leftOver + data.fasteners.wrong ? 'font-bold text-oxide' : ''}">
        {data.fasteners.verdict.sentence}
      </p>
    {:else}
      {#if !data.apart}<p class="mb-2 rounded-md bg-tide-wash px-4 py-2 text-sm">
          Still coming apart: this is a look ahead, and changes with every step recorded.
        </p>{/if}
      {#if data.fasteners.leftOver + data.fasteners.wrong > 0}<p class="mb-2 rounded-md bg-oxide-wash px-4 py-2">
          <strong>{data.fasteners.verdict.sentence}</strong>
          <a class="underline" href="/m/{id}/fasteners">Look at the fasteners</a>
        </p>{/if}
      <div class="grid gap-x-8 gap-y-5 lg:grid-cols-[minmax(0,1fr)_21rem]">
        <section aria-label="What goes back now" class="min-w-0">
          <p class="text-sm text-soft">
            {isTest ? 'Test, before it is covered' : `Step ${step.number} of the strip-down`}{step.turn
              ? ` · turn it: ${orientationWords[step.lies].toLowerCase()}`
              : step.lies !== 'notKnown'
                ? ` · ${orientationWords[step.lies].toLowerCase()}`
                : ''}
          </p>
          <h1 class="text-saying leading-tight font-bold">{step.title}</h1>
          <p class="mt-1">
            {step.why[0]}
            {#if step.why.length > 1}<button class="act min-h-6" aria-expanded={why} onclick={() => (why = !why)}
                >Why else <Key k="W" /></button
              >{/if}
          </p>
          {#if why}<ul class="mt-1 grid gap-1 text-sm">
              {#each step.why.slice(1) as w (w)}<li>{w}</li>{/each}
            </ul>{/if}
          {#if waits}<p class="mt-2 rounded-md bg-tide-wash px-4 py-2">
              <strong>It waits</strong>{step.waitUntil
                ? `, ${left(step.waitUntil, now.value)} h left`
                : ' until somebody says that it is over'}: {step.why
                .find((w) => w.startsWith('Late'))
                ?.replace(/^Late, because (it waits: )?/, '')}
            </p>{/if}
          <div class="mt-2"><ProblemNote problem={sheet ? undefined : form.problem} /></div>
          {#if head.cautions.includes('pictureTube')}<div class="mt-2"><CautionNote id="pictureTube" /></div>
          {:else if head.cautions.includes('mainsSupply') && (isTest || piece?.row.step.kind === 'supply')}<div
              class="mt-2"
            >
              <CautionNote id="mainsSupply" />
            </div>{/if}
          {#if piece}
            {#if piece.wantsSecondLook && !isTest}
              <div class="mt-3 rounded-md border-2 border-brass bg-paper px-4 py-3" role="note" aria-label="Way round">
                <p class="text-lg font-bold">Way round</p>
                <ul class="text-lg">
                  {#if piece.row.step.wayRound}<li>
                      {piece.row.step.title}: {piece.row.step.wayRound}
                    </li>{/if}{#each piece.row.connectors.filter((c) => c.wayRound) as c (c.id)}<li>
                      {c.kind.charAt(0).toUpperCase() + c.kind.slice(1)}: <strong>{c.wayRound}</strong>{c.keyed === 'no'
                        ? ', though it goes in both ways'
                        : ''}
                    </li>{/each}
                </ul>
                <label class="mt-1 flex min-h-11 items-center gap-3 font-semibold"
                  ><CheckBox bind:checked={twice} large />I have looked a second time, and it is so.</label
                >
              </div>
            {/if}
            <div class="mt-3 grid gap-x-6 gap-y-3 md:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
              {#if piece.row.photoHash}<div>
                  <MarkedPhoto
                    src={photoUrl(piece.row.photoHash, 'screen')}
                    alt="Strip-down, step {step.number}: {piece.row.step.title}"
                    marks={marksOf(piece.row)}
                  />
                  <p class="mt-1 text-sm text-soft">As it was before it came off.</p>
                </div>{/if}
              <div>
                <ul class="border-b border-sill">
                  {#each loose as { f, left: n } (f.id)}
                    <li class="grid grid-cols-[2.25rem_1fr_auto] items-center gap-x-3 border-t border-sill py-1.5">
                      <span class="reading text-soft">{f.count}×</span><span
                        ><strong>{size(f)}</strong>
                        {[f.head, f.hole].filter(Boolean).join(', ')}<span class="block text-sm text-soft"
                          >{f.tray ? `tray ${f.tray}` : 'no tray'}{f.pierces
                            ? ` · longer would pierce ${f.pierces}`
                            : ''}{f.missingBefore ? ` · ${f.missingBefore} missing before you` : ''}</span
                        ></span
                      >
                      {#if n > 0}<span class="text-sm text-soft">once it is in</span>{:else}<span
                          class="flex items-center gap-2 text-sm text-verdigris"
                          ><Mark of="done" size={20} hidden />in</span
                        >{/if}
                    </li>
                  {/each}
                  {#each piece.row.connectors as c (c.id)}
                    <li class="grid grid-cols-[2.25rem_1fr_auto] items-center gap-x-3 border-t border-sill py-1.5">
                      <span class="reading text-soft">K</span><span
                        ><strong>{c.kind}</strong>{c.wayRound ? `, ${c.wayRound}` : ''}<span
                          class="block text-sm text-soft">{c.route}</span
                        ></span
                      ><button class="btn" aria-pressed={!!c.backAt} onclick={() => void lead(c)}
                        >{c.backAt ? 'home' : 'plug in'}</button
                      >
                    </li>
                  {/each}
                </ul>
                {#if !isTest && piece.row.connectors.some((c) => !c.backAt)}
                  <label class="flex min-h-11 items-center gap-3 font-semibold"
                    ><CheckBox bind:checked={plugged} large />Every lead of it is plugged in.</label
                  >
                {/if}
                {#if piece.row.step.note}<p class="mt-2 text-sm">{piece.row.step.note}</p>{/if}
              </div>
            </div>
          {/if}
        </section>
        <nav aria-label="The order" class="min-w-0">
          <p class="font-bold">{data.plan.verdict.sentence}</p>
          <p class="text-sm text-soft">{data.plan.verdict.reasons.map((r) => r.text).join(' ')}</p>
          <ol class="mt-2">
            {#each steps as s, i (key(s))}
              {#if s.turn}<li class="border-t border-sill py-1 text-sm font-semibold text-brass-ink">
                  Turn it: {orientationWords[s.lies].toLowerCase()}
                </li>{/if}
              <li class="border-t border-sill">
                <button
                  class="flex min-h-10 w-full items-baseline gap-3 py-1.5 text-left hover:bg-rock/60 {s === step
                    ? 'font-bold'
                    : ''}"
                  aria-current={s === step ? 'step' : undefined}
                  onclick={() => {
                    shown = key(s);
                    twice = plugged = false;
                    scrollTo({ top: 0 });
                  }}
                  ><span class="reading w-6 text-right text-soft">{i + 1}</span><span class="flex-1"
                    >{s.act === 'test' ? `Test: ${s.title}` : titleOf(s)}{#if s.waits}<span
                        class="block text-sm font-semibold text-tide">waits</span
                      >{/if}</span
                  ><span class="reading text-sm font-normal text-soft">{s.opens.join(' ')}</span></button
                >
              </li>
            {/each}
          </ol>
        </nav>
      </div>
    {/if}
    {#if back.length}
      <section class="mt-6" aria-label="Back in">
        <h2 class="text-sm font-semibold text-soft">{back.length} back in</h2>
        <ul class="mt-1 grid gap-x-8 sm:grid-cols-2 lg:grid-cols-3">
          {#each back as p (p.row.step.id)}<li class="flex flex-wrap items-center gap-x-3 border-t border-sill py-1">
              <Mark of="done" size={20} /><span class="min-w-0 flex-1 truncate">{p.row.step.title}</span><button
                class="act min-h-8 text-sm"
                aria-label="Out again: {p.row.step.title}"
                onclick={() => void out(p.row.step.id)}>Out again</button
              >
              {#each p.row.connectors.filter((c) => !c.backAt) as c (c.id)}<button
                  class="btn my-1 basis-full justify-start"
                  disabled={form.busy}
                  aria-label="Plug in: {c.kind}"
                  onclick={() => void lead(c)}>Plug in: {c.kind}{c.wayRound ? `, ${c.wayRound}` : ''}</button
                >{/each}
              {#each screws(p).filter((x) => x.left > 0) as { f, left: n } (f.id)}<button
                  class="btn my-1 basis-full justify-start"
                  disabled={form.busy}
                  aria-label="{n} × {size(f)} in"
                  onclick={() => void screwIn(f, n)}>Screw in {n} × {size(f)}{f.tray ? `, tray ${f.tray}` : ''}</button
                >{/each}
            </li>{/each}
        </ul>
      </section>
    {/if}
    <BenchEdge>
      {#snippet next()}
        {#if !step}
          {#if data.fasteners.leftOver + data.fasteners.wrong}<button
              class="btn-next"
              onclick={() => go(`/m/${id}/fasteners`)}>Find their home</button
            >{:else if data.pieces.length && !data.plan.loop.length}<button
              class="btn-next"
              onclick={() => go(`/m/${id}/power`)}>First power</button
            >{/if}
        {:else if isTest}<button class="btn-next" disabled={form.busy} onclick={() => void putBack()}
            >It has passed</button
          >
        {:else}<button
            class="btn-next"
            disabled={form.busy || !!piece?.hindrance || (!!piece?.wantsSecondLook && !twice)}
            onclick={() => void putBack()}>It is back in</button
          >{/if}
      {/snippet}
      {#snippet needs()}{#if step}{piece?.hindrance ??
            (piece?.wantsSecondLook && !twice && !isTest
              ? 'Look a second time at the way round, and say so above.'
              : step.opens.length
                ? `Tray ${step.opens.join(', ')}.`
                : '')}{/if}{/snippet}
      {#snippet acts()}
        {#if isTest}<button
            class="act"
            onclick={() => {
              said = '';
              sheet = 'failed';
            }}>It has failed</button
          >{/if}
        <a class="act" href="/m/{id}/nothingon">Nothing on?</a>
      {/snippet}
    </BenchEdge>
  {/snippet}
</Query>

<Sheet
  bind:current={sheet}
  name="failed"
  title="What did it do instead?"
  about="It stays uncovered until it has passed."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void form.send(failed);
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField
      label="What you saw, heard or smelled"
      error={form.field('said')}
      bind:value={said}
      rows={3}
      required
      maxlength={200}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it uncovered, and look why</button>
  </form>
</Sheet>

<!-- @component One cleaned item: the ladder with its next rung, or how long it dries; what it is worth; how it smells. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { lower, moment, number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import Fold from '$lib/ui/Fold.svelte';
  import Key from '$lib/ui/Key.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { photoUrl } from '../Intake/photos';
  import BeforeForm from './BeforeForm.svelte';
  import ItemForm from './ItemForm.svelte';
  import OdourNote from './OdourNote.svelte';
  import SeatNote from './SeatNote.svelte';
  import SoakForm from './SoakForm.svelte';
  import TogetherForm from './TogetherForm.svelte';
  import TryForm from './TryForm.svelte';
  import WorthForm from './WorthForm.svelte';
  import { rungWords } from './words';

  let {
    id,
    row,
    screen,
    currency,
    onadd,
    onwhiten,
  }: {
    id: string;
    row: Schemas['CleanedRow'];
    screen: Schemas['CleaningScreen'];
    currency: string;
    onadd: () => void;
    onwhiten: (runId: string) => void;
  } = $props();
  let sheet = $state<'change' | 'try' | 'weigh' | 'tested' | 'earlier' | 'before' | 'worth' | 'soak' | 'together' | ''>(
    '',
  );
  let grams = $state('');
  let tested = $state('');
  let hoursAgo = $state('');
  // Dry by a reason too: what asked for it is closed.
  $effect(() => {
    if (!row.wet && sheet === 'earlier') [sheet, hoursAgo] = ['', ''];
  });
  const form = new Sending();
  const open = $derived(!row.item.sheet.doneAt || row.wet);
  const path = $derived({ params: { path: { id, itemId: row.item.id } } });
  const run = $derived(screen.whitenings.find((w) => w.run.itemId === row.item.id));
  const batch = $derived(
    screen.batch?.batches.find((b) => b.items.includes(row.item.name) && b.method === row.ladder.next),
  );
  /** What a cleaner left has to come off: while it is wet, or before anything else may go on. */
  const unrinsed = $derived(
    (row.wet && row.item.sheet.by === 'unrinsed') || (row.item.facts.on.length > 0 && !row.ladder.next),
  );

  const shown = (r: Schemas['Rung']) =>
    (r.state !== 'out' && r.state !== 'noChance') || row.item.facts.trials.some((t) => t.method === r.method);
  const hidden = $derived(row.ladder.rungs.filter((r) => !shown(r)));
  const rungName = (method: string) => row.ladder.rungs.find((r) => r.method === method)?.name ?? method;

  const rinse = () => form.send(() => act(api.POST('/api/machines/{id}/cleaning/{itemId}/rinse', path)));
  const finish = () => form.send(() => act(api.POST('/api/machines/{id}/cleaning/{itemId}/finish', path)));
  const dry = () =>
    form.decide((overruleReason) =>
      act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/dry', {
          ...path,
          body: { scaleGrams: 1, testedBy: tested, overruleReason, hoursAgo: number(hoursAgo, 'the hours') },
        }),
      ),
    );
  const weigh = () =>
    form.send(async () => {
      const g = number(grams, 'the weight');
      await act(api.POST('/api/machines/{id}/cleaning/{itemId}/weigh', { ...path, body: { grams: g ?? 0 } }));
      grams = '';
      sheet = '';
    });
  const whiten = () =>
    form.send(async () => {
      const done = await act(
        api.POST('/api/machines/{id}/whitening', {
          params: { path: { id } },
          body: { itemId: row.item.id, targetB: null, masked: 'notKnown', fits: 'notKnown' },
        }),
      );
      if (done.id) onwhiten(done.id);
    });
  function show(what: typeof sheet) {
    form.forget();
    sheet = what;
  }
  const before = $derived(row.before.length > 0 && row.ladder.before.length > 0);
  useKeys([
    { key: 't', words: 'Keep a pass', run: () => show(before ? 'before' : 'try') },
    { key: 'e', words: 'Change this one', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{row.item.name}</p>
{#if row.item.sheet.soak}
  {@const soak = row.item.sheet.soak}
  <Verdict
    verdict={{
      ...row.ladder.verdict,
      outcome: 'unknown',
      sentence: `In ${soak.tray}: look at it ${moment(soak.until)}.`,
      reasons: [],
      wouldChange: [],
    }}
    words={{ unknown: 'In the bath' }}
    big
    heading={1}
  />
  <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
    {#if soak.method}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">{rungName(soak.method)}</dt>
        <dd class="reading text-2xl">{plain(soak.litres, 3)} l</dd>
      </div>{/if}
    {#if soak.stockMillilitres != null}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">out of the bottle</dt>
        <dd class="reading text-2xl">{Math.round(soak.stockMillilitres)} ml</dd>
      </div>{/if}
    <div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">since</dt>
      <dd class="reading text-2xl">{moment(soak.from)}</dd>
    </div>
  </dl>
{:else if row.wet && row.drying}
  <Verdict
    verdict={row.mayDry?.verdict ?? row.drying.verdict}
    words={{ yes: 'Dry', no: 'Wet', unknown: 'Not known' }}
    big
    heading={1}
    overruled={row.mayDry?.overruledBecause}
  />
  <dl class="mt-4 flex flex-wrap gap-x-8 gap-y-3">
    <div class="flex flex-col-reverse">
      <dt class="text-xs text-soft">at the least</dt>
      <dd class="reading text-2xl">
        {row.drying.hours == null ? 'not there' : `${plain(row.drying.hours)} h`}
      </dd>
    </div>
    {#if row.dryFrom}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">over at</dt>
        <dd class="reading text-2xl">{moment(row.dryFrom)}</dd>
      </div>{/if}
    {#each row.item.sheet.weighings.slice(-2) as w (w.at)}<div class="flex flex-col-reverse">
        <dt class="text-xs text-soft">weighed {moment(w.at)}</dt>
        <dd class="reading text-2xl">{plain(w.grams)} g</dd>
      </div>{/each}
  </dl>
  <p class="mt-3 text-sm">Water stays longest {row.drying.traps.join(', ')}.</p>
{:else}
  <Verdict
    verdict={row.item.sheet.doneAt ? { ...row.ladder.verdict, sentence: 'Done.' } : row.ladder.verdict}
    words={{ yes: 'Next', yesIf: 'Next, after a spot test', no: 'Stop' }}
    bad={row.ladder.next || !row.ladder.verdict.mayBeOverruled ? 'no' : 'yes'}
    big
    heading={1}
  />
  {#if row.ladder.before.length && row.ladder.next}
    <h2 class="mt-4 font-bold">Before</h2>
    {#if row.before.length || !row.item.sheet.notedAt}<ul class="list-disc pl-5">
        {#each row.ladder.before as b (b)}<li>{b}</li>{/each}
      </ul>{:else}<p>Noted {moment(row.item.sheet.notedAt!)}. {row.item.sheet.noted}</p>{/if}
  {/if}
  {#if batch && open}<p class="mt-4">
      <strong>Together:</strong>
      {batch.verdict.sentence}
      <span class="text-soft">{batch.minutesSaved} min saved.</span>
    </p>
    <button class="btn mt-2" onclick={() => show('together')}>Keep one pass for all {batch.items.length}</button>{/if}
{/if}
{#if row.shelf && row.shelf.verdict.outcome !== 'yes' && open && !row.wet}<div class="mt-4">
    <Verdict
      verdict={row.shelf.verdict}
      words={{ no: 'Not enough on the shelf', unknown: 'On the shelf?' }}
      bad="yes"
    />
  </div>{/if}
{#if row.seat && open && !row.wet}<SeatNote {id} {row} seat={row.seat} />{/if}
{#if row.odour}<OdourNote {id} {row} odour={row.odour} />{/if}
{#if row.worth}<div class="mt-5 border-t border-sill pt-3">
    <Verdict verdict={row.worth.verdict} words={{ yes: 'Worth it', no: 'Not worth it' }} />
  </div>{/if}
{#snippet rungLine(r: Schemas['Rung'])}
  {@const tried = row.item.facts.trials.filter((t) => t.method === r.method)}
  <li
    class="grid grid-cols-[1.5rem_minmax(0,1fr)] items-baseline gap-x-3 border-b border-sill py-1.5 sm:grid-cols-[1.5rem_minmax(0,1fr)_11rem] {r.state ===
    'next'
      ? 'bg-paper'
      : ''}"
  >
    <span class="reading text-soft">{r.strength}</span>
    <span class={r.state === 'next' ? 'font-bold' : r.state === 'out' || r.state === 'noChance' ? 'text-soft' : ''}
      >{r.name}{#if r.why}<span class="block text-sm">{r.why}</span>{/if}</span
    >
    <span class="text-sm max-sm:col-start-2 sm:text-right {r.state === 'out' ? 'font-semibold text-oxide' : ''}"
      >{tried.length
        ? tried
            .map(
              (t) =>
                `${plain(t.removedShare * 100, 2)} % off${t.byEye ? '' : ', measured'}${t.loosened ? `, ${plain(t.loosened * 100, 2)} % loose` : ''}${t.damage ? ', damage' : t.damage == null ? ', not looked at for damage' : ''}`,
            )
            .join('; ')
        : rungWords[r.state]}</span
    >
  </li>
{/snippet}
<h2 class="mt-6 font-bold">The ladder, mildest first</h2>
<ol class="border-t border-sill">
  {#each row.ladder.rungs.filter(shown) as r (r.method)}{@render rungLine(r)}{/each}
</ol>
{#if hidden.length}<Fold class="mt-2" title="{hidden.length} with no real chance, or never used here"
    ><ol class="border-t border-sill">
      {#each hidden as r (r.method)}{@render rungLine(r)}{/each}
    </ol></Fold
  >{/if}
{#if row.photoHash}<img
    class="mt-4 max-h-72 rounded-md"
    src={photoUrl(row.photoHash, 'screen')}
    alt="{row.item.name} as it was"
  />{/if}
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}
    {#if row.item.sheet.soak && !row.item.sheet.soak.method && run}<button
        class="btn-next"
        onclick={() => onwhiten(run.run.id)}>Its whitening</button
      >
    {:else if row.item.sheet.soak}<button class="btn-next" onclick={() => show('try')}>Out of the bath</button>
    {:else if unrinsed}<button class="btn-next" disabled={form.busy} onclick={rinse}>Rinsed with clean water</button>
    {:else if row.wet && row.mayDry?.verdict.outcome === 'yes'}<button
        class="btn-next"
        disabled={form.busy}
        onclick={dry}>It is dry</button
      >
    {:else if row.wet}<button class="btn-next" onclick={() => show('weigh')}>Weigh it</button>
    {:else if !open && run}<button class="btn-next" onclick={() => onwhiten(run.run.id)}>Its whitening</button>
    {:else if !open}<button class="btn-next" onclick={onadd}>Put something on the list</button>
    {:else if row.ladder.next && before}<button class="btn-next" onclick={() => show('before')}
        >Note how it stands</button
      >
    {:else if row.ladder.next}<button class="btn-next" onclick={() => show('try')}>Keep how it went</button>
    {:else}<button class="btn-next" disabled={form.busy} onclick={finish}
        >{row.item.facts.trials.length ? 'Clean enough' : 'Leave it as it is'}</button
      >{/if}
  {/snippet}
  {#snippet needs()}{row.wet || !row.needs ? '' : `${row.needs}.`}{row.ladder.then && !row.wet
      ? ` Leaves ${lower(row.ladder.then)}.`
      : ''}{/snippet}
  {#snippet acts()}
    {#if row.soaks && row.ladder.next && !row.item.sheet.soak && !before && open}<button
        class="act"
        onclick={() => show('soak')}>Into a bath</button
      >{/if}
    {#if row.wet && !row.item.sheet.soak && row.mayDry?.verdict.outcome !== 'yes'}<button
        class="act"
        disabled={form.busy}
        onclick={() => (row.takesMains ? show('tested') : void dry())}>It is dry</button
      ><button class="act" disabled={form.busy} onclick={() => show('earlier')}>It was wetted earlier</button>{/if}
    {#if !row.wet && row.ladder.next && open}<button class="act" disabled={form.busy} onclick={finish}
        >{row.item.facts.trials.length ? 'Clean enough' : 'Leave it as it is'}</button
      >{/if}
    {#if row.item.facts.on.length && !unrinsed && !row.item.sheet.soak}<button
        class="act"
        disabled={form.busy}
        onclick={rinse}>Rinsed with clean water</button
      >{/if}
    {#if row.wet && !row.item.sheet.soak}<button class="act" onclick={() => show('try')}
        >Another pass <Key k="T" /></button
      >{/if}
    {#if !run && !row.wet}<button class="act" disabled={form.busy} onclick={whiten}>Whiten it</button>{/if}
    {#if open && !row.item.sheet.soak}<Otherwise
        name={row.item.name}
        left="the drying, where a liquid may have gone on it"
        liquid
        ondo={(body) => act(api.POST('/api/machines/{id}/cleaning/{itemId}/otherwise', { ...path, body }))}
      />{/if}
    <button class="act" onclick={() => show('worth')}>Worth it?</button>
    <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet bind:current={sheet} name="change" title={row.item.name}
  ><ItemForm {id} {row} {screen} {currency} ondone={() => (sheet = '')} /></Sheet
>
{#if batch}<Sheet bind:current={sheet} name="together" title="One pass for all of them" about={batch.name}>
    <TogetherForm
      {id}
      {batch}
      rows={screen.items.filter((r) => batch.items.includes(r.item.name) && r.ladder.next === batch.method)}
      ondone={() => (sheet = '')}
    />
  </Sheet>{/if}
<Sheet bind:current={sheet} name="try" title="How did it go?" about={row.item.name}
  ><TryForm {id} {row} ondone={() => (sheet = '')} /></Sheet
>
<Sheet bind:current={sheet} name="before" title="Before it gets wet" about="After the bath nobody knows how they stood."
  ><BeforeForm {id} {row} ondone={() => (sheet = '')} /></Sheet
>
<Sheet bind:current={sheet} name="soak" title="Into a bath" about={row.item.name}
  ><SoakForm {id} {row} ondone={() => (sheet = '')} /></Sheet
>
<Sheet bind:current={sheet} name="worth" title="Is it worth the cleaning?" about={row.item.name}
  ><WorthForm {id} {row} {currency} ondone={() => (sheet = '')} /></Sheet
>
<Sheet
  bind:current={sheet}
  name="weigh"
  title="What does it weigh?"
  about="All of it, on the same scale, an hour after the last time."
>
  <form
    class="grid max-w-60 gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void weigh();
    }}
  >
    <ProblemNote problem={form.problem} />
    <NumberField label="Weight, g" error={form.field('grams')} bind:value={grams} size="text-xl" required />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep the weight</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="earlier"
  title="When was it wetted?"
  about="Washed yesterday, and written down only now: its time counts from when it got wet."
>
  <ProblemNote {form} />
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      if (row.takesMains) show('tested');
      else void dry().then((done) => (sheet = done ? '' : sheet));
    }}
  >
    <NumberField label="Hours ago" error={form.field('hoursAgo')} bind:value={hoursAgo} required />
    <button class="btn-next justify-self-start" disabled={form.busy}>Then it is dry</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="tested"
  title="Does it take the mains?"
  about="If it does not, say so under Change. If it does, somebody trained for mains tests its insulation first."
>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void dry().then((done) => {
        if (done) [sheet, tested] = ['', ''];
      });
    }}
  >
    <ProblemNote {form} />
    <TextField label="Who tested it, and what it read" bind:value={tested} required minlength={3} maxlength={200} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It is tested and dry</button>
  </form>
</Sheet>

<!-- @component A keyboard, key by key: the map that its photo became, caps off, washed and back, and each key's own ladder. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { threeWords } from '$lib/words';
  import type { Point } from '../Boards/items';
  import { photoUrl } from '../Intake/photos';
  import Taps from '../Photos/Taps.svelte';
  import { cornerWords } from '../Photos/words';
  import KeyboardForm from './KeyboardForm.svelte';
  import KeyMap from './KeyMap.svelte';
  import { capStateWords, troubleWords } from './words';

  let {
    id,
    row,
    onadd,
    onitem,
  }: { id: string; row: Schemas['KeyboardRow']; onadd: () => void; onitem: (itemId: string) => void } = $props();
  const k = $derived(row.keyboard);
  const form = new Sending();
  let sheet = $state<'photo' | 'change' | 'fill' | 'way' | 'cap' | ''>('');
  let picked = $state<string | null>(null);
  let layout = $state('office-105');
  let photoId = $state('');
  let corners = $state<Point[]>([]);
  let from = $state('');
  let donorRow = $state('');
  let donorWidth = $state('');
  let stem = $state<Schemas['ThreeState']>('notKnown');
  let seen = $state(false);
  let legend = $state('');
  let wayRound = $state('');
  let place = $state({ x: 0, y: 0, w: 0.1, h: 0.1 });
  const nudges: [string, Partial<Record<'x' | 'y' | 'w' | 'h', number>>][] = [
    ['Left', { x: -1 }],
    ['Right', { x: 1 }],
    ['Up', { y: -1 }],
    ['Down', { y: 1 }],
    ['Wider', { w: 1 }],
    ['Narrower', { w: -1 }],
    ['Taller', { h: 1 }],
    ['Lower', { h: -1 }],
  ];
  function nudge(by: (typeof nudges)[number][1]) {
    for (const [k, n] of Object.entries(by) as ['x' | 'y' | 'w' | 'h', number][]) {
      const least = k === 'w' || k === 'h' ? step : -0.1;
      place[k] = Math.max(least, Math.round((place[k] + n * step) * 1e5) / 1e5);
    }
  }
  const cap = $derived(k.caps.find((c) => c.key === picked) ?? null);
  /** A fifth of a letter key's width, as a share of the picture. */
  const step = $derived(cap ? cap.w / cap.width / 5 : 0.01);
  const away = $derived(k.caps.filter((c) => c.state === 'off' || c.state === 'donor'));
  const trouble = $derived(row.troubled.find((t) => t.key === picked) ?? null);
  const path = $derived({ params: { path: { id, keyboardId: k.id } } });
  const keyPath = $derived({ params: { path: { id, keyboardId: k.id, key: picked ?? '' } } });
  const done = () => {
    sheet = '';
    seen = false;
  };
  const lay = () =>
    form.decide(async (overruleReason) => {
      await act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/lay', {
          ...path,
          body: { photoId, layout, corners, overruleReason },
        }),
      );
      done();
    });
  const off = (keys: string[] | null) =>
    form.send(() => act(api.POST('/api/machines/{id}/keyboards/{keyboardId}/off', { ...path, body: { keys } })));
  const back = (keys: string[]) =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/back', {
          ...path,
          body: { keys, way: seen ? 'yes' : 'notKnown' },
        }),
      );
      done();
      // On to the next that is off.
      picked = k.caps.find((c) => (c.state === 'off' || c.state === 'donor') && !keys.includes(c.key))?.key ?? picked;
    });
  const miss = () =>
    form.send(() => act(api.POST('/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/missing', keyPath)));
  const fill = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/fill', {
          ...keyPath,
          body: { from, row: number(donorRow, 'the row'), width: number(donorWidth, 'the width'), stem },
        }),
      );
      done();
    });
  const test = (t: Schemas['KeyTrouble']) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/test', { ...keyPath, body: { trouble: t } }),
        true,
      ),
    );
  const tried = (helped: boolean) =>
    form.send(() =>
      act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/keys/{key}/try', {
          ...keyPath,
          body: { rung: trouble!.next!, helped },
        }),
      ),
    );
  const right = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/keyboards/{keyboardId}/keys/{key}', {
          ...keyPath,
          body: { ...place, legend, wayRound },
        }),
      );
      done();
    });
  function show(what: typeof sheet) {
    form.forget();
    if (what === 'cap' && cap) {
      [legend, wayRound] = [cap.legend, cap.wayRound];
      place = { x: cap.x, y: cap.y, w: cap.w, h: cap.h };
    }
    if (what === 'fill' && cap) [donorRow, donorWidth, stem] = ['', '', 'notKnown'];
    sheet = what;
  }
  const wash = $derived(away.length > 0 && (!row.washed || row.wet));
  function doNext() {
    if (!k.caps.length) show('photo');
    else if (away.length && !wash && cap && away.includes(cap)) {
      if (cap.wayRound && !seen) show('way');
      else void back([cap.key]);
    } else if (away.length && wash && k.itemId) onitem(k.itemId);
    else if (away.length) picked = away[0]!.key;
    else if (k.caps.every((c) => c.state === 'on')) void off(null);
    else onadd();
  }
  useKeys([
    { key: 'Enter', words: 'Do what is next', run: doNext },
    { key: 'e', words: 'Change this keyboard', run: () => show('change') },
  ]);
</script>

<p class="text-sm text-soft">{k.name}</p>
<Verdict
  verdict={row.verdict}
  big
  heading={1}
  words={{ yes: 'Works', yesIf: 'To be done', no: 'Not yet', unknown: 'To be looked at' }}
/>
{#if k.caps.length}
  <div class="mt-4"><KeyMap {row} {picked} onpick={(key) => (picked = key)} /></div>
  {#if cap}
    <section
      class="mt-4 grid gap-x-6 gap-y-3 sm:grid-cols-[9rem_minmax(0,1fr)]"
      aria-label="Key {cap.legend || cap.key}"
    >
      <div>
        {#if row.pictureHash}<svg
            viewBox="{cap.x * row.pictureWidth} {cap.y * row.pictureHeight} {cap.w * row.pictureWidth} {cap.h *
              row.pictureHeight}"
            class="max-h-36 w-full rounded-md bg-rock"
            role="img"
            aria-label="The cap as it sat"
            ><image
              href={photoUrl(row.pictureHash)}
              width={row.pictureWidth}
              height={row.pictureHeight}
              preserveAspectRatio="none"
            /></svg
          >{/if}
      </div>
      <div class="min-w-0">
        <h2 class="text-xl font-bold">
          {cap.legend || `Key ${cap.key}`}
          <span class="text-base font-normal text-soft"
            >row {cap.row}, {plain(cap.width)} wide · {capStateWords[cap.state]}{cap.from
              ? `, from ${cap.from}`
              : ''}</span
          >
        </h2>
        {#if cap.wayRound}<p class="font-semibold">{cap.wayRound}</p>{/if}
        {#if trouble}<p class="mt-1">{trouble.words}</p>{/if}
        {#if trouble?.next}<div class="mt-2 flex flex-wrap gap-6">
            <button class="btn" disabled={form.busy} onclick={() => void tried(true)}>Tried: it works</button>
            <button class="btn" disabled={form.busy} onclick={() => void tried(false)}>Tried: no help</button>
          </div>{/if}
        {#if cap.state === 'on' || cap.state === 'back'}<div class="mt-3">
            <Choice
              label="Pressed once:"
              value={cap.trouble === 'none' && !cap.tested ? ('' as 'none') : cap.trouble}
              options={troubleWords}
              onchange={(t) => void test(t)}
            />
          </div>{/if}
        <div class="mt-3 flex flex-wrap gap-x-6 gap-y-1">
          {#if cap.state === 'on' || cap.state === 'back'}<button
              class="act"
              disabled={form.busy}
              onclick={() => void off([cap.key])}>Take this cap off</button
            >{/if}
          {#if cap.state !== 'missing'}<button class="act" disabled={form.busy} onclick={miss}>It is missing</button>
          {:else}<button class="act" onclick={() => show('fill')}>A donor’s cap for it</button>{/if}
          <button class="act" onclick={() => show('cap')}>Put it right</button>
        </div>
      </div>
    </section>
  {:else}<p class="mt-3">Tap a key on the map.</p>{/if}
{:else}
  <ol class="mt-4 list-decimal pl-5">
    <li>A photo from straight above, before any cap comes off.</li>
    <li>The layout chosen, the four outer corners of the keys tapped.</li>
    <li>Caps off, washed, dried, and back by the map: each shows how it sat.</li>
  </ol>
{/if}
{#if !sheet}<ProblemNote {form} />{/if}

<BenchEdge>
  {#snippet next()}
    <button class="btn-next" disabled={form.busy} onclick={doNext}
      >{!k.caps.length
        ? 'Photo of the keyboard'
        : away.length && wash
          ? 'Wash and dry the caps'
          : away.length && cap && away.includes(cap)
            ? `The cap of ${cap.legend || cap.key} is on`
            : away.length
              ? 'The first cap that is off'
              : k.caps.every((c) => c.state === 'on')
                ? 'All caps are off'
                : 'Put something on the list'}</button
    >
  {/snippet}
  {#snippet needs()}{away.length ? `${away.length} of ${k.caps.length} caps to go.` : ''}{/snippet}
  {#snippet acts()}
    {#if away.length > 1 && !wash}<button
        class="act"
        disabled={form.busy}
        onclick={() => {
          if (away.some((c) => c.wayRound)) show('way');
          else void back(away.map((c) => c.key));
        }}>All are on</button
      >{/if}
    {#if k.caps.length && k.caps.every((c) => c.state === 'on')}<button class="act" onclick={() => show('photo')}
        >Another photo</button
      >{/if}
    <button class="act" onclick={() => show('change')}>Change <Key k="E" /></button>
    <button class="act" onclick={onadd}>Add <Key k="A" /></button>
  {/snippet}
</BenchEdge>

<Sheet
  bind:current={sheet}
  name="photo"
  title="The keyboard, from straight above"
  about="The layout, and the four outer corners of the keys: not of the case."
>
  <div class="grid gap-4">
    <ProblemNote {form} />
    <SelectField
      label="Layout"
      error={form.field('layout')}
      bind:value={layout}
      options={row.layouts.map((l) => [l.id, l.name] as const)}
    />
    <Taps
      {id}
      {form}
      caption={k.name}
      prompts={cornerWords('the keys')}
      hash={row.photoHash}
      bind:photoId
      bind:taps={corners}
      label="Photo of the keyboard"
    />
    <button class="btn-next justify-self-start" disabled={form.busy || corners.length < 4} onclick={lay}
      >Lay the keys over it</button
    >
  </div>
</Sheet>
<Sheet bind:current={sheet} name="way" title="Do they sit as the picture shows?" about={cap?.wayRound ?? ''}>
  <div class="grid max-w-md gap-4">
    <ProblemNote problem={form.problem} />
    {#each cap && away.includes(cap) ? [cap] : away.filter((c) => c.wayRound) as c (c.key)}<p>
        <strong>{c.legend || c.key}</strong>: {c.wayRound}
      </p>{/each}
    <label class="flex min-h-11 items-center gap-3"><CheckBox bind:checked={seen} large />Looked at: it sits so</label>
    <button
      class="btn-next justify-self-start"
      disabled={form.busy || !seen}
      onclick={() => void back(cap && away.includes(cap) ? [cap.key] : away.map((c) => c.key))}>It is on</button
    >
  </div>
</Sheet>
<Sheet
  bind:current={sheet}
  name="fill"
  title="A donor’s cap"
  about={cap ? `Wanted: row ${cap.row}, ${plain(cap.width)} wide.` : ''}
>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void fill();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="From which donor" error={form.field('from')} bind:value={from} required maxlength={100} />
    <NumberField
      label="Its row, 1 at the back"
      whole
      error={form.field('row')}
      bind:value={donorRow}
      least={1}
      most={8}
    />
    <NumberField
      label="Its width, in letter keys"
      error={form.field('width')}
      bind:value={donorWidth}
      least={1}
      most={10}
    />
    <Choice label="Does its stem fit?" bind:value={stem} options={threeWords} />
    <button class="btn-next justify-self-start" disabled={form.busy}>It goes there</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="cap" title="Put the key right" about={cap?.key ?? ''}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void right();
    }}
  >
    <ProblemNote problem={form.problem} />
    {#if row.pictureHash}<svg
        viewBox="{place.x * row.pictureWidth} {place.y * row.pictureHeight} {place.w * row.pictureWidth} {place.h *
          row.pictureHeight}"
        class="max-h-40 w-full rounded-md bg-rock"
        role="img"
        aria-label="What is cut out of the picture"
        ><image
          href={photoUrl(row.pictureHash)}
          width={row.pictureWidth}
          height={row.pictureHeight}
          preserveAspectRatio="none"
        /></svg
      >
      <div class="flex flex-wrap gap-2" role="group" aria-label="Its place on the picture">
        {#each nudges as [word, by] (word)}<button type="button" class="btn px-3" onclick={() => nudge(by)}
            >{word}</button
          >{/each}
      </div>{/if}
    <TextField label="What is on it" bind:value={legend} maxlength={20} />
    <TextField
      label="Can it go in wrongly? What tells its way round"
      hint="Empty where it fits one way only."
      bind:value={wayRound}
      maxlength={100}
      placeholder="the notch to the back"
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="change" title={k.name}
  ><KeyboardForm
    {id}
    {row}
    ondone={() => {
      sheet = '';
    }}
  /></Sheet
>

<!-- @component One soldered part: its next step with what stands in its way, the steps with their times, joints counted on a photo, neighbours measured. -->
<script lang="ts">
  import type { Snippet } from 'svelte';
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number } from '$lib/format';
  import { useKeys } from '$lib/keys.svelte';
  import BenchEdge from '$lib/ui/BenchEdge.svelte';
  import Otherwise from '$lib/ui/Otherwise.svelte';
  import CautionNote from '$lib/ui/CautionNote.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import Key from '$lib/ui/Key.svelte';
  import MarkedPhoto from '$lib/ui/MarkedPhoto.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import Steps from '$lib/ui/Steps.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { directionWords, fluxWords } from '$lib/words';
  import { photoUrl } from '../Intake/photos';
  import JointCount from './JointCount.svelte';
  import SolderedForm from './SolderedForm.svelte';

  let {
    id,
    row,
    bench,
    onkeep,
    onnext,
    more,
  }: {
    id: string;
    row: Schemas['SolderedRow'];
    bench: boolean;
    onkeep: () => void;
    onnext: () => void;
    more: Snippet;
  } = $props();
  const form = new Sending();
  let sheet = $state<'step' | 'count' | 'edit' | ''>('');
  let way = $state<Schemas['Direction']>('notKnown');
  let pads = $state<NonNullable<Schemas['PadState']>>('sound');
  let flux = $state<NonNullable<Schemas['Flux']>>('inTheWire');
  let pairs = $state('');
  let bridged = $state('');
  let joined = $state('');
  const p = $derived(row.part);
  const s = $derived(p.sheet);
  const begun = $derived(row.steps.some((x) => x.at));
  const path = $derived({ params: { path: { id, partId: p.id } } });
  const capital = (t: string) => t[0]!.toUpperCase() + t.slice(1);
  const names = (t: string) =>
    t
      .split(/[,;\n]+/)
      .map((x) => x.trim())
      .filter(Boolean);
  /** What is asked before a step can be true; the others are one press. */
  const asks: Partial<Record<NonNullable<Schemas['SolderStep']>, string>> = {
    note: 'Which way does it sit?',
    checkPads: 'How are the pads?',
    solder: 'Which flux went on?',
    checkWayRound: 'Which way does it sit now?',
    measureNeighbours: 'Each pin against the next',
  };

  const take = (step: NonNullable<Schemas['SolderStep']>, more: Partial<Schemas['SolderStepAsk']> = {}) =>
    form.decide(async (overruleReason) => {
      onkeep();
      await act(
        api.POST('/api/machines/{id}/soldered/{partId}/step', { ...path, body: { step, overruleReason, ...more } }),
      );
      sheet = '';
      way = 'notKnown';
      pairs = bridged = joined = '';
    });
  const answer = () =>
    take(
      row.next!,
      {
        note: () => ({ way }),
        checkWayRound: () => ({ way }),
        checkPads: () => ({ pads }),
        solder: () => ({ flux }),
        measureNeighbours: () => ({
          pairs: number(pairs, 'the pairs'),
          bridged: [...names(bridged), ...names(joined)],
          joinedByBoard: names(joined),
        }),
      }[row.next as 'note']?.() ?? {},
    );
  const again = () =>
    form.send(async () => {
      onkeep();
      await act(api.POST('/api/machines/{id}/soldered/{partId}/again', path));
    });
  function doNext() {
    if (!row.next) onnext();
    else if (p.lacquer === 'notKnown' && !begun) sheet = 'edit';
    else if (row.next === 'countJoints') open('count');
    else if (asks[row.next]) open('step');
    else void take(row.next);
  }
  function open(what: 'step' | 'count') {
    form.forget();
    sheet = what;
  }
  useKeys([
    { key: 'e', words: 'Change this part', run: () => (sheet = 'edit') },
    { key: 'Enter', words: 'Do what is next', run: doNext },
  ]);
  const ways = (['up', 'right', 'down', 'left'] as const).map((d) => [d, directionWords[d]] as [typeof d, string]);
</script>

<Verdict
  verdict={row.verdict}
  heading={1}
  words={{
    yes: 'All joints good',
    no: 'Not yet',
    unknown: row.verdict.question.startsWith('May') ? 'Look first' : 'To be looked at',
    yesIf: 'To be done',
  }}
>
  <Steps steps={row.steps} next={row.next} />
  {#if row.photoHash}<div class="mt-3 max-w-sm">
      <MarkedPhoto
        src={photoUrl(row.photoHash, 'screen')}
        alt="the joints of {p.name}"
        marks={s.joints.map((j, i) => ({ x: j.x, y: j.y, text: String(i + 1), brass: !j.good }))}
      />
    </div>{/if}
  {#if row.flux.outcome === 'no' && row.steps.some((x) => x.step === 'solder' && !x.at)}<p class="mt-2 font-semibold">
      {row.flux.sentence}
    </p>{/if}
</Verdict>
{#if !sheet}<ProblemNote problem={form.problem} {form} />{/if}

{#if bench}
  <BenchEdge>
    {#snippet next()}<button class="btn-next" disabled={form.busy} onclick={doNext}
        >{!row.next
          ? 'Next in the list'
          : p.lacquer === 'notKnown' && !begun
            ? 'Say what lacquer there is'
            : capital(row.nextWords)}</button
      >{/snippet}
    {#snippet needs()}{row.next === 'measureNeighbours'
        ? `Power off. ${row.neighbours} ${row.neighbours === 1 ? 'pair' : 'pairs'} of pins lie beside one another.`
        : row.next === 'countJoints'
          ? 'A fresh photo from straight above; a tap for each pin.'
          : row.next === 'dry'
            ? 'An hour in a warm room: alcohol under a part leaves last.'
            : row.next === 'note'
              ? 'Before anything is heated.'
              : row.next === 'checkPads'
                ? 'Magnifier.'
                : row.next
                  ? 'Iron, wick, magnifier.'
                  : ''}{/snippet}
    {#snippet acts()}<button class="act" onclick={() => (sheet = 'edit')}>Change <Key k="E" /></button
      >{#if !p.sheet.solderedAt}<Otherwise
          name={p.name}
          left="its joints, each pin against the next, and the flux"
          ondo={(body) => act(api.POST('/api/machines/{id}/soldered/{partId}/otherwise', { ...path, body }))}
        />{/if}{#if begun}<button class="act" disabled={form.busy} onclick={again}>Once more from the start</button
        >{/if}{@render more()}{/snippet}
  </BenchEdge>
{/if}

<Sheet bind:current={sheet} name="step" title={row.next ? (asks[row.next] ?? '') : ''}>
  <form
    class="grid gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void answer();
    }}
  >
    <ProblemNote problem={form.problem} {form} />
    {#if row.next === 'note' || row.next === 'checkWayRound'}
      <p>Hold the board as it lies on its photo. Where does pin 1, the notch or the key point?</p>
      <Choice label="It points" bind:value={way} options={ways} />
    {:else if row.next === 'checkPads'}
      <Choice
        label="The worst of them"
        bind:value={pads}
        options={[
          ['sound', 'Sound'],
          ['corroded', 'Corroded'],
          ['lifted', 'Lifted'],
        ]}
      />
    {:else if row.next === 'solder'}
      <CautionNote id="leadAndFlux" />
      <Choice label="Flux" bind:value={flux} options={fluxWords} />
      {#if flux === 'liquid' && row.flux.outcome === 'no'}<p class="font-semibold text-oxide">
          {row.flux.sentence}
        </p>{/if}
    {:else if row.next === 'measureNeighbours'}
      <p>
        Power off. {row.neighbours === 1 ? 'One pair of pins lies' : `${row.neighbours} pairs of pins lie`} beside one another.
        A pair that reads joined is a bridge, unless the board joins it itself.
      </p>
      <NumberField
        label="Pairs measured"
        whole
        bind:value={pairs}
        error={form.field('pairs')}
        size="text-xl"
        required
      />
      <TextField
        label="Bridged"
        hint="None: leave it empty. Else 4-5, 11-12."
        bind:value={bridged}
        error={form.field('bridged')}
      />
      <TextField
        label="Joined by the board itself"
        hint="Such as two ground pins, as the traces show."
        bind:value={joined}
        error={form.field('joinedByBoard')}
      />
    {/if}
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="count" title="Its joints, pin by pin"
  ><JointCount
    {id}
    part={p}
    {form}
    ondone={(photoId, joints) => void take('countJoints', { photoId, joints })}
  /></Sheet
>
<Sheet bind:current={sheet} name="edit" title="Change {p.name}"
  ><SolderedForm {id} boardId={p.boardId} side={p.side} part={p} ondone={() => (sheet = '')} /></Sheet
>

<!-- @component Into a bath: the tray, how much of it, how much out of the bottle; what must not meet is asked. -->
<script lang="ts">
  import { api, ask, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { number, plain } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';

  let { id, row, ondone }: { id: string; row: Schemas['CleanedRow']; ondone: () => void } = $props();
  let tray = $state('the grey tray');
  let length = $state('');
  let width = $state('');
  let height = $state('');
  let depth = $state('');
  let displaced = $state('');
  let stock = $state('');
  let wanted = $state('');
  let left = $state('');
  let minutes = $state('');
  let spot = $state(false);
  let bath = $state<Schemas['BathResult'] | null>(null);
  const form = new Sending();
  const rung = $derived(row.ladder.rungs.find((r) => r.method === row.ladder.next));
  const size = (): Schemas['TrayFacts'] => ({
    lengthCentimetres: number(length, 'the length') ?? 0,
    widthCentimetres: number(width, 'the width') ?? 0,
    heightCentimetres: number(height, 'the height') ?? 0,
    depthCentimetres: number(depth, 'the depth') ?? 0,
    displacedLitres: number(displaced, 'what the parts displace'),
    partLengthCentimetres: null,
    partWidthCentimetres: null,
    partHeightCentimetres: null,
  });
  const strengths = () => ({
    stockPercent: number(stock, 'the strength in the bottle'),
    wantedPercent: number(wanted, 'the strength wanted'),
    leftMillilitres: number(left, 'what is left'),
  });
  const work = () =>
    form.send(async () => {
      bath = await ask(
        api.POST('/api/calc/cleaning/bath', {
          body: { tray: size(), of: row.substance!, ...strengths(), with: row.item.facts.on },
        }),
      );
    });
  const save = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/cleaning/{itemId}/soak', {
          params: { path: { id, itemId: row.item.id } },
          body: {
            method: row.ladder.next!,
            tray,
            size: size(),
            ...strengths(),
            minutes: number(minutes, 'the minutes'),
            spotTested: spot,
          },
        }),
      );
      ondone();
    });
</script>

<form
  class="grid gap-4"
  onsubmit={(e) => {
    e.preventDefault();
    void save();
  }}
>
  <p class="font-semibold">{rung?.name}</p>
  <ProblemNote problem={form.problem} />
  <div class="grid gap-4 sm:grid-cols-3">
    <TextField
      class="sm:col-span-3"
      label="Which tray"
      error={form.field('tray')}
      bind:value={tray}
      required
      maxlength={40}
    />
    <NumberField label="Tray, length, cm" error={form.field('tray.lengthCentimetres')} bind:value={length} required />
    <NumberField label="Width, cm" error={form.field('tray.widthCentimetres')} bind:value={width} required />
    <NumberField label="Height, cm" error={form.field('tray.heightCentimetres')} bind:value={height} required />
    <NumberField label="Bath stands, cm" error={form.field('tray.depthCentimetres')} bind:value={depth} required />
    <NumberField label="Parts displace, l" error={form.field('tray.displacedLitres')} bind:value={displaced} />
    <NumberField
      label="A look after, min"
      hint="Empty takes the method’s own time."
      error={form.field('minutes')}
      bind:value={minutes}
    />
    <NumberField
      label="In the bottle, %"
      hint="Empty where it is used as it is."
      error={form.field('stockPercent')}
      bind:value={stock}
    />
    <NumberField label="In the bath, %" error={form.field('wantedPercent')} bind:value={wanted} />
    <NumberField label="Left in the bottle, ml" error={form.field('leftMillilitres')} bind:value={left} />
  </div>
  {#if rung?.spotTest}<label class="flex min-h-11 items-center gap-3"
      ><CheckBox bind:checked={spot} large />A hidden place bore it for ten minutes</label
    >{/if}
  {#if bath}<div class="border-t border-sill pt-3">
      <Verdict verdict={bath.verdict} figures={false}>
        <dl class="mt-3 flex flex-wrap gap-x-8 gap-y-3">
          <div class="flex flex-col-reverse">
            <dt class="text-xs text-soft">of bath</dt>
            <dd class="reading text-2xl">{plain(bath.litres, 3)} l</dd>
          </div>
          {#if bath.stockMillilitres != null}<div class="flex flex-col-reverse">
              <dt class="text-xs text-soft">out of the bottle</dt>
              <dd class="reading text-2xl">{Math.round(bath.stockMillilitres)} ml</dd>
            </div>
            <div class="flex flex-col-reverse">
              <dt class="text-xs text-soft">of water, first</dt>
              <dd class="reading text-2xl">{Math.round(bath.waterMillilitres ?? 0)} ml</dd>
            </div>{/if}
          {#if bath.leftMillilitres != null}<div class="flex flex-col-reverse">
              <dt class="text-xs text-soft">left in the bottle</dt>
              <dd class="reading text-2xl">{Math.round(bath.leftMillilitres)} ml</dd>
            </div>{/if}
        </dl>
      </Verdict>
    </div>{/if}
  <div class="flex flex-wrap items-center gap-6">
    <button class="btn-next" disabled={form.busy}>It is in the bath</button>
    <button type="button" class="act" disabled={form.busy} onclick={work}>How much goes in?</button>
  </div>
</form>

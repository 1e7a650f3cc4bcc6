<!-- @component Recap now, or wait; and do it, or have it done: both sums with their figures. -->
<script lang="ts">
  import CheckGroup from '$lib/ui/CheckGroup.svelte';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { Sending } from '$lib/api/act.svelte';
  import { currencySign, money, number, plain } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import SelectField from '$lib/ui/SelectField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Verdict from '$lib/ui/Verdict.svelte';
  import { benchToolWords, experienceWords } from '$lib/words';
  let {
    forecast,
    rows,
    currency,
  }: { forecast: Schemas['Forecast']; rows: Schemas['CapacitorRow'][]; currency: string } = $props();
  const left = $derived(rows.filter((r) => r.stand === 'comesOut'));
  const worst = $derived(
    [...forecast.rows].sort((a, b) => b.leaveCost - b.takeCost - (a.leaveCost - a.takeCost)).slice(0, 12),
  );
  let experience = $state<Schemas['SolderExperience']>(
    (localStorage.getItem('haar.experience') as Schemas['SolderExperience']) ?? 'never',
  );
  let owned = $state<Schemas['BenchTool'][]>(
    JSON.parse(localStorage.getItem('haar.tools') ?? '[]') as Schemas['BenchTool'][],
  );
  let worth = $state('');
  let price = $state('');
  let days = $state('');
  let answer = $state.raw<Schemas['DoItResult']>();
  const form = new Sending();
  async function judge() {
    localStorage.setItem('haar.experience', experience);
    localStorage.setItem('haar.tools', JSON.stringify(owned));
    const smd = left.filter(
      (r) => r.capacitor.spec.kind === 'aluminiumSurfaceMount' || r.capacitor.spec.kind === 'tantalumSurfaceMount',
    ).length;
    answer = await ask(
      api.POST('/api/calc/capacitors/do-it', {
        body: {
          parts: Math.max(1, left.length),
          surfaceMount: smd,
          weeping: left.filter((r) => r.capacitor.signs.includes('weeping')).length,
          wideCopper: left.filter((r) => r.capacitor.role === 'bulk').length,
          worth: number(worth, 'what a working board costs') ?? 0,
          servicePrice: number(price, 'the price'),
          serviceDays: number(days, 'the days'),
          experience,
          owned: $state.snapshot(owned),
          hourWorth: 0,
        },
      }),
    );
  }
</script>

<Verdict
  verdict={forecast.verdict}
  heading={2}
  bad="yes"
  words={{ yes: 'All of them now', no: 'By evidence', yesIf: 'Either' }}
  figures={false}
/>
{#if forecast.verdict.outcome !== 'unknown'}
  <dl class="mt-4 grid grid-cols-2 gap-4 sm:grid-cols-4">
    {#each [['By evidence, now', String(forecast.now)], [`within ${plain(forecast.house.years)} years, likely`, String(forecast.likely)], ['Preventive, now', String(forecast.preventive)], ['Cost, evidence to preventive', `${money(forecast.evidenceCost.likely, currency)} / ${money(forecast.preventiveCost.likely, currency)}`]] as [w, v] (w)}<div
        class="flex flex-col-reverse justify-end"
      >
        <dt class="text-xs text-soft">{w}</dt>
        <dd class="reading text-2xl">{v}</dd>
      </div>{/each}
  </dl>
  <div class="mt-4 overflow-x-auto">
    <table class="w-full text-left text-sm">
      <caption class="sr-only">Leaving each part against taking it out</caption>
      <thead
        ><tr class="border-b border-sill"
          ><th class="py-1">Part</th><th class="text-right">Fails</th><th class="text-right">Leaving costs</th><th
            class="text-right">Taking costs</th
          ><th class="text-right">Pad lifts</th></tr
        ></thead
      >
      <tbody
        >{#each worst as r (r.designator)}<tr class="border-b border-sill"
            ><td class="py-1 font-mono font-semibold">{r.designator}</td><td class="text-right font-mono"
              >{r.comesOutNow ? 'bad now' : `${plain(r.failShare * 100, 2)} %`}</td
            ><td class="text-right font-mono">{money(r.leaveCost, currency)}</td><td class="text-right font-mono"
              >{money(r.takeCost, currency)}</td
            ><td class="text-right font-mono">{plain(r.padRisk * 100, 2)} %</td></tr
          >{/each}</tbody
      >
    </table>
  </div>
  {#if forecast.rows.length > worst.length}<p class="mt-1 text-sm text-soft">
      The twelve for which it matters most, of {forecast.rows.length}.
    </p>{/if}
{/if}

<h3 class="mt-7 sill pt-5 text-lg font-bold">Do it, or have it done?</h3>
<form
  class="mt-2 grid gap-4 sm:grid-cols-2"
  onsubmit={(e) => {
    e.preventDefault();
    void form.send(judge);
  }}
>
  <div class="sm:col-span-2"><ProblemNote problem={form.problem} /></div>
  <SelectField label="How much have you soldered?" bind:value={experience} options={experienceWords} />
  <NumberField label="A working board like it costs, {currencySign(currency)}" bind:value={worth} required />
  <NumberField label="A service asks, {currencySign(currency)}" bind:value={price} />
  <NumberField label="and takes, days" bind:value={days} whole />
  <CheckGroup label="On the bench there is" class="sm:col-span-2" bind:value={owned} options={benchToolWords} />
  <button class="btn-next justify-self-start" disabled={form.busy}>Work it out</button>
</form>
{#if answer}<div class="mt-5 rounded-lg bg-paper p-4">
    <Verdict
      verdict={answer.verdict}
      heading={3}
      words={{ yes: 'Do it', no: 'Have it done', yesIf: 'Do it, on a condition' }}
    />
  </div>{/if}

<!-- @component What has to be bought, by value, volts, kind and size, without a supplier: to print, copy or save. Prices can be typed in; they stay on this device. -->
<script lang="ts">
  import { toast } from 'svelte-sonner';
  import type { Schemas } from '$lib/api/client';
  import { currencySign, money, typed } from '$lib/format';

  let {
    lines,
    currency,
    href,
    heading,
  }: { lines: Schemas['ShoppingLine'][]; currency: string; href: string; heading: 1 | 2 } = $props();
  let prices = $state<Record<string, string>>(
    JSON.parse(localStorage.getItem('haar.prices') ?? '{}') as Record<string, string>,
  );
  const price = (key: string) => {
    const v = typed(prices[key]);
    return v != null && v >= 0 ? v : undefined;
  };
  const priced = $derived(lines.filter((l) => price(l.key) != null));
  const sum = $derived(priced.reduce((s, l) => s + price(l.key)! * l.pieces, 0));
  const pieces = $derived(lines.reduce((s, l) => s + l.pieces, 0));
  const what = (l: Schemas['ShoppingLine']) => [l.kind, l.celsius, l.size].filter(Boolean).join(', ');
  const spares = $derived(lines.reduce((s, l) => s + l.spares, 0));
  /** "Lifeboat editor CE20, CE21; Newsletter desktop C3": each machine named once. */
  function goesTo(places: string[]) {
    const of: Record<string, string[]> = {};
    for (const p of places) {
      const at = p.lastIndexOf(' ');
      const machine = p.slice(0, at);
      of[machine] = [...(of[machine] ?? []), p.slice(at + 1)];
    }
    return Object.entries(of)
      .map(([machine, parts]) => `${machine} ${parts.join(', ')}`)
      .join('; ');
  }
  const text = $derived(
    lines.map((l) => `${l.pieces} × ${[l.value, l.volts, what(l)].filter(Boolean).join(', ')}`).join('\n'),
  );
  function keep(key: string, value: string) {
    prices = { ...prices, [key]: value };
    localStorage.setItem('haar.prices', JSON.stringify(prices));
  }
  async function copy() {
    try {
      await navigator.clipboard.writeText(text);
      toast('The list is copied.');
    } catch {
      toast.error('This browser does not let the list be copied. Save it instead.');
    }
  }
</script>

<section aria-label="Shopping list">
  <svelte:element this={`h${heading}`} class="text-title leading-tight font-bold"
    >{pieces}
    {pieces === 1 ? 'piece' : 'pieces'} to buy, {lines.length}
    {lines.length === 1 ? 'sort' : 'sorts'}</svelte:element
  >
  <p class="no-print mt-1 text-soft">
    No supplier’s list is here, so this one goes to any shop.
    {#if spares}{spares === 1 ? 'One piece is a spare.' : `${spares} of them are spares.`}{/if}
    Type in prices as you find them.
  </p>
  <div class="no-print mt-2 flex flex-wrap gap-x-6">
    <button class="act" onclick={() => void copy()}>Copy</button>
    <a class="act" {href} download="shopping-list.csv">Save as a table</a>
    <button class="act" onclick={() => print()}>Print</button>
  </div>
  <ul class="mt-2 border-t-2 border-ink">
    {#each lines as l (l.key)}
      <li
        class="grid grid-cols-[3.5rem_minmax(0,1fr)_6.5rem] items-center gap-x-3 border-b border-sill py-1.5 sm:grid-cols-[4rem_minmax(0,1fr)_6.5rem_6rem]"
      >
        <span class="reading text-xl">{l.pieces} ×</span>
        <span class="min-w-0"
          ><strong>{[l.value, l.volts].filter(Boolean).join(', ')}</strong><span class="block text-sm">{what(l)}</span
          ><span class="block text-sm text-soft"
            >{goesTo(l.for)}{l.spares ? `; ${l.spares} ${l.spares === 1 ? 'spare' : 'spares'}` : ''}</span
          ></span
        >
        <input
          class="input no-print text-right"
          inputmode="decimal"
          aria-label="Price of one {l.key}"
          placeholder="{currencySign(currency)} each"
          value={prices[l.key] ?? ''}
          oninput={(e) => keep(l.key, e.currentTarget.value)}
        />
        <span class="reading text-right max-sm:hidden"
          >{price(l.key) == null ? '' : money(price(l.key)! * l.pieces, currency)}</span
        >
      </li>
    {/each}
  </ul>
  {#if priced.length}<p class="mt-2 text-right">
      <span class="reading text-saying">{money(sum, currency)}</span>
      <span class="block text-sm text-soft"
        >{priced.length === lines.length ? 'all of it' : `${priced.length} of ${lines.length} sorts have a price`}</span
      >
    </p>{/if}
</section>

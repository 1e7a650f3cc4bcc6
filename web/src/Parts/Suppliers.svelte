<!-- @component Suppliers and their lists. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { moment, money, number } from '$lib/format';
  import NumberField from '$lib/ui/NumberField.svelte';
  import TextField from '$lib/ui/TextField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  let { suppliers }: { suppliers: Schemas['SupplierRow'][] } = $props();
  const form = new Sending();
  let adding = $state(false);
  let name = $state('');
  let address = $state('');
  let postage = $state('');
  let days = $state('7');
  let table = $state<Schemas['SupplierRow']>();
  let text = $state('');
  const read = (s: Schemas['SupplierRow']) =>
    form.send(() => act(api.POST('/api/suppliers/{supplierId}/read', { params: { path: { supplierId: s.id } } })));
  const add = () =>
    form.send(async () => {
      await act(
        api.POST('/api/suppliers', {
          body: {
            name,
            address,
            postage: number(postage, 'the postage') ?? 0,
            freeFrom: null,
            days: number(days, 'the days') ?? 7,
          },
        }),
      );
      adding = false;
      name = address = postage = '';
    });
  const take = () =>
    form.send(async () => {
      await act(
        api.POST('/api/suppliers/{supplierId}/csv', { params: { path: { supplierId: table!.id } }, body: { text } }),
      );
      table = undefined;
      text = '';
    });
</script>

<ProblemNote problem={form.problem} />
<ul class="border-t border-sill">
  {#each suppliers as s (s.id)}
    <li class="flex flex-wrap items-center gap-x-5 border-b border-sill py-2">
      <span class="min-w-48 flex-1"
        ><strong>{s.name}</strong><span class="block text-sm text-soft"
          >{s.offers} offers, postage {money(s.postage, 'EUR').replace('€', '')}{s.freeFrom
            ? `, free from ${s.freeFrom}`
            : ''}, {s.days} days{s.readAt ? `, read ${moment(s.readAt)}` : ''}</span
        ></span
      >
      {#if s.address}<button
          class="act"
          disabled={form.busy}
          aria-label="Read the list of {s.name}"
          onclick={() => void read(s)}>Read its list</button
        >{/if}
      <button class="act" onclick={() => (table = s)}>Take a table in</button>
      <button
        class="act text-oxide"
        disabled={form.busy}
        aria-label="Take {s.name} off the list"
        onclick={() =>
          void form.send(() =>
            act(api.DELETE('/api/suppliers/{supplierId}', { params: { path: { supplierId: s.id } } })),
          )}>Off the list</button
      >
    </li>
  {:else}<li class="py-4 text-soft">Nobody yet.</li>{/each}
</ul>
{#if table}
  <form
    class="mt-4 grid gap-3"
    onsubmit={(e) => {
      e.preventDefault();
      void take();
    }}
  >
    <TextField
      label="The list of {table.name}"
      error={form.field('text')}
      hint="sku, marking and price are needed; kind, volts, celsius, diameter, height, pitch, pack, from2, price2, stock are understood. Comma, semicolon or tab; 4,7 is taken for 4.7."
      bind:value={text}
      rows={8}
      mono
      required
    />
    <div class="flex gap-5">
      <button class="btn" disabled={form.busy || !text.trim()}>Take the list</button><button
        type="button"
        class="act"
        onclick={() => (table = undefined)}>Leave it</button
      >
    </div>
  </form>
{/if}
{#if adding}
  <form
    class="mt-4 grid gap-4 sm:grid-cols-2"
    onsubmit={(e) => {
      e.preventDefault();
      void add();
    }}
  >
    <TextField label="Name" error={form.field('name')} bind:value={name} required maxlength={60} />
    <TextField
      label="Address of its interface"
      error={form.field('address')}
      hint="Leave out for a list that you take in."
      bind:value={address}
      inputmode="url"
      maxlength={300}
    />
    <NumberField label="Postage" error={form.field('postage')} bind:value={postage} />
    <NumberField label="Days" error={form.field('days')} bind:value={days} whole />
    <button class="btn-next justify-self-start" disabled={form.busy}>Add the supplier</button>
  </form>
{:else}<button class="btn mt-4" onclick={() => (adding = true)}>Another supplier</button>{/if}

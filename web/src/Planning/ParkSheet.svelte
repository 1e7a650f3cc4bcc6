<!-- @component Whose a machine is and when it is due; set aside with what wakes it, or in hand again. -->
<script lang="ts">
  import { api, type Schemas } from '$lib/api/client';
  import { act, Sending } from '$lib/api/act.svelte';
  import { currencySign, day, number } from '$lib/format';
  import DayField from '$lib/ui/DayField.svelte';
  import NumberField from '$lib/ui/NumberField.svelte';
  import ProblemNote from '$lib/ui/ProblemNote.svelte';
  import Sheet from '$lib/ui/Sheet.svelte';
  import TextField from '$lib/ui/TextField.svelte';

  let { id, head, wakes, wokenBy }: { id: string; head: Schemas['MachineHead']; wakes: string; wokenBy: string } =
    $props();
  const m = $derived(head.machine);
  let sheet = $state<'due' | 'park' | 'price' | ''>('');
  let owner = $state('');
  let due = $state<string | null>('');
  let why = $state('');
  let wakesOn = $state<string | null>('');
  let wakesFor = $state('');
  let below = $state('');
  let price = $state('');
  const form = new Sending();
  const path = $derived({ params: { path: { id } } });
  const show = (what: typeof sheet) => {
    form.forget();
    [owner, due, why, wakesOn, wakesFor, below, price] = [m.owner, m.dueOn ?? '', '', '', '', '', ''];
    sheet = what;
  };
  const keep = () =>
    form.send(async () => {
      await act(api.PUT('/api/machines/{id}/due', { ...path, body: { owner, dueOn: due || null } }));
      sheet = '';
    });
  const park = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/park', {
          ...path,
          body: { why, wakesOn: wakesOn || null, wakesFor, wakesBelow: number(below, 'the price') },
        }),
      );
      sheet = '';
    });
  const seen = () =>
    form.send(async () => {
      await act(
        api.POST('/api/machines/{id}/park/price', { ...path, body: { price: number(price, 'the price') ?? NaN } }),
      );
      sheet = '';
    });
  const wake = () => form.send(() => act(api.DELETE('/api/machines/{id}/park', path)));
</script>

<section
  class={[
    'flex flex-wrap items-center gap-x-6 gap-y-2 text-sm',
    m.parkedAt ? 'mt-2' : 'mt-6 border-t border-sill pt-3',
  ]}
  aria-label="Due"
>
  {#if m.parkedAt}<div class="basis-full text-base">
      <p>{m.parkedWhy.replace(/\.$/, '')}. {wakes}</p>
      {#if wokenBy}<p class="text-lg font-bold text-brass-ink">{wokenBy}</p>{:else if m.seenFor != null}<p>
          Seen for {m.seenFor.toFixed(2)} so far.
        </p>{/if}
    </div>
    <button class={wokenBy ? 'btn-next' : 'act'} disabled={form.busy} onclick={wake}>Take it in hand again</button>
    {#if m.wakesBelow != null}<button class="act" onclick={() => show('price')}>Seen at a price</button>{/if}{/if}
  <p class={m.parkedAt ? 'text-soft' : ''}>
    {m.owner ? `It is ${m.owner}’s` : 'It is the workshop’s own'}{m.dueOn
      ? `, and is due on ${day(m.dueOn)}`
      : ', and is due on the workshop’s day'}.
  </p>
  <button class="act" onclick={() => show('due')}>Whose, and when due</button>
  {#if !m.parkedAt}<button class="act" onclick={() => show('park')}>Set aside</button>{/if}
  {#if !sheet}<ProblemNote problem={form.problem} />{/if}
</section>
<Sheet bind:current={sheet} name="due" title="Whose is it, and when is it due?">
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void keep();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="Whose it is" hint="Empty for the workshop’s own." bind:value={owner} maxlength={80} />
    <DayField
      label="Ready on, or goes back on"
      hint="Empty takes the workshop’s day."
      error={form.field('dueOn')}
      bind:value={due}
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>
<Sheet
  bind:current={sheet}
  name="park"
  title="Set it aside"
  about="It neither nags nor counts until something wakes it. What is dangerous in it still does."
>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void park();
    }}
  >
    <ProblemNote problem={form.problem} />
    <TextField label="Why" error={form.field('why')} bind:value={why} required maxlength={200} />
    <TextField
      label="A part that wakes it"
      hint="As the store names it: floppy drive."
      bind:value={wakesFor}
      maxlength={60}
    />
    <NumberField
      label="A price that wakes it, {currencySign(head.currency)}"
      hint="Of that part, or of a complete one where none is named: this or less. Empty for none."
      error={form.field('wakesBelow')}
      bind:value={below}
      least={0}
    />
    <DayField label="A day that wakes it" error={form.field('wakesOn')} bind:value={wakesOn} />
    <button class="btn-next justify-self-start" disabled={form.busy}>Set it aside</button>
  </form>
</Sheet>
<Sheet bind:current={sheet} name="price" title="What was it seen for?" about={m.wakesFor || 'A complete one'}>
  <form
    class="grid max-w-md gap-4"
    onsubmit={(e) => {
      e.preventDefault();
      void seen();
    }}
  >
    <ProblemNote problem={form.problem} />
    <NumberField
      label="Price, {currencySign(head.currency)}"
      error={form.field('price')}
      bind:value={price}
      least={0}
      required
    />
    <button class="btn-next justify-self-start" disabled={form.busy}>Keep it</button>
  </form>
</Sheet>

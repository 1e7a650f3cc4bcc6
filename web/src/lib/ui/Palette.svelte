<!-- @component Finds and does anything: opened with / or by its button. -->
<script lang="ts">
  import { Command, Dialog } from 'bits-ui';
  import { api, ask, type Schemas } from '$lib/api/client';
  import { undo } from '$lib/api/act.svelte';
  import { keys } from '$lib/keys.svelte';
  import { theme } from '$lib/theme.svelte';
  import { stages } from '$lib/words';
  import { go, route } from '../../router';
  let { open = $bindable(false) }: { open?: boolean } = $props();

  let text = $state('');
  let found = $state.raw<Schemas['Found'][]>([]);
  let asked = 0;
  const acts: [string, () => void][] = [
    ['Workshop', () => go('/')],
    ['Take a machine in', () => go('/take-in')],
    ['Take a lot in: a van-load of boxes', () => go('/take-in-lot')],
    ['The store: parts and fasteners', () => go('/store')],
    ['The drawer: capacitors', () => go('/drawer')],
    ['The order: what has to be bought', () => go('/order')],
    ['Work out: every sum without a machine', () => go('/work-out')],
    ['Work out: read a marking', () => go('/work-out/markings/capacitor')],
    ['Work out: an ESR limit', () => go('/work-out/capacitors/esr-limit')],
    ['Work out: a date code', () => go('/work-out/markings/date-code')],
    ['Work out: a resistor for a load', () => go('/work-out/survey/load-resistor')],
    ['Work out: wire for a jumper', () => go('/work-out/corrosion/jumper')],
    ['Work out: a dilution', () => go('/work-out/corrosion/dilution')],
    ['Packs and the calculation API', () => go('/reference')],
    ['Settings, meter and backups', () => go('/settings')],
    ['Undo what was last done here', () => void undo()],
    ['Theme: light', () => theme.choose('light')],
    ['Theme: dark', () => theme.choose('dark')],
    ['Theme: as the system has it', () => theme.choose('system')],
  ];

  $effect(() => {
    const q = text.trim();
    const mine = ++asked;
    if (q.length < 1) {
      found = [];
      return;
    }
    const timer = setTimeout(() => {
      ask(api.GET('/api/find', { params: { query: { q } } }))
        .then((r) => {
          if (mine === asked) found = r;
        })
        .catch(() => {
          if (mine === asked) found = [];
        });
    }, 120);
    return () => clearTimeout(timer);
  });

  /** All words that were typed, in any order. */
  const matches = (value: string, search: string, keywords: string[] = []) => {
    const all = `${value} ${keywords.join(' ')}`.toLowerCase();
    return search
      .toLowerCase()
      .split(/\s+/)
      .every((w) => all.includes(w))
      ? 1
      : 0;
  };
  /** The stages of the machine in hand, by their screens. */
  const screens = $derived(
    route.params.id
      ? stages.flatMap((s) => s.screens.map((x) => [`${s.word}: ${x.word.toLowerCase()}`, x.screen] as const))
      : [],
  );
  let input = $state<HTMLInputElement | null>(null);

  // What was typed last time stays, and is chosen whole: typing goes over it.
  function pick(run: () => void) {
    open = false;
    run();
  }
  const item = 'flex min-h-11 cursor-pointer items-center justify-between gap-4 rounded px-3 data-selected:bg-rock';
</script>

<Dialog.Root bind:open>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-veil/60" />
    <Dialog.Content
      onOpenAutoFocus={(e) => {
        e.preventDefault();
        input?.focus();
        input?.select();
      }}
      class="fixed inset-x-3 top-[8dvh] z-50 mx-auto max-w-xl rounded-lg bg-fog p-3 text-ink"
    >
      <Dialog.Title class="sr-only">Find or do anything</Dialog.Title>
      <Command.Root shouldFilter filter={matches} loop label="Find or do anything">
        <Command.Input
          class="input text-lg"
          placeholder="A machine, a part, or what you want to do"
          bind:value={text}
          bind:ref={input}
          aria-label="Find or do anything"
        />
        <Command.List class="mt-2 max-h-[60dvh] overflow-y-auto">
          <Command.Viewport>
            <Command.Empty class="px-3 py-4 text-sm text-soft">Nothing of that name is here.</Command.Empty>
            {#each found as f, i (`${f.path} ${f.title} ${i}`)}
              <Command.Item
                class={item}
                value="{f.title} {f.detail} {f.path}"
                keywords={[text]}
                onSelect={() => pick(() => go(f.path))}
                ><span class="font-semibold">{f.title}</span><span class="text-sm text-soft">{f.detail}</span
                ></Command.Item
              >
            {/each}
            {#each keys.acts as a (a)}
              <Command.Item class={item} value="here: {a.words}" onSelect={() => pick(a.run)}
                ><span>{a.words}</span><kbd class="key">{a.key}</kbd></Command.Item
              >
            {/each}
            {#each screens as [words, screen] (words)}
              <Command.Item
                class={item}
                value="stage: {words}"
                onSelect={() => pick(() => go(`/m/${route.params.id}/${screen}`))}><span>{words}</span></Command.Item
              >
            {/each}
            {#each acts as [words, run] (words)}
              <Command.Item class={item} value={words} onSelect={() => pick(run)}><span>{words}</span></Command.Item>
            {/each}
          </Command.Viewport>
        </Command.List>
      </Command.Root>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>

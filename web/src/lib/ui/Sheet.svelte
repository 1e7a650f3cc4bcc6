<!--
@component A sheet over the bench for one form. Escape closes it, and focus goes back. A screen with several sheets keeps the
name of the one that is open in one variable, and each sheet answers to its name.
```svelte
let sheet = $state<'read' | 'edit' | ''>('');
<Sheet bind:current={sheet} name="read" title="What do you read?">…</Sheet>
```
-->
<script lang="ts" generics="T extends string = string">
  import { Dialog } from 'bits-ui';
  import type { Snippet } from 'svelte';
  let {
    open = $bindable(false),
    current = $bindable(),
    name,
    title,
    about = '',
    wide = false,
    children,
  }: {
    open?: boolean;
    current?: T | '';
    name?: T;
    title: string;
    about?: string;
    wide?: boolean;
    children: Snippet;
  } = $props();
</script>

<Dialog.Root
  bind:open={
    () => (name === undefined ? open : current === name),
    (v) => {
      if (name === undefined) open = v;
      else if (!v && current === name) current = '';
    }
  }
>
  <Dialog.Portal>
    <Dialog.Overlay class="fixed inset-0 z-40 bg-veil/60" />
    <Dialog.Content
      class="fixed inset-x-0 bottom-0 z-50 max-h-[92dvh] overflow-y-auto rounded-t-lg bg-fog p-5 text-ink sm:inset-x-auto sm:top-1/2 sm:bottom-auto sm:left-1/2 {wide
        ? 'sm:w-[min(78rem,96vw)]'
        : 'sm:w-[min(44rem,94vw)]'} sm:-translate-x-1/2 sm:-translate-y-1/2 sm:rounded-lg sm:p-7"
    >
      <div class="flex items-start justify-between gap-4">
        <Dialog.Title class="text-2xl font-bold">{title}</Dialog.Title>
        <Dialog.Close class="act -mt-1 text-ink" aria-label="Close">Close</Dialog.Close>
      </div>
      {#if about}<Dialog.Description class="mt-1 text-sm text-soft">{about}</Dialog.Description>{/if}
      <div class="mt-4">{@render children()}</div>
    </Dialog.Content>
  </Dialog.Portal>
</Dialog.Root>

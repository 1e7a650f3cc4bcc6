<!--
@component One thing that is so or not. It stands inside its label.
```svelte
<label class="flex items-center gap-2"><CheckBox bind:checked={swollen} />It is swollen</label>
```
-->
<script lang="ts">
  import Check from '@lucide/svelte/icons/check';
  import { Checkbox } from 'bits-ui';
  let {
    checked = $bindable(),
    large = false,
    disabled = false,
    onchange,
  }: { checked?: boolean; large?: boolean; disabled?: boolean; onchange?: (checked: boolean) => void } = $props();
</script>

<Checkbox.Root
  bind:checked={() => checked ?? false, (v) => (checked = v)}
  {disabled}
  onCheckedChange={(v) => onchange?.(v)}
  class="inline-grid shrink-0 place-items-center rounded-sm border-2 border-soft bg-paper text-paper data-[state=checked]:border-verdigris data-[state=checked]:bg-verdigris {large
    ? 'size-6'
    : 'size-5'}"
>
  {#snippet children({ checked: is })}{#if is}<Check size={16} strokeWidth={3.5} aria-hidden="true" />{/if}{/snippet}
</Checkbox.Root>

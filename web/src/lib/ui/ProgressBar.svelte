<!-- @component How far long work has come. <ProgressBar label="Sent" value={3} most={40} /> -->
<script lang="ts">
  import { Progress } from 'bits-ui';
  let {
    label,
    value,
    most,
    class: extra = 'w-32',
  }: { label: string; value: number; most: number; class?: string } = $props();
  const steps = [
    'w-0',
    'w-1/10',
    'w-2/10',
    'w-3/10',
    'w-4/10',
    'w-5/10',
    'w-6/10',
    'w-7/10',
    'w-8/10',
    'w-9/10',
    'w-full',
  ];
</script>

<Progress.Root
  aria-label={label}
  {value}
  max={most}
  class="inline-block h-2.5 overflow-hidden rounded-full border border-tide bg-paper align-middle {extra}"
>
  <div class="h-full bg-tide {steps[most > 0 ? Math.min(10, Math.floor((value / most) * 10)) : 0]}"></div>
</Progress.Root>

<!-- @component Go on, or stop: shown wherever something is about to be spent. `next` is what this decision would cost. -->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { money } from '$lib/format';
  let { head, next = 0 }: { head: Schemas['MachineHead']; next?: number } = $props();
  const m = $derived(head.money);
  const past = $derived(m.stopLoss != null && m.spent + next > m.stopLoss);
</script>

<p class="text-sm {past ? 'font-bold text-oxide' : 'text-soft'}">
  {#if m.stopLoss == null}{money(m.spent, head.currency)} spent so far; no stop-loss is set.
    <a class="underline" href="/m/{head.machine.id}/costs">Say what it may cost</a>.
  {:else if past}{next
      ? `${money(next, head.currency)} more would go past the stop-loss of ${money(m.stopLoss, head.currency)}`
      : `${money(m.spent - m.stopLoss, head.currency)} past the stop-loss`}.
    <a class="underline" href="/m/{head.machine.id}/costs">Go on, or stop?</a>
  {:else}{money(m.spent, head.currency)} of {money(m.stopLoss, head.currency)} spent{next
      ? `; this takes ${money(next, head.currency)}`
      : ''}. {m.verdict.outcome === 'no' ? m.verdict.sentence : ''}{/if}
</p>

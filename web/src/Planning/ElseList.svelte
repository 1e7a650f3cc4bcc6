<!-- @component The next best for somebody now: in ten minutes, without the iron, with dirty hands, sitting down. -->
<script lang="ts">
  import { createQuery } from '@tanstack/svelte-query';
  import { api, ask } from '$lib/api/client';
  import { minutes } from '$lib/format';
  import CheckBox from '$lib/ui/CheckBox.svelte';
  import Query from '$lib/ui/Query.svelte';

  let { person }: { person: string } = $props();
  let short = $state(false);
  let noIron = $state(false);
  let dirty = $state(false);
  let seated = $state(false);
  const query = createQuery(() => ({
    queryKey: ['else', person, short, noIron, dirty, seated],
    queryFn: () =>
      ask(
        api.POST('/api/plan/else', {
          body: {
            person,
            mostMinutes: short ? 10 : null,
            without: noIron ? ['iron'] : [],
            dirty,
            seated,
            notThese: [],
          },
        }),
      ),
    retry: false,
  }));
</script>

<div class="grid gap-2">
  <div class="flex flex-wrap gap-x-7">
    <label class="flex min-h-11 items-center gap-2.5"><CheckBox bind:checked={short} large />In ten minutes</label>
    <label class="flex min-h-11 items-center gap-2.5"><CheckBox bind:checked={noIron} large />Without the iron</label>
    <label class="flex min-h-11 items-center gap-2.5"><CheckBox bind:checked={dirty} large />Hands are dirty</label>
    <label class="flex min-h-11 items-center gap-2.5"><CheckBox bind:checked={seated} large />Sitting down</label>
  </div>
  <Query {query} what="something else">
    {#snippet children(d)}
      <ul class="border-t border-sill" aria-label="Something else">
        {#each d.choices as c (c.id)}<li>
            <a class="block border-b border-sill py-2 hover:bg-rock/60" href={c.path}
              ><span class="flex items-baseline justify-between gap-4"
                ><strong>{c.title}</strong><span class="text-sm whitespace-nowrap">{minutes(c.minutes)}</span></span
              ><span class="block text-sm text-soft">{c.machine} · {c.why}</span></a
            >
          </li>{:else}<li class="border-b border-sill py-4">{d.verdict.sentence}</li>{/each}
      </ul>
    {/snippet}
  </Query>
</div>

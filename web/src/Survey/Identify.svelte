<!-- @component The three questions that come before any other: what in it can kill. What nobody knows counts as there. -->
<script lang="ts">
  import { api, basedOn, type Schemas } from '$lib/api/client';
  import { act, type Sending } from '$lib/api/act.svelte';
  import Choice from '$lib/ui/Choice.svelte';
  import { hazardAnswers, hazardQuestions } from '$lib/words';

  let { head, form }: { head: Schemas['MachineHead']; form: Sending } = $props();
  const m = $derived(head.machine);
  let given = $state<Partial<Pick<Schemas['Machine'], 'mainsLead' | 'tube' | 'battery'>>>({});
  const said = $derived({ mainsLead: m.mainsLead, tube: m.tube, battery: m.battery, ...given });

  /** Whether anything was answered that is not kept yet. */
  export const answered = () => Object.keys(given).length > 0;
  export const save = () =>
    form.send(async () => {
      const { name, kind, model, yearFrom, yearTo, traits, cameFrom, paid, claimed, recapSchool, restorationSchool } =
        m;
      await act(
        api.PUT('/api/machines/{id}', {
          params: { path: { id: m.id } },
          headers: basedOn(m.version),
          body: {
            name,
            kind,
            model,
            class: m.class,
            yearFrom,
            yearTo,
            traits,
            cameFrom,
            paid,
            claimed,
            recapSchool,
            restorationSchool,
            profileId: null,
            kindId: null,
            ...said,
          },
        }),
      );
      given = {};
    });
</script>

<section aria-label="What it is" class="rounded-md border-2 border-brass bg-paper px-5 py-4">
  <div class="flex flex-wrap items-end gap-x-8 gap-y-3">
    {#each hazardQuestions as [field, words] (field)}
      <Choice
        label={words}
        options={hazardAnswers}
        bind:value={() => said[field], (v) => (given = { ...given, [field]: v })}
      />
    {/each}
  </div>
</section>

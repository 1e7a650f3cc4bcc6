<!--
@component The days as water: of each person how full their hours are, of each machine where hands work and what waits between.
A piece of work may be dropped on somebody's day. The list beside it says the same in words.
-->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import { now } from '$lib/now.svelte';
  import { stageShape, surface } from '$lib/ui/tideline-shape';
  import { DayScale } from './scale';
  import { minutesOf } from './words';

  let {
    screen,
    day = $bindable(0),
    ondrop,
  }: {
    screen: Schemas['PlanScreen'];
    /** Which day is picked, counted from today. */
    day?: number;
    ondrop: (task: string, person: string, at: number) => void;
  } = $props();
  const id = $props.id();
  /** As far as the day, where it is within three weeks. */
  const count = $derived(
    screen.eventDay
      ? Math.min(21, Math.max(14, Math.ceil((Date.parse(`${screen.eventDay}T12:00:00`) - now.value) / 86_400_000) + 1))
      : 14,
  );
  const scale = $derived(new DayScale(now.value, count, 190, Math.floor(820 / (count - 1))));
  const plan = $derived(screen.plan);
  const H = 34;
  const minutesIn = (list: { from: string; to: string }[], i: number) =>
    list
      .filter((h) => scale.index(Date.parse(h.from)) === i)
      .reduce((n, h) => n + (Date.parse(h.to) - Date.parse(h.from)) / 60_000, 0);
  const people = $derived(
    screen.people.map((p) => ({
      name: p.person.name,
      cells: scale.days.map((d, i) => {
        const tasks =
          plan?.tasks.filter((t) => t.person === p.person.name && scale.index(Date.parse(t.start)) === i) ?? [];
        const here = minutesIn(p.hours, i);
        const work = tasks.reduce((n, t) => n + minutesOf(t), 0);
        const begins = p.hours.find((h) => scale.index(Date.parse(h.from)) === i)?.from;
        return {
          d,
          here,
          work,
          level: here ? Math.min(1, work / here) : 0,
          begins: begins ? Date.parse(begins) : d.at + 18 * 3_600_000,
        };
      }),
    })),
  );
  const machines = $derived(
    screen.machines.map((m) => ({
      ...m,
      tasks: plan?.tasks.filter((t) => t.machineId === m.id) ?? [],
    })),
  );
  const due = $derived(screen.eventDay ? Date.parse(`${screen.eventDay}T08:00:00`) : null);
  let over = $state('');
  const say = (c: { work: number; here: number }) =>
    c.here
      ? `${Math.round(c.work)} of ${Math.round(c.here)} minutes`
      : c.work
        ? `${Math.round(c.work)} minutes`
        : 'not here';
</script>

<div class="overflow-x-auto" role="region" aria-label="The days">
  <div class="min-w-max">
    <div class="grid grid-cols-[9.5rem_auto] items-end sm:grid-cols-[11rem_auto]">
      <span></span>
      <div class="flex" style:width="{scale.width}px">
        {#each scale.days as d, i (d.at)}<button
            class="min-h-9 border-b-[3px] text-center text-sm {i === day
              ? 'border-ink font-bold'
              : 'border-transparent text-soft hover:text-ink'} {d.weekend && i ? 'italic' : ''}"
            style:width="{d.w}px"
            aria-pressed={i === day}
            onclick={() => (day = i)}>{d.word}</button
          >{/each}
      </div>
    </div>
    {#each people as p, n (p.name)}
      <div class="grid grid-cols-[9.5rem_auto] items-center py-1 sm:grid-cols-[11rem_auto]">
        <span class="text-lg font-bold">{p.name}</span>
        <div class="flex" style:width="{scale.width}px">
          {#each p.cells as c, i (c.d.at)}
            {@const b = stageShape(0, c.d.w, H)}
            <button
              class="block {over === `${p.name}${i}` ? 'bg-rock' : ''} {i === day ? 'bg-paper' : ''}"
              aria-label="{p.name}, {c.d.word}: {say(c)}"
              onclick={() => (day = i)}
              ondragover={(e) => {
                e.preventDefault();
                over = `${p.name}${i}`;
              }}
              ondragleave={() => (over = '')}
              ondrop={(e) => {
                e.preventDefault();
                over = '';
                const task = e.dataTransfer?.getData('text/plain');
                if (task) ondrop(task, p.name, Math.max(c.begins, now.value + 60_000));
              }}
            >
              <svg width={c.d.w} height={H + 2} viewBox="0 0 {c.d.w} {H + 2}" aria-hidden="true">
                {#if c.here || c.work}
                  <clipPath id="{id}-{n}-{i}"><path d={b.water} /></clipPath>
                  <g clip-path="url(#{id}-{n}-{i})">
                    <rect
                      x="0"
                      y={surface(c.level, H)}
                      width={c.d.w}
                      height={H}
                      class={i === 0 ? 'fill-brass' : c.level > 0.95 ? 'fill-soft' : 'fill-verdigris'}
                    />
                  </g>
                  <path d={b.line} fill="none" class="stroke-ink" stroke-width="1.8" />
                {:else}<path d="M0 1H{c.d.w}" class="stroke-sill" stroke-width="1.8" />{/if}
                {#if i === 0 && c.work}<text
                    x={c.d.w / 2}
                    y={H - 8}
                    text-anchor="middle"
                    class="reading fill-onbrass text-[14px] font-semibold">{Math.round(c.work)} min</text
                  >{/if}
              </svg>
            </button>
          {/each}
        </div>
      </div>
    {/each}
    <div class="mt-3 border-t border-sill pt-2">
      {#each machines as m (m.id)}
        <a
          class="grid grid-cols-[9.5rem_auto] items-center hover:bg-rock/60 sm:grid-cols-[11rem_auto]"
          href="/m/{m.id}/where"
          aria-label="{m.name}: {m.tasks.length} pieces of work, {m.readyAt
            ? `ready ${new Date(m.readyAt).toLocaleDateString('en-GB', { day: 'numeric', month: 'long' })}`
            : 'not ready in this plan'}"
        >
          <span class="truncate pr-3 text-sm font-semibold">{m.name}</span>
          <svg width={scale.width} height="26" viewBox="0 0 {scale.width} 26" aria-hidden="true">
            <defs>
              <pattern id="{id}-h" width="6" height="6" patternUnits="userSpaceOnUse" patternTransform="rotate(45)"
                ><rect width="6" height="6" class="fill-tide-wash" /><rect
                  width="2.2"
                  height="6"
                  class="fill-tide"
                /></pattern
              >
            </defs>
            <path
              d="M0 5H{m.readyAt ? scale.x(Date.parse(m.readyAt)) : scale.width}"
              class="stroke-ink"
              stroke-width="1.6"
            />
            {#each m.tasks.filter((t) => t.work.waitMinutes >= 60) as t (t.id)}
              {@const a = scale.x(Date.parse(t.end))}
              {@const b = scale.x(Date.parse(t.readyAt))}
              <rect x={a} y="5" width={Math.max(3, b - a)} height="7" fill="url(#{id}-h)" />
            {/each}
            {#each m.tasks as t (t.id)}
              {@const a = scale.x(Date.parse(t.start))}
              {@const w = Math.max(5, scale.x(Date.parse(t.end)) - a)}
              <path
                d="M{a} 5q1 13 4 14h{Math.max(0, w - 8)}q3 -1 4 -14z"
                class={scale.index(Date.parse(t.start)) === day ? 'fill-brass stroke-ink' : 'fill-verdigris stroke-ink'}
                stroke-width="1.2"
              />
            {/each}
            {#if due && scale.index(due) < scale.days.length}<path
                d="M{scale.x(due)} 0V26"
                class="stroke-oxide"
                stroke-width="1.6"
              />{/if}
            {#if m.readyAt && scale.index(Date.parse(m.readyAt)) < scale.days.length}<circle
                cx={scale.x(Date.parse(m.readyAt))}
                cy="5"
                r="4"
                class={m.dueAt && Date.parse(m.readyAt) > Date.parse(m.dueAt) ? 'fill-oxide' : 'fill-ink'}
              />{/if}
          </svg>
        </a>
      {/each}
      {#if due && scale.index(due) < scale.days.length}
        <div class="grid grid-cols-[9.5rem_auto] sm:grid-cols-[11rem_auto]">
          <span></span>
          <p class="text-sm font-bold text-oxide" style:padding-left="{Math.max(0, scale.x(due) - 20)}px">the day</p>
        </div>
      {/if}
    </div>
  </div>
</div>
<p class="mt-2 flex flex-wrap gap-x-6 text-sm text-soft">
  <span>Basins: how full somebody’s hours are</span><span>dips in a machine’s line: hands at it</span><span
    >hatched: it waits without hands</span
  ><span>dot: ready</span>
</p>

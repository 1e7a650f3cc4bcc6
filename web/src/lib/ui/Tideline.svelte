<!--
@component A machine's eleven stages as one continuous line whose water rises with work done.
With `href` each basin is a link and this is the way around a machine; on a phone, where a basin is narrower than a finger, the line is one
control that opens them as a list. Without it the whole is one picture.
```svelte
<Tideline tides={row.tides} name="Fish-auction server" />
```
-->
<script lang="ts">
  import type { Schemas } from '$lib/api/client';
  import Sheet from './Sheet.svelte';
  import { stages, type Stage } from '$lib/words';
  import { stageShape, surface } from './tideline-shape';

  let {
    tides,
    name,
    href,
    at,
    now = Date.now(),
  }: {
    tides: Schemas['StageProgress'][];
    name: string;
    href?: (stage: Stage) => string;
    at?: Stage;
    now?: number;
  } = $props();

  const W = 64;
  const H = 32;
  const id = $props.id();
  let open = $state(false);
  const stateWords: Record<Schemas['StageState'], string> = {
    empty: 'not begun',
    begun: 'begun',
    here: 'here now',
    waiting: 'waiting',
    stopped: 'stopped',
    done: 'done',
  };
  const fills: Record<Schemas['StageState'], string> = {
    empty: 'fill-transparent',
    begun: 'fill-verdigris',
    here: 'fill-brass',
    waiting: 'fill-tide',
    stopped: 'fill-oxide',
    done: 'fill-verdigris',
  };
  /** A wait that is over is not drawn as one, also when the page has stood open since. */
  const stateOf = (t: Schemas['StageProgress']): Schemas['StageState'] =>
    t.state === 'waiting' && t.waitUntil && new Date(t.waitUntil).getTime() <= now ? 'here' : t.state;
  const levelOf = (t: Schemas['StageProgress']) =>
    stateOf(t) === 'empty' ? 0 : Math.max(t.level, stateOf(t) === 'done' ? 1 : stateOf(t) === 'begun' ? 0.12 : 0.22);
  const word = (stage: Stage) => stages.find((s) => s.stage === stage)!.word;
  const here = $derived(tides.find((t) => t.stage === at));
  const say = (t: Schemas['StageProgress']) =>
    `${word(t.stage)}: ${stateWords[stateOf(t)]}${t.level > 0 && t.level < 1 ? `, ${Math.round(t.level * 100)} % done` : ''}${t.waits ? `, ${t.waits}` : ''}`;
</script>

{#snippet water(t: Schemas['StageProgress'], i: string, x: number)}
  {@const b = stageShape(x, W, H)}
  {@const y = surface(levelOf(t), H)}
  {@const s = stateOf(t)}
  {#if s !== 'empty'}
    <clipPath id="{id}-c{i}"><path d={b.water} /></clipPath>
    <g clip-path="url(#{id}-c{i})">
      {#if s === 'waiting'}
        <rect {x} {y} width={W} height={H} class="fill-tide-wash" />
        {#each Array.from({ length: 14 }, (_, i) => i) as k (k)}<path
            d="M{x + k * 9 - 40} {H + 2}l34-36"
            class="stroke-tide"
            stroke-width="4"
          />{/each}
        <rect {x} y={-4} width={W} height={y + 4} class="fill-fog" />
      {:else}
        <rect {x} {y} width={W} height={H} class={fills[s]} />
      {/if}
      {#if s === 'here' || s === 'waiting' || s === 'stopped'}<path
          d="M{x} {y}h{W}"
          class="stroke-ink"
          stroke-width="2"
        />{/if}
    </g>
    {#if s === 'done'}<path
        d="m{x + W / 2 - 6} {H / 2 + 2.5}l4.500 4.500 8-9"
        fill="none"
        class="stroke-paper"
        stroke-width="2.200"
      />{/if}
  {/if}
  <path d={b.line} fill="none" class="stroke-ink" stroke-width="1.800" />
{/snippet}

{#snippet line(label?: string)}
  <svg
    viewBox="0 0 {W * 11} {H + (label ? 2 : 8)}"
    class="block w-full"
    role={label ? 'img' : undefined}
    aria-label={label}
    aria-hidden={label ? undefined : 'true'}
  >
    {#each tides as t, i (t.stage)}{@render water(t, `w${i}`, i * W)}{#if !label && at === t.stage}<path
          d="M{i * W + 8} {H + 6}h{W - 16}"
          class="stroke-ink"
          stroke-width="4"
          stroke-linecap="round"
        />{/if}{/each}
  </svg>
{/snippet}

{#if href}
  <button
    class="block min-h-11 w-full text-left md:hidden"
    aria-haspopup="dialog"
    aria-label="Stages of {name}{here ? `. ${say(here)}` : ''}"
    onclick={() => (open = true)}
  >
    {@render line()}
    <span class="flex justify-between gap-3 text-sm"
      ><span
        >{#if here}<strong>{word(here.stage)}</strong>{#if here.waits}&ensp;<span class="text-brass-ink"
              >{here.waits}</span
            >{/if}{/if}</span
      ><span class="text-soft">All stages</span></span
    >
  </button>
  <Sheet bind:open title="Stages" about={name}>
    <nav aria-label="Stages of {name}">
      <ol>
        {#each tides as t, i (t.stage)}
          <li class="border-t border-sill">
            <a
              href={href(t.stage)}
              aria-current={at === t.stage ? 'page' : undefined}
              class="flex min-h-12 items-center gap-4"
              onclick={() => (open = false)}
            >
              <svg viewBox="0 0 {W} {H + 2}" class="w-12 shrink-0" aria-hidden="true"
                >{@render water(t, `l${i}`, 0)}</svg
              >
              <span class={at === t.stage ? 'font-bold' : ''}>{word(t.stage)}</span>
              <span class="ml-auto text-right text-sm text-soft">{say(t).slice(word(t.stage).length + 2)}</span>
            </a>
          </li>
        {/each}
      </ol>
    </nav>
  </Sheet>
  <nav aria-label="Stages of {name}" class="max-md:hidden">
    <ol class="grid grid-cols-11">
      {#each tides as t, i (t.stage)}
        <li class="min-w-0">
          <a
            href={href(t.stage)}
            aria-current={at === t.stage ? 'page' : undefined}
            aria-label={say(t)}
            class="group block pb-0.5 text-center"
          >
            <svg viewBox="0 0 {W} {H + 2}" class="block w-full" preserveAspectRatio="none" aria-hidden="true"
              >{@render water(t, `${i}`, 0)}</svg
            >
            <span
              class="mt-1 -mx-1.5 block text-xs whitespace-nowrap {at === t.stage
                ? 'font-bold text-ink'
                : 'font-medium text-soft group-hover:text-ink'}">{word(t.stage)}</span
            >
            <span
              class="block text-xs font-semibold whitespace-nowrap {stateOf(t) === 'stopped'
                ? 'text-oxide'
                : stateOf(t) === 'waiting'
                  ? 'text-tide'
                  : 'text-brass-ink'}"
              >{#if t.waits && at === t.stage}<span class="relative left-1/2 inline-block -translate-x-1/2"
                  >{t.waits}</span
                >{/if}</span
            >
          </a>
        </li>
      {/each}
    </ol>
  </nav>
{:else}
  {@render line(
    `Tideline of ${name}. ${tides
      .filter((t) => stateOf(t) !== 'empty')
      .map(say)
      .join('; ')}.`,
  )}
{/if}

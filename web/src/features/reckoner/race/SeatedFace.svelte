<script lang="ts">
  interface Props {
    /** Where to tap, by the clock; empty where nowhere. */
    high: string
    /** Where the feeler is now. */
    lit?: string
    /** Touched there. */
    onpick?: (hour: string) => void
  }

  let { high, lit = '', onpick }: Props = $props()

  const hours: Record<string, { x: number; y: number }> = {
    '12': { x: 0, y: -46 },
    '3': { x: 46, y: 0 },
    '6': { x: 0, y: 46 },
    '9': { x: -46, y: 0 },
  }
</script>

<!-- the cup seen from outside, its thin edge towards us -->
<svg viewBox="-70 -70 140 140" class="w-full self-center" aria-hidden="true">
  <circle r="60" class="fill-tray stroke-ink" stroke-width="2" />
  <circle r="46" class="fill-sheet stroke-ink" stroke-width="1.6" />
  <circle r="36" class="fill-wall stroke-ink" stroke-width="1" />
  {#each Object.entries(hours) as [hour, at] (hour)}
    <!-- the fields beside it are reached by keyboard; this is the way there for a finger -->
    <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
    <g class="cursor-pointer" data-line={hour} onclick={() => onpick?.(hour)}>
      <circle cx={at.x} cy={at.y} r="22" class="fill-transparent" />
      {#if hour === lit}
        <line
          x1={at.x * 0.7}
          y1={at.y * 0.7}
          x2={at.x * 1.42}
          y2={at.y * 1.42}
          stroke-width="7"
          class="stroke-grease"
        />
      {/if}
    </g>
    <text
      x={at.x * 0.48}
      y={at.y * 0.48 + 5}
      text-anchor="middle"
      font-size="14"
      class={['pointer-events-none', hour === high && 'fill-oxide font-bold']}>{hour}</text
    >
    {#if hour === high}
      <circle
        cx={at.x * 1.14}
        cy={at.y * 1.14}
        r="9"
        class="pointer-events-none fill-oxide stroke-ink"
      />
    {/if}
  {/each}
</svg>

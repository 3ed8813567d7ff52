<script lang="ts">
  import type { Schemas } from '$api/request'
  import { day, moment } from '$features/display'
  import { lineThrough, scaleLinear } from '$ui/chart'
  import { Wide } from '$ui/wide'
  import { StopScale, span, type Axle } from './chart'

  interface Props {
    axle: Axle
    bands: Schemas['HeatBandView'][]
  }

  let { axle, bands }: Props = $props()

  const WIDTH = 720
  const HEIGHT = 240
  const LEFT = 64
  const TOP = 12
  const BOTTOM = 30

  const id = $props.id()
  let frame = $state<HTMLDivElement | null>(null)
  // where not all stops have room, the last ones are in view
  $effect(() => {
    if (frame && scale.count > 0) frame.scrollLeft = frame.scrollWidth
  })
  const scale = $derived(new StopScale(axle.hubs, LEFT, WIDTH - LEFT - 90))
  const range = $derived(span(axle.hubs))
  const y = $derived(scaleLinear([range.least, range.most], [HEIGHT - BOTTOM, TOP]))
  const saying = (name: string, one: Axle['hubs'][number]['readings'][number]): string =>
    `${name}, ${moment(one.at)}: ${Math.round(one.about)} °C${one.celsius === undefined ? ' by hand' : ''}`
  const title = $derived(
    axle.name === '' ? 'Left against right' : `${axle.name}, left against right`,
  )
</script>

<figure>
  <figcaption
    class="border border-b-0 border-ink bg-sheet px-3 py-1.5 font-semibold first-letter:uppercase"
  >
    {title}
  </figcaption>
  <Wide label={title} bind:element={frame}>
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      class="block w-full min-w-[600px]"
      role="img"
      aria-labelledby={`${id}-says`}
    >
      <title id={`${id}-says`}
        >{title}: hub temperature at {scale.count} stops{axle.hubs
          .filter((hub) => hub.alarm)
          .map((hub) => `; ${hub.name} ${hub.alarm?.words}`)
          .join('')}</title
      >
      {#each bands as band (band.band)}
        {#if band.over !== undefined}
          <path
            d={`M${LEFT} ${y(band.over)}H${WIDTH - 84}`}
            class="stroke-rule"
            stroke-dasharray="5 4"
          />
          <text x={LEFT - 8} y={y(band.over) + 4} text-anchor="end" font-size="12.5"
            >{band.over} °C</text
          >
          <text x={WIDTH - 80} y={y(band.over) + 4} font-size="12.5" class="fill-ink2"
            >{band.name} over</text
          >
        {/if}
      {/each}
      <path d={`M${LEFT} ${HEIGHT - BOTTOM}H${WIDTH - 84}`} class="stroke-ink" />
      {#each scale.days() as first, i (first.at)}
        {#if i % Math.ceil(scale.days().length / 8) === 0}
          <text x={first.x} y={HEIGHT - 10} text-anchor="middle" font-size="12.5" class="fill-ink2"
            >{day(first.at)}</text
          >
        {/if}
      {/each}
      {#each axle.hubs as hub, side (hub.wheelEndId)}
        <path
          d={lineThrough(hub.readings, { x: (one) => scale.x(one.at), y: (one) => y(one.about) })}
          fill="none"
          class={side === 0 ? 'stroke-ink' : 'stroke-grease'}
          stroke-width="2"
          stroke-dasharray={side === 0 ? undefined : '7 4'}
        />
        {#each hub.readings as one, i (i)}
          {@const bad = ['STOP', 'HOT', 'ONE_SIDED', 'CREEPING'].includes(one.alarm)}
          {#if side === 0}
            <rect
              x={scale.x(one.at) - 5}
              y={y(one.about) - 5}
              width="10"
              height="10"
              class={[
                bad ? 'fill-oxide stroke-oxide' : 'stroke-ink',
                !bad && (one.celsius === undefined ? 'fill-sheet' : 'fill-ink'),
              ]}
              stroke-width="2"><title>{saying(hub.name, one)}</title></rect
            >
          {:else}
            <circle
              cx={scale.x(one.at)}
              cy={y(one.about)}
              r="5.5"
              class={[
                bad ? 'fill-oxide stroke-oxide' : 'stroke-grease',
                !bad && (one.celsius === undefined ? 'fill-sheet' : 'fill-grease'),
              ]}
              stroke-width="2"><title>{saying(hub.name, one)}</title></circle
            >
          {/if}
        {/each}
      {/each}
    </svg>
  </Wide>
</figure>

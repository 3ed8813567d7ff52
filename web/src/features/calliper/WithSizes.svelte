<script lang="ts">
  import type { Snippet } from 'svelte'
  import { Hatch } from '$ui/hatch'
  import { looks } from '$features/plates'
  import type { Drawing } from './drawing'
  import { drawings, type DrawingId } from './drawings'

  interface Props {
    drawing: DrawingId
    /** Fields whose `data-size` is the key of a size in the drawing. */
    children: Snippet
    class?: string
  }

  let { drawing, children, class: extra }: Props = $props()

  const uid = $props.id()
  const shown: Drawing = $derived(drawings[drawing])
  let around = $state<HTMLElement | null>(null)
  /** The size whose field the hand is in. */
  let lit = $state('')

  function sizeOf(event: FocusEvent): string {
    return event.target instanceof HTMLElement ? (event.target.dataset['size'] ?? '') : ''
  }

  function go(key: string): void {
    around?.querySelector<HTMLElement>(`[data-size="${key}"]`)?.focus()
  }
</script>

<div
  bind:this={around}
  class={['flex flex-col gap-3', extra]}
  onfocusin={(event) => {
    lit = sizeOf(event)
  }}
  onfocusout={() => {
    lit = ''
  }}
>
  <svg
    viewBox="0 0 320 200"
    class="w-full max-w-[360px] self-center"
    role="group"
    aria-label="Where to put the calliper"
    aria-describedby={`${uid}-alt`}
  >
    <desc id={`${uid}-alt`}>{shown.alt}</desc>
    <defs>
      <Hatch id={`${uid}-cut`} angle={45} spacing={7} />
      <Hatch id={`${uid}-ring`} angle={-45} spacing={4} />
    </defs>
    {#each shown.shapes as shape, i (i)}
      <path
        d={shape.d}
        class={looks[shape.as]}
        fill={shape.as === 'cut'
          ? `url(#${uid}-cut)`
          : shape.as === 'ring'
            ? `url(#${uid}-ring)`
            : undefined}
        fill-rule="evenodd"
        stroke-width={shape.as === 'thin' ? 1 : 1.8}
        stroke-linejoin="round"
        stroke-dasharray={shape.as === 'ghost' ? '5 4' : undefined}
      />
    {/each}
    {#each shown.sizes as size (size.key)}
      {@const isLit = lit === size.key}
      {@const [x1, y1] = size.from}
      {@const [x2, y2] = size.to}
      <!-- the field beside it can be reached by keyboard; this is the way there for a finger -->
      <!-- svelte-ignore a11y_click_events_have_key_events, a11y_no_static_element_interactions -->
      <g
        class="cursor-pointer"
        data-line={size.key}
        data-lit={isLit || undefined}
        onclick={() => go(size.key)}
      >
        <line {x1} {y1} {x2} {y2} stroke-width="26" class="stroke-transparent" />
        <line
          {x1}
          {y1}
          {x2}
          {y2}
          stroke-width={isLit ? 5 : 2}
          class={isLit ? 'stroke-grease' : 'stroke-ink'}
        />
        {#each [size.from, size.to] as [x, y] (`${x} ${y}`)}
          <circle cx={x} cy={y} r={isLit ? 5.5 : 3.5} class={isLit ? 'fill-grease' : 'fill-ink'} />
        {/each}
        <text
          x={size.at?.[0] ?? (x1 + x2) / 2 + 6}
          y={size.at?.[1] ?? (y1 + y2) / 2}
          class={[
            'stroke-wall text-[15px] font-semibold [paint-order:stroke]',
            isLit ? 'fill-grease' : 'fill-ink',
          ]}
          stroke-width="5">{size.says}</text
        >
      </g>
    {/each}
  </svg>
  {@render children()}
</div>

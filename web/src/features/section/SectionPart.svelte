<script lang="ts">
  import {
    pathOf,
    type Frame,
    type HatchName,
    type PartName,
    type PartStatus,
    type SectionPart,
  } from './drawing'

  interface Props {
    part: SectionPart
    frame: Frame
    /** Prefix of the patterns' names. */
    fills: string
    hatch: HatchName
    status: PartStatus | undefined
    filled: boolean
    showAssumed: boolean
    picked: boolean
    /** Whether Tab stops here. */
    reachable: boolean
    onpick: (part: PartName) => void
    onwalk: (event: KeyboardEvent, from: PartName) => void
  }

  let {
    part,
    frame,
    fills,
    hatch,
    status,
    filled,
    showAssumed,
    picked,
    reachable,
    onpick,
    onwalk,
  }: Props = $props()

  const label = $derived(
    [
      part.words,
      status === 'absent' ? 'taken off' : status === 'inHand' ? 'in hand' : status,
      part.assumed && showAssumed ? 'sizes partly assumed' : '',
    ]
      .filter(Boolean)
      .join(', '),
  )
  const pattern = $derived(status === 'worn' || status === 'new' ? status : hatch)
  /** Dashed: off the hub, or drawn from a size nobody has measured. */
  const dashes = $derived(
    status === 'absent'
      ? '3 5'
      : status === 'inHand'
        ? '10 5'
        : part.assumed && showAssumed
          ? '9 4'
          : undefined,
  )

  function press(event: KeyboardEvent): void {
    if (event.key === 'Enter' || event.key === ' ') {
      event.preventDefault()
      event.stopPropagation()
      onpick(part.name)
    } else {
      onwalk(event, part.name)
    }
  }
</script>

<g
  role="button"
  tabindex={reachable ? 0 : -1}
  aria-label={label}
  aria-pressed={picked}
  data-part={part.name}
  class="part cursor-pointer outline-none"
  stroke-linejoin="round"
  onclick={() => onpick(part.name)}
  onkeydown={press}
>
  <title>{label}</title>
  {#each part.outlines as outline, i (i)}
    {@const d = pathOf(outline, frame)}
    {#if status !== 'absent'}
      <path
        {d}
        class={[
          (outline.look === 'SPACE' && filled) || status === 'inHand'
            ? 'fill-grease-wash'
            : 'fill-sheet',
          outline.look === 'THIN' && 'opacity-40',
        ]}
      />
      {#if outline.look === 'CUT'}<path {d} fill={`url(#${fills}-${pattern})`} />{/if}
    {:else}
      <path {d} fill="transparent" />
    {/if}
    <path
      {d}
      class={[
        'edge fill-none',
        picked || status === 'inHand'
          ? 'stroke-grease'
          : status === 'worn'
            ? 'stroke-oxide'
            : outline.look === 'SPACE'
              ? 'stroke-grease'
              : 'stroke-ink',
      ]}
      stroke-width={picked
        ? 4.4
        : status === 'inHand'
          ? 3.6
          : outline.look === 'CUT' || outline.look === 'WHOLE'
            ? 2.2
            : 1.2}
      stroke-dasharray={dashes}
    />
  {/each}
</g>

<style>
  .part:hover .edge {
    stroke: var(--color-grease);
  }
  .part:focus-visible .edge {
    stroke: var(--color-grease);
    stroke-width: 5;
  }
</style>

<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    hub: Schemas['RoundHubView']
    here: boolean
  }

  let { hub, here }: Props = $props()

  const R = 9
  const part = $derived(
    hub.stepsLeft === 0 ? 1 : hub.stepsDone / Math.max(1, hub.stepsDone + hub.stepsLeft),
  )
  /** A wedge from twelve o'clock, as far as the hub is done. */
  const wedge = $derived.by(() => {
    const angle = 2 * Math.PI * part
    return `M0 0V${-R}A${R} ${R} 0 ${part > 0.5 ? 1 : 0} 1 ${R * Math.sin(angle)} ${-R * Math.cos(angle)}Z`
  })
</script>

<svg width="28" height="28" viewBox="-14 -14 28 28" aria-hidden="true" class="flex-none">
  {#if here}
    <rect
      x="-13"
      y="-13"
      width="26"
      height="26"
      class="fill-grease-wash stroke-grease"
      stroke-width="2"
      stroke-dasharray="5 3"
    />
  {/if}
  <circle r={R} class="fill-sheet stroke-ink" stroke-width="1.4" />
  {#if part >= 1}
    <circle r={R} class="fill-verdigris-fill stroke-ink" stroke-width="1.4" />
    <path d="M-4 0L-1 3.5L4.5 -4" fill="none" class="stroke-sheet" stroke-width="2.4" />
  {:else if part > 0}
    <path d={wedge} class="fill-verdigris-fill" />
  {/if}
</svg>

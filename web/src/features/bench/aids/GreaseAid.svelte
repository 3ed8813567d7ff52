<script lang="ts">
  import type { Schemas } from '$api/request'
  import { between } from '$features/display'

  interface Props {
    grease: Schemas['GreaseAidView']
    /** The places that are filled at this step. */
    places: readonly Schemas['PlaceView']['place'][]
    /** Whether the sets were read, and are on file. */
    known: boolean
  }

  let { grease, places, known }: Props = $props()

  const here = $derived(grease.places.filter((one) => places.includes(one.place)))
</script>

{#each here as one (one.place)}
  <p class="flex items-baseline justify-between gap-3">
    <span class="font-semibold first-letter:uppercase">{one.words}</span>
    <span class="text-right">
      {#if one.cubicCentimetres.most < 0.05}
        <span class="type-num text-[26px] font-semibold">none</span>
      {:else}
        <span class="type-num text-[26px] font-semibold">{between(one.grams)} g</span>
        <span class="block type-num text-label text-ink2"
          >{between(one.cubicCentimetres)} cm³, {between(one.strokes)} strokes</span
        >
      {/if}
    </span>
  </p>
{/each}
<p class="mt-1 text-label text-ink2">
  Strokes of {grease.gun ? `the ${grease.gun}` : 'a usual gun'} at {grease.stroke} cm³. The whole hub
  takes {between(grease.grams, 10)} g. Estimate from the hub’s sizes.
  {#if !known}<b>The bearings are not read, or not on file: this is for the usual ones.</b>{/if}
</p>

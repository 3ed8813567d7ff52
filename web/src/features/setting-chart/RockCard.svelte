<script lang="ts">
  import { leadingLength, otherLength } from '$features/display'
  import { decisionMarks } from '$features/play'
  import { Mark } from '$ui/mark'
  import { NumberField } from '$ui/number-field'
  import type { Road } from './road.svelte'
  import { Rock } from './rock.svelte'

  interface Props {
    wheelEndId: string
    road: Road
  }

  let { wheelEndId, road }: Props = $props()

  // the route makes a new page for every wheel end
  // svelte-ignore state_referenced_locally
  const rock = new Rock(wheelEndId)
  const unit = $derived(road.metric ? 'mm' : 'thou')

  const ask = (): void => void rock.ask(road.radius, road.metric)
</script>

<section aria-labelledby="rock" class="flex flex-col gap-2 border-t-2 border-ink pt-3">
  <h2 id="rock" class="type-h">Rock at the tyre</h2>
  <div class="grid grid-cols-2 gap-3">
    <NumberField
      label={`Pushed and pulled, ${unit}`}
      hint="one hand at 12 o’clock, in and out"
      bind:value={rock.rock}
      oninput={ask}
      error={rock.fieldError('rock.number')}
    />
    <NumberField
      label={`Read to, ${unit}`}
      hint={road.metric ? 'half a mm by a rule where empty' : '20 thou by a rule where empty'}
      bind:value={rock.readTo}
      oninput={ask}
      error={rock.fieldError('readTo.number')}
    />
  </div>
  {#if rock.found}
    {@const found = rock.found}
    <div role="status" class="flex flex-wrap items-center gap-x-5 gap-y-1">
      <p>
        <span class="block text-label font-semibold">That is end play of</span>
        <span class="block type-num text-[26px] leading-tight font-semibold"
          >{leadingLength(found.endPlay)}</span
        >
        <span class="block type-num text-ink2"
          >{otherLength(found.endPlay)}; ± {leadingLength(found.uncertainty)}</span
        >
      </p>
      <p class="flex items-center gap-2.5">
        <Mark shape={decisionMarks[found.hint]} size={28} />
        <span class="type-card first-letter:uppercase">{found.words}</span>
      </p>
    </div>
    <p class="text-label text-ink2">
      Its window is a rock of {leadingLength(found.asRockLeast)} to {leadingLength(
        found.asRockMost,
      )} there.
    </p>
  {/if}
</section>

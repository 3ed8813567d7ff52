<script lang="ts">
  import type { Schemas } from '$api/request'
  import { BothUnits, day } from '$features/display'
  import { shapeOf, verdictWords } from '$features/nut-dial/state'
  import { Mark } from '$ui/mark'

  interface Props {
    siblings: Schemas['StandingView'][]
  }

  let { siblings }: Props = $props()
</script>

{#if siblings.length > 0}
  <section aria-labelledby="others">
    <h2 id="others" class="type-h">
      {siblings.length === 1 ? 'The other side' : 'The others of this rig'}
    </h2>
    <ul class="mt-1 border-t-2 border-ink">
      {#each siblings as sibling (sibling.id)}
        <li class="border-b border-rule">
          <a
            href={`/wheel-ends/${sibling.id}`}
            class="grid min-h-14 grid-cols-[30px_1fr_auto] items-center gap-3 text-ink no-underline hover:bg-tray"
          >
            <Mark shape={sibling.verdict ? shapeOf[sibling.verdict] : 'unknown'} size={26} />
            <span>
              <span class="font-semibold">{sibling.position}</span>
              <span class="block text-label text-ink2">
                {#if sibling.lastSetAt && sibling.verdict}
                  {verdictWords[sibling.verdict]}, {day(sibling.lastSetAt)}
                {:else}
                  no setting on record
                {/if}
              </span>
            </span>
            {#if sibling.endPlay}<span class="text-right"
                ><BothUnits length={sibling.endPlay} /></span
              >{/if}
          </a>
        </li>
      {/each}
    </ul>
  </section>
{/if}

<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingLength, otherLength } from '$features/display'
  import { Mark } from '$ui/mark'
  import { decisionMarks } from './decision-marks'

  interface Props {
    found: Schemas['PlayFoundView']
  }

  let { found }: Props = $props()
</script>

<div role="status" class="border-t-2 border-ink pt-2">
  <div class="flex flex-wrap items-center gap-x-5 gap-y-1">
    <p>
      <span class="block type-num text-reading leading-tight">{leadingLength(found.endPlay)}</span>
      <span class="block type-num text-ink2"
        >{otherLength(found.endPlay)}; ± {leadingLength(found.uncertainty)}</span
      >
    </p>
    <p class="flex items-center gap-2.5">
      <Mark shape={decisionMarks[found.decision]} size={30} />
      <span>
        <span class="block type-card first-letter:uppercase">{found.words}</span>
        <span class="block text-label text-ink2"
          >window {leadingLength(found.windowLeast)} to {leadingLength(found.windowMost)}, {found.source}</span
        >
      </span>
    </p>
  </div>
  {#each found.better as line (line)}
    <p class="mt-1 font-semibold">{line}</p>
  {/each}
</div>

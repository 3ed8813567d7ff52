<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark, type MarkShape } from '$ui/mark'

  interface Props {
    one: Schemas['DoubtView']
  }

  let { one }: Props = $props()

  const shapes: Record<typeof one.doubt, MarkShape> = {
    OUTSIDE_WINDOW: 'outside',
    APART: 'inHand',
    AWAITS_SIGN_OFF: 'signOff',
    NOT_SET: 'unknown',
    NO_RECORD: 'unknown',
  }
</script>

<li class="grid grid-cols-[30px_minmax(0,1fr)] gap-x-3 border-b border-rule py-2">
  <Mark shape={shapes[one.doubt]} size={26} />
  <span class="min-w-0">
    <span class="block type-card first-letter:uppercase"
      >{one.ends.map((end) => end.name).join(', ')}</span
    >
    <span class="block text-read first-letter:uppercase">{one.words}.</span>
    <span class="flex flex-wrap gap-x-4 text-label">
      {#each one.ends as end (end.wheelEndId)}
        <a class="inline-flex min-h-9 items-center" href={`/wheel-ends/${end.wheelEndId}`}
          >see the {end.name}</a
        >
      {/each}
    </span>
  </span>
</li>

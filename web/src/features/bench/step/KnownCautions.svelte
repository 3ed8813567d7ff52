<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    /** Each was said in full once on this job: a line is enough. */
    known: readonly Schemas['CautionView'][]
  }

  let { known }: Props = $props()
</script>

<details class="border-b border-rule">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >△ {known.map((caution) => caution.title).join('; ')}</summary
  >
  {#each known as caution (caution.id)}
    <p class="pb-2"><b>{caution.title}.</b> {caution.words}</p>
  {/each}
</details>

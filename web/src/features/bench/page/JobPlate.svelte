<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    job: Schemas['JobView']
  }

  let { job }: Props = $props()

  const rows = $derived([
    ['Job', job.scopeWords],
    ['Hub', job.hub.construction],
    ['Dotted', 'on the tray'],
    ['Blue', 'in hand'],
  ])
</script>

<div class="z-10 w-fit border border-ink bg-sheet text-label">
  <p class="border-b border-ink px-2.5 py-1 type-card">
    <a href={`/wheel-ends/${job.hub.wheelEndId}`} class="text-ink no-underline hover:underline"
      >{job.hub.rigName}, {job.hub.position}</a
    >
  </p>
  <dl class="grid grid-cols-[auto_auto] gap-x-4 px-2.5 py-1">
    {#each rows as [name, words] (name)}
      <dt>{name}</dt>
      <dd class="font-semibold">{words}</dd>
    {/each}
  </dl>
</div>

<script lang="ts">
  import { ProblemCard } from '$ui/problem-card'
  import type { Rig } from './rig.svelte'

  interface Props {
    rig: Rig
    name: string
  }

  let { rig, name }: Props = $props()

  const id = $props.id()

  function send(event: Event & { currentTarget: HTMLInputElement }): void {
    const file = event.currentTarget.files?.[0]
    event.currentTarget.value = ''
    if (file) void rig.putPhoto(file)
  }
</script>

<div class="flex flex-col gap-2">
  {#if rig.view?.hasPhoto}
    <img
      src={`/api/v1/rigs/${rig.id}/photo?${rig.photoStamp}`}
      alt={name}
      class="max-h-64 w-full rounded-plate border border-ink bg-tray object-contain"
    />
  {/if}
  <div class="flex flex-wrap gap-2">
    <label
      for={id}
      class="flex min-h-11 cursor-pointer items-center rounded-plate border border-ink bg-sheet px-3 text-label font-semibold hover:bg-tray has-focus-visible:outline-3 has-focus-visible:outline-grease"
    >
      {rig.view?.hasPhoto ? 'Another photo' : 'Add a photo'}
      <input
        {id}
        type="file"
        accept="image/jpeg,image/png,image/gif"
        class="sr-only"
        onchange={send}
      />
    </label>
    {#if rig.view?.hasPhoto}
      <button
        type="button"
        class="min-h-11 px-2 text-label font-semibold text-grease underline underline-offset-3"
        onclick={() => void rig.removePhoto()}>Take it away</button
      >
    {/if}
  </div>
  {#if rig.photo.problem}
    <ProblemCard title={rig.photo.problem.title}><p>{rig.photo.problem.detail}</p></ProblemCard>
  {/if}
</div>

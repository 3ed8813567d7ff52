<script lang="ts">
  import { moment } from '$features/display'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    stepId: string
  }

  let { bench, stepId }: Props = $props()

  const id = $props.id()
  const photos = $derived((bench.job?.photos ?? []).filter((photo) => photo.stepId === stepId))

  function send(event: Event & { currentTarget: HTMLInputElement }): void {
    const file = event.currentTarget.files?.[0]
    event.currentTarget.value = ''
    if (file) void bench.addPhoto(file)
  }
</script>

<label
  for={id}
  class="flex min-h-11 cursor-pointer items-center rounded-plate border border-ink bg-sheet px-3 font-semibold hover:bg-tray has-focus-visible:outline-3 has-focus-visible:outline-grease"
>
  Add a photo
  <input
    {id}
    type="file"
    accept="image/jpeg,image/png,image/gif"
    capture="environment"
    class="sr-only"
    onchange={send}
  />
</label>
{#if photos.length > 0}
  <ul class="grid w-full grid-cols-3 gap-1.5" aria-label="Photos of this step">
    {#each photos as photo (photo.id)}
      {@const src = `/api/v1/jobs/${bench.id}/photos/${photo.id}`}
      <li>
        <a href={src} target="_blank" rel="noopener">
          <img
            {src}
            alt={`Taken by ${photo.by}, ${moment(photo.at)}`}
            class="aspect-square w-full rounded-plate border border-ink bg-tray object-cover"
          />
        </a>
      </li>
    {/each}
  </ul>
{/if}

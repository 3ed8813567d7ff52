<script lang="ts">
  import { Button } from '$ui/button'
  import { outbox } from './outbox.svelte'

  interface Props {
    jobId: string
  }

  let { jobId }: Props = $props()

  const waiting = $derived(outbox.of(jobId))
  const they = $derived(waiting.length === 1 ? 'It is' : 'They are')
  const kept = $derived(
    outbox.lasts
      ? `${they} kept on this device`
      : `This browser keeps nothing: leave this page open, or it is lost. ${they} kept here`,
  )
  const why = $derived.by((): string => {
    switch (outbox.problem?.status) {
      case 0:
        return `Nobody answers. ${kept} and sent when Old Tallow is back.`
      case 401:
        return `Nobody is signed in. ${kept} and sent after signing in.`
      case 504:
        return `Saved or not: not known yet. ${kept} and sent again; sent twice it stays one.`
      default:
        return `${outbox.problem?.title ?? ''}. ${kept} and sent again by itself.`
    }
  })
</script>

{#if waiting.length > 0 && outbox.problem}
  <div role="status" class="mb-2 flex flex-wrap items-center gap-x-3">
    <p class="font-semibold text-oxide">
      {waiting.length === 1 ? 'One entry waits' : `${waiting.length} entries wait`}: {waiting
        .map((one) => one.what)
        .join(', ')}.
    </p>
    <p class="text-label text-ink2">{why}</p>
    <Button size="list" class="ml-auto" onclick={() => void outbox.send()}>Send now</Button>
  </div>
{/if}

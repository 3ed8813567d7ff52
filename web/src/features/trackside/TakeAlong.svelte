<script lang="ts">
  import { line } from '$trackside'
  import { Button } from '$ui/button'

  interface Props {
    rigId: string
  }

  let { rigId }: Props = $props()

  const isPinned = $derived(line.packing?.wanted.pinned.includes(rigId) ?? false)
  const isHere = $derived(line.taken?.rigs.some((one) => one.id === rigId) ?? false)
</script>

{#if line.packing}
  <Button
    size="list"
    aria-pressed={isPinned}
    disabled={!line.up}
    onclick={() => void line.packing?.pin(rigId, !isPinned)}
  >
    {isPinned ? (isHere ? 'Taken along' : 'Being packed …') : 'Take along'}
  </Button>
{/if}

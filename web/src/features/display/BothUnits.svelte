<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingWritten, otherLength } from './units.svelte'

  interface Props {
    length: Schemas['LengthView']
    size?: 'reading' | 'row'
  }

  let { length, size = 'row' }: Props = $props()

  const { number, unit } = $derived(leadingWritten(length))
</script>

<span class="inline-flex flex-col type-num whitespace-nowrap">
  <span class="font-semibold">
    <span class={[size === 'reading' ? 'text-reading tracking-tight' : 'text-body']}>{number}</span>
    <span class={[size === 'reading' ? 'text-read' : 'text-label']}>{unit}</span>
  </span>
  <span class={['text-ink2', size === 'reading' ? 'mt-0.5 text-read' : 'text-min']}
    >{otherLength(length)}</span
  >
</span>

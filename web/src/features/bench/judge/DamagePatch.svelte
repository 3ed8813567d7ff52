<script lang="ts">
  import type { Schemas } from '$api/request'
  import { patches } from './patches'

  interface Props {
    mode: Schemas['DamageModeView']['mode']
  }

  let { mode }: Props = $props()

  const patch = $derived(patches[mode])
  const tones = {
    ink: 'fill-ink',
    oxide: 'fill-oxide',
    brass: 'fill-brass-fill',
    grease: 'fill-grease-fill',
    wall: 'fill-wall',
  }
</script>

<svg viewBox="0 0 72 44" class="h-11 w-[72px] flex-none" aria-hidden="true" stroke-width="1.4">
  <rect x="1" y="1" width="70" height="42" class="fill-tray stroke-ink" />
  {#each patch.shapes ?? [] as shape (shape.d)}
    <path d={shape.d} class={tones[shape.tone]} />
  {/each}
  {#if patch.lines}<path d={patch.lines} class="fill-none stroke-ink" />{/if}
</svg>

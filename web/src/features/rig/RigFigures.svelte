<script lang="ts">
  import type { Schemas } from '$api/request'
  import { kindWords, valueWords } from '$features/figures'
  import { authorityWords } from '$features/nut-dial/state'

  interface Props {
    figures: Schemas['FiledFigureView'][]
    view: Schemas['RigDetailView']
  }

  let { figures, view }: Props = $props()

  const where = (scope: string, placeId: string): string => {
    if (scope === 'RIG') return 'whole rig'
    if (scope === 'AXLE')
      return `axle ${view.axles.find((axle) => axle.id === placeId)?.position ?? ''}`
    return (
      view.axles.flatMap((axle) => axle.wheelEnds).find((end) => end.id === placeId)?.position ?? ''
    )
  }
</script>

<h2 class="mt-2 type-h">Figures on file for this rig</h2>
{#if figures.length === 0}
  <p class="text-label text-ink2">
    None. The workshop’s rules and common practice govern until somebody enters the maker’s, at a
    wheel end.
  </p>
{:else}
  <ul class="border-t-2 border-ink text-label">
    {#each figures as figure (figure.id)}
      {@const value = valueWords(figure.value)}
      <li class="grid grid-cols-[9rem_1fr] gap-x-3 border-b border-rule py-1.5">
        <span class="text-ink2">{kindWords[figure.kind]}</span>
        <span class="leading-tight">
          <span class="font-semibold">{value.main}</span>
          {#if value.other}<span class="text-ink2">{value.other}</span>{/if}
          <span class="block text-min text-ink2"
            >{where(figure.scope, figure.placeId)}; {authorityWords[figure.authority]}: {figure.source}</span
          >
        </span>
      </li>
    {/each}
  </ul>
{/if}

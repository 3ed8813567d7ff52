<script lang="ts">
  import { leadingSize, otherSize } from '$features/display'
  import { frameOf, lettersOf, type SectionView } from './drawing'

  interface Props {
    section: SectionView
  }

  let { section }: Props = $props()

  const letters = $derived(lettersOf(section, frameOf(section)))
  const faces = $derived(section.measures.find((measure) => !measure.diameter))
</script>

<!-- the letters of the drawing; a question mark for what nobody has measured -->
<ul class="grid gap-x-5 text-label tab:grid-cols-2">
  {#each letters as { letter, measure } (letter)}
    <li class="flex items-baseline gap-2 border-b border-rule py-1">
      <span class="w-4 flex-none font-bold">{letter}</span>
      <span class="min-w-0 flex-1">{measure.words}</span>
      <span class="text-right type-num">
        <span class={['block', measure.assumed ? 'text-ink2' : 'font-semibold']}
          >{leadingSize(measure.length)}{measure.assumed ? ' ?' : ''}</span
        >
        <span class="block text-min text-ink2">{otherSize(measure.length)}</span>
      </span>
    </li>
  {/each}
  {#if faces}
    <li class="flex items-baseline gap-2 border-b border-rule py-1">
      <span class="w-4 flex-none font-bold">↔</span>
      <span class="min-w-0 flex-1">{faces.words}</span>
      <span class="text-right type-num">
        <span class={['block', faces.assumed ? 'text-ink2' : 'font-semibold']}
          >{leadingSize(faces.length)}{faces.assumed ? ' ?' : ''}</span
        >
        <span class="block text-min text-ink2">{otherSize(faces.length)}</span>
      </span>
    </li>
  {/if}
</ul>

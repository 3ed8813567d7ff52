<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Pick } from '$ui/pick'

  interface Props {
    /** What can be chosen on this job; nothing else is asked. */
    asked: readonly Schemas['ChoiceAskedView'][]
    onchoose: (chosen: Schemas['ChoicesForm']) => void
  }

  let { asked, onchoose }: Props = $props()

  const first = $derived(asked.filter((one) => one.kind === 'HUB_BRINGS'))
  const others = $derived(asked.filter((one) => one.kind !== 'HUB_BRINGS'))
  const options = (one: Schemas['ChoiceAskedView']) =>
    one.values.map(({ value, words }) => ({ value, label: words }))
</script>

{#snippet choice(one: Schemas['ChoiceAskedView'])}
  <Pick
    label={one.words}
    options={options(one)}
    value={one.now}
    onchange={(value) => onchoose({ [one.name]: value })}
  />
{/snippet}

{#each first as one (one.kind)}{@render choice(one)}{/each}
{#if others.length > 0}
  <details
    ontoggle={(event) => {
      if (event.currentTarget.open) event.currentTarget.scrollIntoView({ block: 'start' })
    }}
  >
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >Done in another way?</summary
    >
    <div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
      {#each others as one (one.kind)}{@render choice(one)}{/each}
    </div>
  </details>
{/if}

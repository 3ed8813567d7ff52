<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Pick } from '$ui/pick'
  import type { Scope } from './scopes'

  interface Props {
    asked: Schemas['ChoiceAskedView'][]
    choices: Schemas['Choices']
    scope: Scope
    onchoose: (choices: Schemas['Choices']) => void
  }

  let { asked, choices, scope, onchoose }: Props = $props()

  const newHub = $derived(scope === 'EXCHANGE' || scope === 'FIRST_BUILD')
  const first = $derived(asked.filter((one) => newHub && one.name === 'hubBrings'))
  const others = $derived(asked.filter((one) => one.name !== 'hubBrings'))
  const options = (one: Schemas['ChoiceAskedView']) =>
    one.values.map(({ value, words }) => ({ value, label: words }))
  const now = (name: string): string => choices[name as keyof Schemas['Choices']]
</script>

{#each first as one (one.name)}
  <Pick
    label={one.words}
    options={options(one)}
    value={now(one.name)}
    onchange={(value) => onchoose({ ...choices, [one.name]: value })}
  />
{/each}
{#if !['ADJUST', 'LOOK', 'TOP_UP'].includes(scope)}
  <details>
    <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
      >Done in another way?</summary
    >
    <div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
      {#each others as one (one.name)}
        <Pick
          label={one.words}
          options={options(one)}
          value={now(one.name)}
          onchange={(value) => onchoose({ ...choices, [one.name]: value })}
        />
      {/each}
    </div>
  </details>
{/if}

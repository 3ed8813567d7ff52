<script lang="ts" generics="T extends string">
  import { ToggleGroup } from 'bits-ui'

  interface Props {
    label: string
    options: readonly { value: T; label: string }[]
    value: T
    onchange: (value: T) => void
    class?: string
  }

  let { label, options, value, onchange, class: extra }: Props = $props()

  function choose(next: string): void {
    const option = options.find((o) => o.value === next)
    if (option) onchange(option.value)
  }
</script>

<ToggleGroup.Root
  type="single"
  aria-label={label}
  {value}
  onValueChange={choose}
  class={['flex flex-none', extra]}
>
  {#each options as option (option.value)}
    <ToggleGroup.Item
      value={option.value}
      class="-ml-px min-h-11 min-w-11 border border-ink bg-sheet px-2.5 text-label font-semibold first:ml-0 first:rounded-l-plate last:rounded-r-plate data-[state=on]:bg-ink data-[state=on]:text-wall"
    >
      {option.label}
    </ToggleGroup.Item>
  {/each}
</ToggleGroup.Root>

<script lang="ts" generics="T extends string">
  import { Select } from 'bits-ui'

  interface Props {
    label: string
    options: readonly { value: T; label: string; note?: string }[]
    value: T
    onchange: (value: T) => void
    class?: string
  }

  let { label, options, value, onchange, class: extra }: Props = $props()

  const id = $props.id()
  const chosen = $derived(options.find((option) => option.value === value))

  function choose(next: string): void {
    const option = options.find((o) => o.value === next)
    if (option) onchange(option.value)
  }
</script>

<div class={['flex flex-col gap-1', extra]}>
  <span id={`${id}-label`} class="text-label font-semibold">{label}</span>
  <Select.Root type="single" {value} onValueChange={choose} items={options.slice()}>
    <Select.Trigger
      id={`${id}-trigger`}
      aria-labelledby={`${id}-label ${id}-trigger`}
      class="flex min-h-11 w-full items-center justify-between gap-2 rounded-plate border border-ink bg-sheet px-3 text-left"
    >
      <span class="truncate">{chosen?.label ?? ''}</span>
      <svg width="12" height="8" viewBox="0 0 12 8" aria-hidden="true">
        <path d="M1 1 6 7 11 1" class="stroke-ink" stroke-width="2" fill="none" />
      </svg>
    </Select.Trigger>
    <Select.Portal>
      <Select.Content
        sideOffset={4}
        class="z-30 max-h-80 w-[var(--bits-select-anchor-width)] min-w-64 overflow-y-auto rounded-plate border-2 border-ink bg-sheet"
      >
        {#each options as option (option.value)}
          <Select.Item
            value={option.value}
            label={option.label}
            class="flex min-h-11 cursor-pointer flex-col justify-center px-3 py-1 data-highlighted:bg-tray data-selected:font-bold"
          >
            <span>{option.label}</span>
            {#if option.note}<span class="text-min font-normal text-ink2">{option.note}</span>{/if}
          </Select.Item>
        {/each}
      </Select.Content>
    </Select.Portal>
  </Select.Root>
</div>

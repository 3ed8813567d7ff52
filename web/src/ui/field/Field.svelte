<script lang="ts">
  import type { Snippet } from 'svelte'
  import type { HTMLInputAttributes } from 'svelte/elements'

  interface Props extends HTMLInputAttributes {
    label: string
    value: string
    /** What is wrong with the entry; empty when nothing is. */
    error?: string
    hint?: string
    /** The unit, or a chooser of units. */
    unit?: Snippet
  }

  let {
    label,
    value = $bindable(),
    error = '',
    hint = '',
    unit,
    class: extra,
    ...rest
  }: Props = $props()

  const id = $props.id()
  const note = $derived(error || hint)
</script>

<div class={['flex flex-col gap-1', extra]}>
  <label for={id} class="text-label font-semibold">{label}</label>
  <div class="flex">
    <input
      {id}
      bind:value
      aria-invalid={error ? 'true' : undefined}
      aria-describedby={note ? `${id}-note` : undefined}
      class={[
        'min-h-11 w-full min-w-0 rounded-plate border bg-sheet px-3',
        rest.inputmode === 'decimal' && 'type-num',
        error ? 'border-2 border-oxide' : 'border-ink',
      ]}
      {...rest}
    />
    {@render unit?.()}
  </div>
  {#if note}
    <p id={`${id}-note`} class={['text-min', error ? 'font-semibold text-oxide' : 'text-ink2']}>
      {note}
    </p>
  {/if}
</div>

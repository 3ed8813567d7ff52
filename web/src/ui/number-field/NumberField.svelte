<script lang="ts">
  import type { HTMLInputAttributes } from 'svelte/elements'
  import { Field } from '$ui/field'
  import { noNumber } from './number'

  interface Props extends HTMLInputAttributes {
    label: string
    value: string
    /** What the server found wrong with it; empty when nothing. */
    error?: string
    hint?: string
  }

  let { label, value = $bindable(), error = '', hint = '', ...rest }: Props = $props()
</script>

<Field
  {label}
  {hint}
  inputmode="decimal"
  autocomplete="off"
  bind:value
  error={noNumber(value) || error}
  {...rest}
/>

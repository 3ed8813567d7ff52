<script lang="ts">
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import type { Usage } from './usage.svelte'

  interface Props {
    usage: Usage
    today: string
    ondone: () => void
  }

  let { usage, today, ondone }: Props = $props()

  // svelte-ignore state_referenced_locally
  let on = $state(today)
  let kind = $state<'DUNKING' | 'CROSSING'>('DUNKING')
  let water = $state<'salt' | 'fresh'>('fresh')
  let hubs = $state<'hot' | 'cool'>('cool')
  let note = $state('')

  const kinds = [
    { value: 'DUNKING', label: 'backed in to launch' },
    { value: 'CROSSING', label: 'drove through' },
  ] as const
  const waters = [
    { value: 'fresh', label: 'fresh' },
    { value: 'salt', label: 'salt' },
  ] as const
  const warmth = [
    { value: 'cool', label: 'cooled first' },
    { value: 'hot', label: 'hubs hot' },
  ] as const

  async function save(): Promise<void> {
    const form = { on, kind, salt: water === 'salt', hot: hubs === 'hot', note }
    if (await usage.wet(form)) ondone()
  }
</script>

<form
  aria-label="It went through water"
  class="flex flex-col gap-3 rounded-plate border border-ink bg-sheet p-3"
  onsubmit={(event) => {
    event.preventDefault()
    void save()
  }}
>
  <p class="text-label">Hubs that go in hot draw water past the seal while they cool.</p>
  <Field label="On" type="date" bind:value={on} error={usage.attempt.fieldError('on')} />
  <div class="flex flex-wrap gap-3">
    <Choice
      label="How"
      options={kinds}
      value={kind}
      onchange={(next) => {
        kind = next
      }}
    />
    <Choice
      label="Which water"
      options={waters}
      value={water}
      onchange={(next) => {
        water = next
      }}
    />
    <Choice
      label="The hubs"
      options={warmth}
      value={hubs}
      onchange={(next) => {
        hubs = next
      }}
    />
  </div>
  <Field
    label="Note"
    autocomplete="off"
    bind:value={note}
    error={usage.attempt.fieldError('note')}
  />
  <div class="flex gap-2">
    <Button class="flex-1" tone="main" type="submit" disabled={usage.attempt.busy}
      >Write it down</Button
    >
    <Button class="flex-1" onclick={ondone}>Not now</Button>
  </div>
</form>

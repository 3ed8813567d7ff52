<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import Passkeys from './Passkeys.svelte'

  const attempt = new Attempt()
  let on = $state(false)
  let asking = $state(false)
  let current = $state('')
  let code = $state('')
  let key = $state.raw<Schemas['NewKeyView'] | null>(null)
  let recovery = $state.raw<string[]>([])

  onMount(
    () =>
      void attempt.run(async () => {
        on = (await api.secondFactor()).isOn
      }),
  )

  async function begin(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    await attempt.run(async () => {
      if (on) {
        on = (await api.removeSecondFactor(current)).isOn
        asking = false
      } else {
        key = await api.newSecondFactor(current)
      }
      current = ''
    })
  }

  async function confirm(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    await attempt.run(async () => {
      recovery = (await api.confirmSecondFactor(code)).codes
      on = true
      key = null
      code = ''
      asking = false
    })
  }
</script>

<section aria-labelledby="factor">
  <h2 id="factor" class="type-h">A second factor</h2>
  <p class="text-label text-ink2">
    {on
      ? 'Besides your password, sign-in asks for the code your device shows.'
      : 'Besides your password, a code from your telephone: for owners and mechanics on a network.'}
  </p>
  {#if recovery.length > 0}
    <div class="mt-2 border-2 border-verdigris bg-verdigris-wash px-3 py-2" role="status">
      <p class="font-semibold">
        Write these down now, they are shown once. Each lets you in once when the device is lost.
      </p>
      <ul class="mt-1 grid grid-cols-2 gap-x-4 type-num">
        {#each recovery as one (one)}<li>{one}</li>{/each}
      </ul>
    </div>
  {/if}
  {#if key}
    <form onsubmit={confirm} class="mt-2 grid gap-4 tab:grid-cols-[auto_1fr]">
      <img
        src={`data:image/svg+xml,${encodeURIComponent(key.picture)}`}
        alt="QR code for an authenticator program"
        class="bg-white size-40 border border-ink p-2"
      />
      <div class="flex min-w-0 flex-col gap-2">
        <p>Point your authenticator program at it, or type its key:</p>
        <p class="type-num font-semibold break-all">{key.key}</p>
        <Field
          label="The code it shows now"
          inputmode="numeric"
          autocomplete="one-time-code"
          required
          bind:value={code}
          error={attempt.fieldError('code')}
        />
        <Button size="list" tone="main" type="submit" disabled={attempt.busy}>Ask for it</Button>
      </div>
    </form>
  {:else if asking}
    <form onsubmit={begin} class="mt-2 flex max-w-md flex-col gap-2">
      <Field
        label="Your password now"
        type="password"
        autocomplete="current-password"
        required
        bind:value={current}
        error={attempt.fieldError('current')}
      />
      <div class="flex flex-wrap gap-2">
        <Button size="list" tone="main" type="submit" disabled={attempt.busy}
          >{on ? 'Take it away' : 'Go on'}</Button
        >
        <Button
          size="list"
          onclick={() => {
            asking = false
          }}>Not now</Button
        >
      </div>
    </form>
  {:else}
    <Button
      size="list"
      class="mt-2"
      onclick={() => {
        asking = true
        recovery = []
      }}>{on ? 'Take it away' : 'Set one up'}</Button
    >
  {/if}
  {#if on && !asking}<Passkeys />{/if}
  {#if attempt.problem && attempt.problem.errors.length === 0}
    <p role="alert" class="mt-2 text-oxide">{attempt.problem.detail}</p>
  {/if}
</section>

<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { knowsPasskeys, makePasskey } from '$api/passkey'
  import { moment } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'

  const attempt = new Attempt()
  let view = $state.raw<Schemas['PasskeysView'] | null>(null)
  let asking = $state(false)
  let current = $state('')
  let label = $state('')
  let refused = $state(false)

  onMount(
    () =>
      void attempt.run(async () => {
        view = await api.passkeys()
      }),
  )

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    refused = false
    await attempt.run(async () => {
      const wanted = await api.passkeyWanted(current)
      let made
      try {
        made = await makePasskey(wanted.json)
      } catch {
        refused = true // the device, or whoever holds it, would not
        return
      }
      view = await api.addPasskey({ label, made })
      asking = false
      current = ''
      label = ''
    })
  }

  const remove = (id: string): Promise<boolean> =>
    attempt.run(async () => {
      view = await api.removePasskey(id)
    })
</script>

{#if view}
  <h3 class="mt-4 font-semibold">Passkeys</h3>
  {#if !view.arePossible}
    <p class="text-label text-ink2">
      A fingerprint or a key instead of the code: possible once this machine goes by a name instead
      of a number on your network.
    </p>
  {:else}
    <p class="text-label text-ink2">
      A fingerprint, a face or a key of this device instead of the code. The codes you wrote down
      still let you in.
    </p>
    {#if view.all.length > 0}
      <ul class="mt-1 border-t-2 border-ink">
        {#each view.all as one (one.id)}
          <li class="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-rule py-1">
            <p class="min-w-0 flex-1">
              {one.label}
              <span class="block text-label text-ink2"
                >{one.lastUsedAt === one.createdAt ? 'made' : 'last used'}
                {moment(one.lastUsedAt)}</span
              >
            </p>
            <Button
              size="list"
              aria-label={`Take ${one.label} away`}
              onclick={() => void remove(one.id)}>Take away</Button
            >
          </li>
        {/each}
      </ul>
    {/if}
    {#if asking}
      <form onsubmit={add} class="mt-2 flex max-w-md flex-col gap-2" aria-label="A passkey">
        <Field
          label="What this device is called"
          required
          hint="Such as: my telephone."
          bind:value={label}
          error={attempt.fieldError('label')}
        />
        <Field
          label="Your password now"
          type="password"
          autocomplete="current-password"
          required
          bind:value={current}
          error={attempt.fieldError('current')}
        />
        <div class="flex flex-wrap gap-2">
          <Button size="list" tone="main" type="submit" disabled={attempt.busy}>Make it</Button>
          <Button
            size="list"
            onclick={() => {
              asking = false
            }}>Not now</Button
          >
        </div>
      </form>
    {:else if knowsPasskeys()}
      <Button
        size="list"
        class="mt-2"
        onclick={() => {
          asking = true
        }}>Add this device</Button
      >
    {/if}
    {#if refused}
      <p role="alert" class="mt-2 text-oxide">
        The device made none. Unlock it and try again, or take another one.
      </p>
    {:else if attempt.problem && !attempt.fieldError('label') && !attempt.fieldError('current')}
      <p role="alert" class="mt-2 text-oxide">{attempt.problem.detail}</p>
    {/if}
  {/if}
{/if}

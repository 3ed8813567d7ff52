<script lang="ts">
  import { knowsPasskeys } from '$api/passkey'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import { session } from './session.svelte'

  let code = $state('')
  let refused = $state(false)
  const withDevice = $derived(Boolean(session.view?.passkeyKnown) && knowsPasskeys())

  async function withPasskey(): Promise<void> {
    refused = false
    try {
      await session.passkey()
    } catch {
      refused = true // the device, or whoever holds it, would not
    }
  }

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (!(await session.code(code))) code = ''
  }
</script>

<form onsubmit={send} class="flex flex-col gap-3" aria-label="Second factor">
  <p class="text-read">
    The password is right. Now {withDevice ? 'your passkey, or ' : ''}the code your device shows.
  </p>
  {#if withDevice}
    <Button tone="main" disabled={session.busy} onclick={() => void withPasskey()}>
      Use your passkey
    </Button>
    {#if refused}
      <p role="alert" class="text-oxide">No device answered. Try again, or take the code.</p>
    {:else if session.fieldError('passkey')}
      <p role="alert" class="text-oxide">The passkey {session.fieldError('passkey')}.</p>
    {/if}
  {/if}
  <Field
    label="Code"
    inputmode="numeric"
    autocomplete="one-time-code"
    required
    bind:value={code}
    hint="Or one of the codes you keep for the day the device is lost."
    error={session.fieldError('code')}
  />
  {#if session.problem && session.problem.errors.length === 0}
    <ProblemCard title={session.problem.title}><p>{session.problem.detail}</p></ProblemCard>
  {/if}
  <Button tone={withDevice ? 'plain' : 'main'} type="submit" disabled={session.busy}>
    {session.busy ? 'Looking …' : 'Go in'}
    <KeyCap key="Enter" />
  </Button>
  <Button size="list" onclick={() => void session.signOut(false)}>Begin again</Button>
</form>

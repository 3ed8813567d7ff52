<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import { session } from './session.svelte'

  let code = $state('')

  async function send(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (!(await session.code(code))) code = ''
  }
</script>

<form onsubmit={send} class="flex flex-col gap-3" aria-label="Second factor">
  <p class="text-read">The password is right. Now the code your device shows.</p>
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
  <Button tone="main" type="submit" disabled={session.busy}>
    {session.busy ? 'Looking …' : 'Go in'}
    <KeyCap key="Enter" />
  </Button>
  <Button size="list" onclick={() => void session.signOut(false)}>Begin again</Button>
</form>

<script lang="ts">
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import { session } from './session.svelte'

  let signInName = $state('')
  let password = $state('')

  async function signIn(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    await session.signIn(signInName, password)
  }
</script>

<form onsubmit={signIn} class="flex flex-col gap-3" aria-label="Sign in">
  <Field
    label="Sign-in name"
    autocomplete="username"
    autocapitalize="none"
    spellcheck="false"
    required
    bind:value={signInName}
  />
  <Field
    label="Password"
    type="password"
    autocomplete="current-password"
    required
    bind:value={password}
  />
  {#if session.problem}
    <ProblemCard title={session.problem.title}><p>{session.problem.detail}</p></ProblemCard>
  {/if}
  <Button tone="main" type="submit" disabled={session.busy}>
    {session.busy ? 'Looking …' : 'Sign in'}
    <KeyCap key="Enter" />
  </Button>
</form>

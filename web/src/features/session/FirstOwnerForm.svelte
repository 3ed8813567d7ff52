<script lang="ts">
  import { goto } from '$app/navigation'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { ProblemCard } from '$ui/problem-card'
  import { session } from './session.svelte'

  let workshop = $state('')
  let word = $state('')
  let name = $state('')
  let signInName = $state('')
  let password = $state('')

  async function found(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const done = await session.foundWorkshop({ workshop, word, name, signInName, password })
    if (done) await goto('/')
  }
</script>

<form onsubmit={found} class="flex flex-col gap-3" aria-label="Open the workshop">
  <Field
    label="The word"
    autocomplete="off"
    autocapitalize="none"
    spellcheck="false"
    required
    hint="It was printed where Old Tallow runs."
    bind:value={word}
    error={session.fieldError('word')}
  />
  <Field
    label="Name of the workshop"
    autocomplete="organization"
    required
    bind:value={workshop}
    error={session.fieldError('workshop')}
  />
  <Field
    label="Your name"
    autocomplete="name"
    required
    bind:value={name}
    error={session.fieldError('name')}
  />
  <Field
    label="Sign-in name"
    autocomplete="username"
    autocapitalize="none"
    spellcheck="false"
    required
    hint="Small letters and digits, such as ines."
    bind:value={signInName}
    error={session.fieldError('signInName')}
  />
  <Field
    label="Password"
    type="password"
    autocomplete="new-password"
    required
    hint="10 characters or more; a short sentence does well."
    bind:value={password}
    error={session.fieldError('password')}
  />
  {#if session.problem && session.problem.errors.length === 0}
    <ProblemCard title={session.problem.title}><p>{session.problem.detail}</p></ProblemCard>
  {/if}
  <Button tone="main" type="submit" disabled={session.busy}>
    Open the workshop <KeyCap key="Enter" />
  </Button>
</form>

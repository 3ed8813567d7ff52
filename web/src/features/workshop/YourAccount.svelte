<script lang="ts">
  import { roleWords, session } from '$features/session'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import type { People } from './people.svelte'

  interface Props {
    people: People
  }

  let { people }: Props = $props()

  let changing = $state(false)
  let current = $state('')
  let password = $state('')
  const person = $derived(session.person)

  async function setPassword(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    // the server signs this person out everywhere, here too
    if (person && (await people.setPassword(person.id, current, password))) location.assign('/')
  }
</script>

{#if person}
  <section aria-labelledby="you">
    <h1 id="you" class="type-say">{person.name}, {roleWords[person.role].name}</h1>
    <p class="mt-1 text-ink2">{roleWords[person.role].may}.</p>
    <div class="mt-3 flex flex-wrap gap-2">
      <Button size="list" tone="main" onclick={() => session.signOut(false)}>Sign out</Button>
      <Button size="list" onclick={() => session.signOut(true)}>Sign out on every device</Button>
      <Button size="list" aria-expanded={changing} onclick={() => (changing = !changing)}
        >New password</Button
      >
    </div>
    {#if changing}
      <form onsubmit={setPassword} class="mt-3 flex max-w-md flex-col gap-3">
        <Field
          label="Your password now"
          type="password"
          autocomplete="current-password"
          required
          bind:value={current}
          error={people.fieldError('current')}
        />
        <Field
          label="New password"
          type="password"
          autocomplete="new-password"
          required
          bind:value={password}
          hint="10 characters or more. You sign in again with it, on every device."
          error={people.fieldError('password')}
        />
        <Button size="list" tone="main" type="submit" disabled={people.busy}
          >Set the password</Button
        >
      </form>
    {/if}
  </section>
{/if}

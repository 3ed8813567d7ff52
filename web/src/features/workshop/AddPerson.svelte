<script lang="ts">
  import { roleWords, type Role } from '$features/session'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { People } from './people.svelte'

  interface Props {
    people: People
  }

  let { people }: Props = $props()

  // one id an entry, kept until it is known to be saved
  const empty = () => ({
    id: crypto.randomUUID() as string,
    name: '',
    signInName: '',
    password: '',
  })
  const roles = (Object.keys(roleWords) as Role[]).map((value) => ({
    value,
    label: roleWords[value].name,
    note: roleWords[value].may,
  }))
  let open = $state(false)
  let entry = $state(empty())
  let role = $state<Role>('MECHANIC')

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (await people.add({ ...entry, role })) {
      entry = empty()
      open = false
    }
  }
</script>

{#if open}
  <form
    onsubmit={add}
    aria-label="Add a person"
    class="mt-3 grid gap-x-4 gap-y-3 rounded-plate border border-ink bg-sheet p-4 tab:grid-cols-2"
  >
    <Field label="Name" required bind:value={entry.name} error={people.fieldError('name')} />
    <Pick
      label="Role"
      options={roles}
      value={role}
      onchange={(next) => {
        role = next
      }}
    />
    <Field
      label="Sign-in name"
      autocomplete="off"
      autocapitalize="none"
      spellcheck="false"
      required
      bind:value={entry.signInName}
      error={people.fieldError('signInName')}
      hint="Small letters and digits."
    />
    <Field
      label="First password"
      type="password"
      autocomplete="new-password"
      required
      bind:value={entry.password}
      error={people.fieldError('password')}
      hint="10 characters or more; they set their own."
    />
    <Button size="list" tone="main" type="submit" disabled={people.busy}>Add the person</Button>
    <Button size="list" onclick={() => (open = false)}>Not now</Button>
  </form>
{:else}
  <Button size="list" class="mt-3" onclick={() => (open = true)}>Add a person</Button>
{/if}

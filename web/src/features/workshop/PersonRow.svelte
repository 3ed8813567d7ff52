<script lang="ts">
  import { roleWords, type Role } from '$features/session'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import type { People, Person } from './people.svelte'

  interface Props {
    person: Person
    people: People
    editable: boolean
  }

  let { person, people, editable }: Props = $props()

  const roles = (Object.keys(roleWords) as Role[]).map((value) => ({
    value,
    label: roleWords[value].name,
    note: roleWords[value].may,
  }))
  let open = $state(false)
  let name = $state('')
  let role = $state<Role>('MECHANIC')
  let current = $state('')
  let password = $state('')

  function edit(): void {
    name = person.name
    role = person.role
    current = ''
    password = ''
    open = !open
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (!(await people.change(person, { name, role }))) return
    if (password === '' || (await people.setPassword(person.id, current, password))) open = false
  }
</script>

<li class="border-b border-rule py-2">
  <div class="flex min-h-11 flex-wrap items-center gap-x-3">
    <p class="min-w-0 flex-1">
      <span class={['font-semibold', !person.active && 'line-through']}>{person.name}</span>
      <span class="text-ink2">{roleWords[person.role].name}, signs in as {person.signInName}</span>
      {#if !person.active}<span class="font-semibold">has left</span>{/if}
    </p>
    {#if editable}
      <Button
        size="list"
        class="min-h-11"
        aria-expanded={open}
        aria-label={`Change ${person.name}`}
        onclick={edit}>Change</Button
      >
    {/if}
  </div>
  {#if open}
    <form onsubmit={save} class="mt-2 grid gap-x-4 gap-y-3 pb-2 tab:grid-cols-2">
      <Field label="Name" required bind:value={name} error={people.fieldError('name')} />
      <Pick
        label="Role"
        options={roles}
        value={role}
        onchange={(next) => {
          role = next
        }}
      />
      <Field
        label="New password"
        type="password"
        autocomplete="new-password"
        bind:value={password}
        error={people.fieldError('password')}
        hint="Leave empty to keep the old one."
      />
      {#if password !== ''}
        <Field
          label="Your own password now"
          type="password"
          autocomplete="current-password"
          required
          bind:value={current}
          error={people.fieldError('current')}
        />
      {/if}
      <Button
        size="list"
        class="self-start tab:mt-6"
        onclick={() => people.change(person, { active: !person.active })}
      >
        {person.active ? 'Has left: no more sign-in' : 'Is back: let in again'}
      </Button>
      {#if people.problem}
        <div class="tab:col-span-2">
          <ProblemCard title={people.problem.title}><p>{people.problem.detail}</p></ProblemCard>
        </div>
      {/if}
      <Button size="list" tone="main" type="submit" class="tab:col-span-2" disabled={people.busy}
        >Save</Button
      >
    </form>
  {/if}
</li>

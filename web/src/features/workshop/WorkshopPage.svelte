<script lang="ts">
  import { onMount } from 'svelte'
  import { InstrumentWall } from '$features/instruments'
  import { OwnProcedures } from '$features/procedures'
  import { session } from '$features/session'
  import AddPerson from './AddPerson.svelte'
  import BackupState from './BackupState.svelte'
  import Devices from './Devices.svelte'
  import Door from './Door.svelte'
  import EndDemo from './EndDemo.svelte'
  import OwnSets from './OwnSets.svelte'
  import ToolWall from './ToolWall.svelte'
  import { People } from './people.svelte'
  import PersonRow from './PersonRow.svelte'
  import RatesForm from './RatesForm.svelte'
  import Rules from './Rules.svelte'
  import SecondFactor from './SecondFactor.svelte'
  import SecurityTrail from './SecurityTrail.svelte'
  import Trail from './Trail.svelte'
  import UsualChoices from './UsualChoices.svelte'
  import YourAccount from './YourAccount.svelte'

  const people = new People()

  onMount(() => void people.load())
</script>

<svelte:head><title>Workshop · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
  <div
    class="flex flex-col gap-6 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <YourAccount {people} />
    <section aria-labelledby="people">
      <h2 id="people" class="type-h">People</h2>
      <ul class="mt-1 border-t-2 border-ink">
        {#each people.all as person (person.id)}
          <PersonRow {person} {people} editable={session.isOwner} />
        {/each}
      </ul>
      {#if session.isOwner}<AddPerson {people} />{/if}
    </section>
    {#if session.isOwner && session.view?.demo}<EndDemo />{:else}<BackupState />{/if}
    <Door />
    <Devices />
    <SecondFactor />
    <Rules editable={session.isOwner} />
    <UsualChoices editable={session.isOwner} />
    <ToolWall />
    <InstrumentWall />
    <OwnProcedures />
    <RatesForm editable={session.isOwner} />
    <OwnSets />
    <p class="flex flex-wrap gap-x-6 text-label">
      <a class="underline" href="/trackside">What this device takes along</a>
      <a class="underline" href="/about">About Old Tallow</a>
    </p>
  </div>
  <section aria-labelledby="trail" class="px-4 py-4 desk:overflow-y-auto desk:px-5">
    {#if session.isOwner}
      <h2 class="type-h">At the door</h2>
      <p class="text-label text-ink2">Sign-ins, refusals, and changes of who may do what.</p>
      <div class="mb-6 max-h-96 overflow-y-auto"><SecurityTrail /></div>
    {/if}
    <h2 id="trail" class="type-h">What was changed</h2>
    <Trail />
  </section>
</div>

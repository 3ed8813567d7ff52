<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { keys } from '$features/keys'
  import CalendarCard from './CalendarCard.svelte'
  import MailCard from './MailCard.svelte'

  onMount(() =>
    keys.add([{ keys: ['PageUp'], does: 'Back to the almanac', run: () => void goto('/almanac') }]),
  )
</script>

<svelte:head><title>Reminders · Old Tallow</title></svelte:head>

<div class="flex flex-col gap-4 px-4 py-4 desk:px-5">
  <div>
    <p class="text-label text-ink2"><a href="/almanac">Almanac</a>, reminders</p>
    <h1 class="type-say">So that nobody has to remember</h1>
  </div>
  <div class="grid gap-x-10 gap-y-6 desk:grid-cols-2">
    <CalendarCard />
    <MailCard />
  </div>
</div>

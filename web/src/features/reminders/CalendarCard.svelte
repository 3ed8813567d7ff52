<script lang="ts">
  import { onMount } from 'svelte'
  import { date, day } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Feeds } from './reminders.svelte'

  const feeds = new Feeds()
  let copied = $state(false)

  onMount(() => {
    void feeds.load()
  })

  async function copy(address: string): Promise<void> {
    try {
      await navigator.clipboard.writeText(address)
      copied = true
    } catch {
      copied = false // it may be barred; the address stands there to be copied by hand
    }
  }
</script>

<section aria-labelledby="calendar" class="flex flex-col gap-3">
  <h2 id="calendar" class="type-h">In your calendar</h2>
  <p>
    An address for the calendar on your telephone or desk: due dates and trips of the whole yard. It
    follows by itself when a date moves.
  </p>
  <form
    aria-label="A calendar address"
    class="flex flex-wrap items-end gap-2"
    onsubmit={(event) => {
      event.preventDefault()
      copied = false
      void feeds.make()
    }}
  >
    <Field
      class="min-w-0 flex-1"
      label="For which calendar"
      autocomplete="off"
      placeholder="my telephone"
      bind:value={feeds.name}
      error={feeds.attempt.fieldError('name')}
    />
    <Button tone="main" size="list" type="submit" disabled={feeds.attempt.busy}
      >Make an address</Button
    >
  </form>
  {#if feeds.made?.address}
    {@const { address } = feeds.made}
    <div class="border-2 border-verdigris bg-verdigris-wash px-3 py-2" role="status">
      <p class="font-semibold">Put this into {feeds.made.name}. It is shown only now.</p>
      <p class="my-1 type-num text-label break-all select-all">{address}</p>
      <Button size="list" onclick={() => void copy(address)}>{copied ? 'Copied' : 'Copy it'}</Button
      >
      <p class="mt-1 text-label">
        Whoever has it can read your due dates, without signing in. End it below if it gets about.
      </p>
    </div>
  {/if}
  <ul class="border-t border-ink text-label">
    {#each feeds.list as feed (feed.id)}
      <li
        class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule py-0.5"
      >
        <span
          ><span class="font-semibold">{feed.name}</span>{#if feed.ofPerson}, {feed.ofPerson}’s{/if}
          <span class="text-ink2"
            >since {day(feed.createdAt)}; {feed.lastReadOn
              ? `last asked ${date(feed.lastReadOn)}`
              : 'no calendar asked yet'}</span
          ></span
        >
        <button
          type="button"
          class="min-h-11 px-2 text-grease underline"
          aria-label={`End the address of ${feed.name}`}
          onclick={() => void feeds.end(feed.id)}>end it</button
        >
      </li>
    {:else}
      <li class="border-b border-rule py-1.5 text-ink2">No address yet.</li>
    {/each}
  </ul>
  <p class="text-label">
    Or <a href="/api/v1/calendar.ics" download>take a file of today</a>, and read it in by hand.
    Read a later one in again: what moved moves, what is done is crossed out.
  </p>
</section>

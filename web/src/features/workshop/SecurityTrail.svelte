<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'
  import { Button } from '$ui/button'

  const PAGE = 50
  const attempt = new Attempt()
  let events = $state.raw<Schemas['SecurityEventView'][]>([])
  let more = $state(false)

  const load = (): Promise<boolean> =>
    attempt.run(async () => {
      const page = await api.security(events.at(-1)?.id)
      events = [...events, ...page]
      more = page.length === PAGE
    })

  onMount(() => void load())
</script>

<ol class="mt-1 border-t-2 border-ink">
  {#each events as event (event.id)}
    <li class="border-b border-rule py-1.5 text-label">
      <span class="type-num text-ink2">{moment(event.at)}</span>
      <span class="font-semibold">{event.who}</span>
      {event.words}{event.details ? `: ${event.details}` : ''}
      <span class="text-ink2">({event.device}, {event.address})</span>
    </li>
  {/each}
</ol>
{#if attempt.problem}
  <p role="alert" class="mt-2 text-oxide">{attempt.problem.detail}</p>
{/if}
{#if more}<Button size="list" class="mt-3" onclick={() => void load()}>Older</Button>{/if}

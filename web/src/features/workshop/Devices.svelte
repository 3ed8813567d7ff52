<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'

  type Device = Schemas['DeviceView']

  const attempt = new Attempt()
  let devices = $state.raw<Device[]>([])

  const load = (): Promise<boolean> =>
    attempt.run(async () => {
      devices = await api.devices()
    })
  const end = (device: Device): Promise<boolean> =>
    attempt.run(async () => {
      devices = await api.endDevice(device.personId, device.name)
    })

  onMount(() => void load())
</script>

<section aria-labelledby="devices">
  <h2 id="devices" class="type-h">Signed in</h2>
  <p class="text-label text-ink2">
    {session.isOwner ? 'Every device of the workshop.' : 'Your devices.'} End one that is lost or not
    known.
  </p>
  <ul class="mt-1 max-h-96 overflow-y-auto border-t-2 border-ink">
    {#each devices as device (`${device.personId} ${device.name}`)}
      <li class="flex min-h-11 flex-wrap items-center gap-x-3 border-b border-rule py-1">
        <p class="min-w-0 flex-1">
          <span class="font-semibold">{device.personName}</span>, {device.kind}
          {#if device.isThis}<span class="font-semibold">this one</span>{/if}
          <span class="block text-label text-ink2">
            from {device.address || 'an address that was not kept'}, since {moment(device.since)},
            seen
            {moment(device.lastSeen)}
          </span>
        </p>
        {#if !device.isThis}
          <Button
            size="list"
            class="min-h-11"
            aria-label={`End ${device.personName}'s ${device.kind} from ${device.address}`}
            onclick={() => void end(device)}>End</Button
          >
        {/if}
      </li>
    {/each}
  </ul>
  {#if attempt.problem}
    <ProblemCard title={attempt.problem.title}><p>{attempt.problem.detail}</p></ProblemCard>
  {/if}
</section>

<script lang="ts">
  import { session } from '$features/session'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { away, date } from '$features/display'
  import { keys } from '$features/keys'
  import { ProblemCard } from '$ui/problem-card'
  import EndDues from './EndDues.svelte'
  import Moved from './Moved.svelte'
  import { RigAlmanac } from './rig-almanac.svelte'
  import ServiceDone from './ServiceDone.svelte'
  import Strip from './Strip.svelte'
  import { UsageCard } from '$features/usage'
  import WhatIf from './WhatIf.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every rig
  // svelte-ignore state_referenced_locally
  const rig = new RigAlmanac(id)
  const first = $derived(rig.first)

  onMount(() => {
    void rig.load()
    return keys.add([
      { keys: ['PageUp'], does: 'Back to the rig', run: () => void goto(`/rigs/${id}`) },
    ])
  })
</script>

<svelte:head><title>Almanac of {rig.view?.rigName ?? 'a rig'} · Old Tallow</title></svelte:head>

{#if rig.view}
  {@const view = rig.view}
  <div class="flex flex-col gap-4 px-4 py-4 desk:px-5">
    <div class="flex flex-wrap items-end justify-between gap-x-6 gap-y-1">
      <div>
        <p class="text-label text-ink2">
          <a href={`/rigs/${id}`}>{view.rigName}</a>, almanac,
          <a href={`/rigs/${id}/warmth`}>hub temperatures</a>
        </p>
        <h1 class="type-say first-letter:uppercase">
          {#if first}
            {first.due.words}: {date(first.due.likely)}
          {:else}
            Nothing on record to count from
          {/if}
        </h1>
      </div>
      {#if first}
        <p class="text-read">
          <span class="font-bold">{first.position}, {away(first.due.daysLeft)}</span>, {first.due
            .by}{#if !first.due.certain}; likely {date(first.due.earliest)} to {date(
              first.due.latest,
            )}{/if}
        </p>
      {:else}
        <p class="text-read">Write down when each wheel end was last done, or do it now.</p>
      {/if}
    </div>
    <Strip almanac={view} other={rig.other} />
    <p class="-mt-2 text-min text-ink2">
      Full bars were read off its meter, hatched ones are expected by the use of the same months
      before. Green strokes were done; triangles fall due, the bar over one is where eight of ten
      would lie. {#if rig.other}Blue triangles beneath: as it would be.{/if}
    </p>
    <div class="grid gap-5 desk:grid-cols-[minmax(0,7fr)_minmax(0,5fr)]">
      <div class="flex flex-col gap-4">
        <EndDues ends={view.wheelEnds} />
        {#if session.mayManage}<ServiceDone {rig} />{/if}
        <Moved told={view.told} />
      </div>
      <div class="flex flex-col gap-4">
        <WhatIf {rig} />
        <UsageCard rigId={id} onchanged={() => void rig.load()} />
      </div>
    </div>
  </div>
{:else if rig.attempt.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={rig.attempt.problem.title}><p>{rig.attempt.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the almanac …</p>
{/if}

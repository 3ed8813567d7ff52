<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'
  import RigPlan from './RigPlan.svelte'
  import { states, which, type HubState } from './states'

  interface Props {
    rig: Schemas['YardRigView']
    scale: number
  }

  let { rig, scale }: Props = $props()

  const ends = $derived(rig.axles.flatMap((axle) => axle.wheelEnds))
  const groups = $derived(
    (Object.keys(states) as HubState[])
      .map((state) => ({ state, ends: ends.filter((end) => end.state === state) }))
      .filter((group) => group.ends.length > 0),
  )
  const open = $derived(ends.filter((end) => end.openJobId))
  const tones = {
    oxide: 'text-oxide',
    brass: 'text-brass',
    ink: 'text-ink',
    verdigris: 'text-verdigris',
  }
</script>

<article class="flex flex-col border-r border-b border-rule px-3 pt-2.5 pb-2">
  <h2 class="type-card text-[19px]">
    <span class="mr-1 text-ink2">{rig.yardNumber}</span><a
      href={`/rigs/${rig.id}`}
      class="text-ink no-underline hover:underline">{rig.name}</a
    >
  </h2>
  <p class="type-num text-min wrap-anywhere text-ink2">{rig.plate}</p>
  <div class="flex flex-1 items-center justify-center py-1.5">
    <RigPlan {rig} {scale} />
  </div>
  <ul class="flex flex-col gap-0.5">
    {#each groups as group, i (group.state)}
      <li class="flex items-start gap-1.5 text-label leading-tight">
        <Mark shape={states[group.state].shape} size={18} />
        <span>
          <span class={['font-semibold', tones[states[group.state].tone]]}
            >{states[group.state].word}</span
          >
          {#if groups.length > 1}
            <span class="text-ink2">
              {i === groups.length - 1 ? 'the others' : which(group.ends, ends.length)}
            </span>
          {/if}
        </span>
      </li>
    {/each}
    {#if open[0]}
      <li class="flex items-start gap-1.5 text-label leading-tight">
        <Mark shape="jobOpen" size={18} />
        <a
          href={`/bench/${open[0].openJobId}`}
          class="-mt-2 inline-flex min-h-9 items-center font-semibold"
          >job open, {which(open, ends.length)}</a
        >
      </li>
    {/if}
    {#if open.length < ends.length}
      <li>
        <a
          href={`/rigs/${rig.id}/job`}
          class="flex min-h-9 items-center text-label font-semibold"
          aria-label={`Begin a job on ${rig.name}`}>Begin a job</a
        >
      </li>
    {/if}
  </ul>
</article>

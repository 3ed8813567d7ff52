<script lang="ts">
  import type { Schemas } from '$api/request'
  import { SealCard } from '$features/reckoner/seal'
  import { leadingSize, otherSize } from '$features/display'
  import type { Aids } from './aids.svelte'
  import type { Bench } from '$features/bench/job'
  import GreaseAid from './GreaseAid.svelte'
  import GreaseKind from './GreaseKind.svelte'
  import RaceAid from './RaceAid.svelte'
  import RightCupAid from './RightCupAid.svelte'
  import WarmAid from './WarmAid.svelte'

  interface Props {
    bench: Bench
    aids: Aids
    aid: NonNullable<Schemas['BenchStepView']['aid']>
  }

  let { bench, aids, aid }: Props = $props()

  const places: Partial<Record<typeof aid, Schemas['PlaceView']['place'][]>> = {
    INBOARD_CONE: ['INBOARD_CONE'],
    OUTBOARD_CONE: ['OUTBOARD_CONE'],
    BEDS: ['BEDS', 'SEAL_AND_SEATS'],
    CHANNEL: ['CHANNEL'],
    CAVITY: ['CAVITY'],
    PUMP: ['CAVITY'],
  }
  const wheelEnd = $derived(bench.job?.hub.wheelEndId ?? '')

  // the step may be the first that wants it; fetching is what the outside world has to do with it
  $effect(() => {
    void aids.load()
  })
</script>

{#if aids.view}
  {@const view = aids.view}
  <section aria-label="Worked out for this hub" class="mt-3 border-2 border-ink bg-tray p-3">
    {#if aid === 'RIGHT_CUP'}
      <RightCupAid {view} {aids} readings={bench.readings} />
    {:else if aid === 'WARM'}
      <WarmAid {view} />
      <a
        href={`/reckoner/fit?wheelEnd=${wheelEnd}&place=inboard`}
        class="flex min-h-11 items-center font-semibold">Work it out for your measured bore</a
      >
    {:else if aid === 'INBOARD_CUP' || aid === 'OUTBOARD_CUP'}
      <RaceAid
        race={aid === 'INBOARD_CUP' ? view.inboard : view.outboard}
        known={view.bearingsKnown}
        {aids}
        readings={bench.readings}
      />
    {:else if aid === 'GREASE_KIND'}
      {#if view.grease}<GreaseKind {bench} {aids} grease={view.grease} />{/if}
    {:else if aid === 'SEAL' || aid === 'SEAL_SLEEVE'}
      {#if view.seal}
        <div class="flex flex-col gap-3">
          <SealCard seal={view.seal.seal} />
          {#if view.seal.assumed}
            <p class="text-label text-ink2">
              Sizes partly assumed: measure land, bore and the old seal.
            </p>
          {/if}
        </div>
      {/if}
    {:else if aid === 'CAP'}
      <p>
        <span class="block text-label font-semibold">Cap, outside diameter</span>
        <span class="type-num text-[26px] font-semibold"
          >{leadingSize(view.capLeast)} to {leadingSize(view.capMost)}</span
        >
        <span class="block type-num text-ink2"
          >{otherSize(view.capLeast)} to {otherSize(view.capMost)}</span
        >
      </p>
    {:else if view.grease}
      <GreaseAid grease={view.grease} places={places[aid] ?? []} known={view.bearingsKnown} />
    {/if}
  </section>
{:else if aids.problem}
  <p class="mt-3 text-ink2">{aids.problem.detail}</p>
{/if}

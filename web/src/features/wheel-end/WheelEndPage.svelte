<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { BothUnits, day } from '$features/display'
  import { keys } from '$features/keys'
  import { NutFace, shapeOf, verdictWords } from '$features/nut-dial'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { ProblemCard } from '$ui/problem-card'
  import { leftWith } from './chart'
  import OtherEnds from './OtherEnds.svelte'
  import SettingChart from './SettingChart.svelte'
  import SettingList from './SettingList.svelte'
  import { WheelEnd } from './wheel-end.svelte'
  import WheelEndPlate from './WheelEndPlate.svelte'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every wheel end
  // svelte-ignore state_referenced_locally
  const end = new WheelEnd(id)
  const today = new Date()
  const dialHref = $derived(`/wheel-ends/${id}/nut-dial`)

  function other(by: number): void {
    const here = end.siblings.findIndex((s) => s.id === id)
    const next = end.siblings[(here + by + end.siblings.length) % end.siblings.length]
    if (next) void goto(`/wheel-ends/${next.id}`)
  }

  onMount(() => {
    void end.load()
    return keys.add([
      { keys: [' ', 'Enter', 'PageDown'], does: 'Set the nut', run: () => void goto(dialHref) },
      { keys: ['ArrowRight'], does: 'Next wheel end of the rig', run: () => other(1) },
      { keys: ['ArrowLeft'], does: 'Wheel end before it', run: () => other(-1) },
      { keys: ['PageUp'], does: 'Back to the yard', run: () => void goto('/') },
    ])
  })
</script>

<svelte:head
  ><title>{end.view ? `${end.view.rigName}, ${end.view.position}` : 'Wheel end'} · Old Tallow</title
  ></svelte:head
>

{#if end.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={end.problem.title}><p>{end.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else if end.view}
  {@const view = end.view}
  {@const last = end.last}
  <div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
    <section
      aria-labelledby="which"
      class="flex flex-col gap-4 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
    >
      <WheelEndPlate {view} siblings={end.siblings} />
      <div class="flex flex-1 flex-wrap items-center gap-x-6 gap-y-3">
        <svg
          viewBox="-184 -184 368 368"
          class="mx-auto block max-h-[390px] w-full max-w-[390px] flex-1"
          role="img"
          aria-label={last
            ? 'The nut as it was last locked, seen from outside'
            : 'The nut, seen from outside'}
        >
          <NutFace
            lock={view.lock}
            hand={view.thread.hand}
            nutDegrees={last ? -last.looserDegrees + last.backOffDegrees : 0}
            meeting={last?.engagedMarks ?? []}
          />
        </svg>
        <div class="w-full tab:w-56">
          {#if last}
            <p class="text-label font-semibold">Left at {day(last.setAt)} with</p>
            <BothUnits length={leftWith(last)} size="reading" />
            <p class="mt-2 flex items-center gap-2">
              <Mark shape={shapeOf[last.verdict]} size={26} />
              <span class="font-semibold">{verdictWords[last.verdict]}</span>
            </p>
            <p class="mt-1 text-label text-ink2">
              {last.measuredEndPlay ? 'measured after locking' : 'worked out from the angle'}
            </p>
          {:else}
            <p class="type-h">No setting on record</p>
            <p class="mt-1">Nobody knows how this nut was left. Set it, and the next one will.</p>
          {/if}
        </div>
      </div>
      <a
        href={dialHref}
        class="flex min-h-14 items-center justify-between rounded-plate bg-grease-fill px-4 type-card text-[20px] text-on-grease no-underline"
      >
        Set the nut <KeyCap key="Space" />
      </a>
    </section>
    <section
      aria-labelledby="settings"
      class="flex flex-col gap-4 px-4 py-4 desk:overflow-y-auto desk:px-5"
    >
      <h2 id="settings" class="type-h">Settings so far</h2>
      {#if end.settings.length > 0}
        <SettingChart settings={end.settings} {today} />
        <SettingList settings={end.settings} />
      {:else}
        <p class="max-w-[52ch] text-read">
          The first setting starts the line: end play over the years, with the window it must keep
          to.
        </p>
      {/if}
      <OtherEnds siblings={end.siblings.filter((sibling) => sibling.id !== id)} />
    </section>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the wheel end …</p>
{/if}

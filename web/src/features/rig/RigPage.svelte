<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { date } from '$features/display'
  import { PastJobs } from '$features/bench/start'
  import { keys } from '$features/keys'
  import { Trail } from '$features/workshop'
  import { RigPlan, states } from '$features/yard'
  import { KeyCap } from '$ui/key-cap'
  import { TakeAlong } from '$features/trackside'
  import { LabelLinks } from '$ui/label-links'
  import { ProblemCard } from '$ui/problem-card'
  import ChangeRig from './ChangeRig.svelte'
  import { Rig } from './rig.svelte'
  import RigEnds from './RigEnds.svelte'
  import RigFigures from './RigFigures.svelte'
  import RigPhoto from './RigPhoto.svelte'
  import { distances, uses } from './words'

  interface Props {
    id: string
  }

  let { id }: Props = $props()

  // the route makes a new page for every rig
  // svelte-ignore state_referenced_locally
  const rig = new Rig(id)
  let changing = $state(false)

  const ends = $derived(rig.view?.axles.flatMap((axle) => axle.wheelEnds) ?? [])
  const worst = $derived(
    [...rig.standings].sort(
      (a, b) =>
        order.indexOf(a.state) - order.indexOf(b.state) || (a.daysLeft ?? 0) - (b.daysLeft ?? 0),
    )[0],
  )
  const order = Object.keys(states)
  const facts = $derived.by(() => {
    const about = rig.view?.rig
    if (!about) return []
    const { distance } = about
    const by = distances.find((one) => one.value === distance.by)?.label ?? ''
    return [
      ['Plate', about.plate || 'none'],
      ['Owner', [about.ownerName, about.ownerContact].filter(Boolean).join('; ') || 'not known'],
      ['Built', about.builtIn ? String(about.builtIn) : 'not known'],
      [
        'Distance',
        [
          distance.km === undefined
            ? `by ${by}`
            : `${distance.km.toLocaleString('en-GB')} km by ${by}, read ${date(distance.readOn ?? '')}`,
          distance.yearlyKm ? `about ${distance.yearlyKm.toLocaleString('en-GB')} km a year` : '',
        ]
          .filter(Boolean)
          .join('; '),
      ],
      [
        'Use',
        uses
          .filter((use) => about.uses.includes(use.value))
          .map((use) => use.label)
          .join(', ') || 'nothing special',
      ],
    ]
  })
  onMount(() => {
    void rig.load()
    return keys.add([
      {
        keys: ['Enter', ' ', 'PageDown'],
        does: 'Open the worst wheel end',
        run: () => worst && void goto(`/wheel-ends/${worst.id}`),
      },
      { keys: ['c', 'C'], does: 'Change the rig', run: () => (changing = !changing) },
      { keys: ['g', 'G'], does: 'Begin a job', run: () => void goto(`/rigs/${id}/job`) },
      { keys: ['PageUp'], does: 'Back to the yard', run: () => void goto('/') },
    ])
  })
</script>

<svelte:head><title>{rig.view?.rig.name ?? 'Rig'} · Old Tallow</title></svelte:head>

{#if rig.problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={rig.problem.title}><p>{rig.problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else if rig.view && rig.plan}
  {@const view = rig.view}
  {@const plan = rig.plan}
  <div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,5fr)_minmax(0,6fr)]">
    <section
      aria-labelledby="rig"
      class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
    >
      <h1 id="rig" class="type-say">
        <span class="text-ink2">{view.yardNumber}</span>
        {view.rig.name} <span class="type-h font-normal text-ink2">{view.kindWords}</span>
      </h1>
      <div class="grid gap-4 tab:grid-cols-[auto_1fr]">
        <div class="flex justify-center px-6">
          <RigPlan
            rig={plan}
            scale={Math.min(0.05, 330 / (plan.lengthMillimetres + plan.drawbarMillimetres))}
          />
        </div>
        <div class="flex flex-col gap-3">
          <dl class="border border-ink bg-sheet text-label">
            {#each facts as [term, said] (term)}
              <div class="grid grid-cols-[5rem_1fr] border-b border-rule last:border-b-0">
                <dt class="border-r border-rule px-3 py-1.5 text-ink2">{term}</dt>
                <dd class="px-3 py-1.5 font-semibold">{said}</dd>
              </div>
            {/each}
          </dl>
          <div class="flex flex-wrap items-start gap-2">
            <button
              type="button"
              class="flex min-h-11 items-center gap-2 rounded-plate border border-ink bg-sheet px-3 text-label font-semibold hover:bg-tray"
              aria-expanded={changing}
              onclick={() => (changing = !changing)}
            >
              Change <KeyCap key="C" />
            </button>
            <RigPhoto {rig} name={view.rig.name} />
            <a
              href={`/rigs/${id}/almanac`}
              class="flex min-h-11 items-center rounded-plate border border-ink bg-sheet px-3 text-label font-semibold text-ink no-underline hover:bg-tray"
              >Almanac, meter, trips</a
            >
            <TakeAlong rigId={id} />
            <LabelLinks of={`rigs/${id}`} words="Drawbar label" />
          </div>
        </div>
      </div>
      {#if changing}
        <ChangeRig
          {rig}
          ondone={() => {
            changing = false
            void rig.load()
          }}
        />
      {/if}
    </section>
    <section
      aria-labelledby="ends"
      class="flex flex-col gap-3 px-4 py-4 desk:overflow-y-auto desk:px-5"
    >
      <div class="flex flex-wrap items-center justify-between gap-2">
        <h2 id="ends" class="type-h">Wheel ends</h2>
        <a
          href={`/rigs/${id}/job`}
          class="flex min-h-12 items-center gap-3 rounded-plate bg-grease-fill px-3 type-card text-on-grease no-underline"
          >Begin a job <KeyCap key="G" /></a
        >
      </div>
      <RigEnds {ends} standings={rig.standings} />
      <PastJobs rigId={id} />
      <RigFigures figures={rig.figures} {view} />
      <h2 class="mt-2 type-h">What was changed</h2>
      <Trail recordId={id} />
    </section>
  </div>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the rig …</p>
{/if}

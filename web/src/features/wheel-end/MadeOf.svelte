<script lang="ts">
  import type { Schemas } from '$api/request'
  import {
    brakes,
    BuildEntry,
    BuildFields,
    caps,
    cavities,
    lockWords,
    said,
    seals,
    washers,
  } from '$features/build'
  import { date, today as theDay } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import type { WheelEnd } from './wheel-end.svelte'

  interface Props {
    end: WheelEnd
    view: Schemas['WheelEndView']
    reference: Schemas['NutReferenceView']
    constructions: Schemas['ConstructionsView']
  }

  let { end, view, reference, constructions }: Props = $props()

  const today = theDay()
  let entry = $state.raw<BuildEntry | null>(null)
  let since = $state(today)
  let copied = $state('')

  const rows = $derived([
    ['Hub', view.constructionWords],
    [
      'Thread',
      `${view.build.thread?.designation ?? ''}, ${view.build.thread?.hand === 'LEFT' ? 'left-hand' : 'right-hand'}`,
    ],
    ['Lock', `${lockWords(view.build.lock)}; ${said(washers, view.build.washer)}`],
    [
      'Fittings',
      [
        said(seals, view.build.seal),
        said(caps, view.build.cap),
        said(brakes, view.build.brake),
        `cavity ${said(cavities, view.build.cavity)}`,
      ].join(', '),
    ],
  ])
  const options = $derived(
    constructions.constructions.map((one) => ({
      value: one.id,
      label: one.words,
      note: one.foundOn,
    })),
  )
  const errorAt = (field: string): string =>
    end.change.fieldError(`build.${field}`) || end.change.fieldError(field)

  function edit(): void {
    end.change.problem = null
    since = today
    entry = entry ? null : new BuildEntry(view.build)
  }

  function construction(id: Schemas['BuildForm']['construction']): void {
    const preset = constructions.constructions.find((one) => one.id === id)?.preset
    if (preset && entry) entry.start({ ...preset, dimensions: entry.toForm().dimensions })
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    if (entry && (await end.rebuild({ ...entry.toForm(), since }))) entry = null
  }

  async function copy(to: 'OTHER_SIDE' | 'ALL_AXLES'): Promise<void> {
    copied = ''
    if (await end.copyTo(to))
      copied =
        to === 'OTHER_SIDE' ? 'The other side is like this one now.' : 'All are like this one now.'
  }
</script>

<section aria-labelledby="made-of">
  <div class="flex items-end justify-between">
    <h2 id="made-of" class="type-h">What it is made of</h2>
    <button
      type="button"
      class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
      aria-expanded={entry !== null}
      onclick={edit}>Change</button
    >
  </div>
  <dl class="border border-ink bg-sheet text-label">
    {#each rows as [term, text] (term)}
      <div class="grid grid-cols-[5.2rem_1fr] border-b border-rule last:border-b-0">
        <dt class="border-r border-rule px-3 py-1.5 text-ink2">{term}</dt>
        <dd class="px-3 py-1.5 font-semibold">{text}</dd>
      </div>
    {/each}
  </dl>
  <p class="mt-1 text-label text-ink2">{view.special}</p>
  {#if entry}
    <form
      onsubmit={save}
      aria-label="What it is made of"
      class="mt-3 flex flex-col gap-3 rounded-plate border border-ink p-3"
    >
      <div class="grid gap-3 tab:grid-cols-2">
        <Pick
          label="Construction"
          {options}
          value={entry.form.construction}
          onchange={construction}
        />
        <Field
          label="So since"
          type="date"
          max={today}
          bind:value={since}
          error={errorAt('since')}
        />
      </div>
      <BuildFields {entry} {reference} dimensions={constructions.dimensions} {errorAt} />
      {#if end.change.problem}
        <ProblemCard title={end.change.problem.title}
          ><p>{end.change.problem.detail}</p></ProblemCard
        >
      {/if}
      <Button tone="main" type="submit" disabled={end.change.busy}>Save the change</Button>
      <Button onclick={edit}>Not now</Button>
    </form>
  {/if}
  {#if end.siblings.length > 1 && !entry}
    <div class="mt-2 flex flex-wrap items-center gap-2 text-label">
      <span class="text-ink2">Make like this one:</span>
      <button
        type="button"
        class="min-h-9 rounded-plate border border-ink bg-sheet px-2.5 font-semibold hover:bg-tray"
        onclick={() => void copy('OTHER_SIDE')}>the other side</button
      >
      {#if end.siblings.length > 2}
        <button
          type="button"
          class="min-h-9 rounded-plate border border-ink bg-sheet px-2.5 font-semibold hover:bg-tray"
          onclick={() => void copy('ALL_AXLES')}>all on this rig</button
        >
      {/if}
      <span role="status" class="font-semibold">{copied}</span>
      {#if end.copying.problem}<span class="font-semibold text-oxide"
          >{end.copying.problem.detail}</span
        >{/if}
    </div>
  {/if}
  {#if end.builds.length > 1}
    <ul class="mt-2 text-min text-ink2">
      {#each end.builds.slice(1) as build (build.since)}
        <li>
          since {date(build.since ?? '')}: {said(options, build.construction)}, {build.thread
            ?.designation}, {lockWords(build.lock)}
        </li>
      {/each}
    </ul>
  {/if}
</section>

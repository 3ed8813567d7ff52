<script lang="ts">
  import type { Schemas } from '$api/request'
  import { lockPresets } from '$features/nut-dial/state'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { BuildEntry, SizeUnit } from './build-entry.svelte'
  import { brakes, caps, cavities, lockWords, seals, snapRings, spacings, washers, wheelFixings } from './words'

  interface Props {
    entry: BuildEntry
    reference: Schemas['NutReferenceView']
    dimensions: Schemas['DimensionView'][]
    /** What is wrong with a field of the build, by its name there. */
    errorAt: (field: string) => string
  }

  let { entry, reference, dimensions, errorAt }: Props = $props()

  const hands = [
    { value: 'RIGHT', label: 'right-hand' },
    { value: 'LEFT', label: 'left-hand' },
  ] as const
  const units = [
    { value: 'MILLIMETRE', label: 'mm' },
    { value: 'INCH', label: 'in' },
  ] as const satisfies { value: SizeUnit; label: string }[]
  const threads = $derived(
    reference.threads.map((t) => ({ value: t.designation, label: t.designation, note: t.usedOn })),
  )
  const procedures = $derived(
    reference.procedures.map((s) => ({ value: s.id, label: s.label, note: s.usedOn })),
  )
  const locks = $derived([
    ...lockPresets.map((p) => ({ value: p.id, label: p.label, note: p.note })),
    ...(entry.lockId === 'as-is'
      ? [{ value: 'as-is', label: lockWords(entry.form.lock), note: 'as it is on record' }]
      : []),
  ])

  function thread(designation: string): void {
    const chosen = reference.threads.find((t) => t.designation === designation)
    if (chosen) entry.set('thread', { ...chosen.thread, hand: entry.form.thread?.hand ?? 'RIGHT' })
  }
</script>

<div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
  <Pick
    label="Spindle thread"
    options={threads}
    value={entry.form.thread?.designation ?? ''}
    onchange={thread}
  />
  <div class="flex flex-col gap-1">
    <span class="text-label font-semibold">Hand of the thread</span>
    <Choice
      label="Hand of the thread"
      options={hands}
      value={entry.form.thread?.hand ?? 'RIGHT'}
      onchange={(hand) => {
        if (entry.form.thread) entry.set('thread', { ...entry.form.thread, hand })
      }}
    />
  </div>
  <Pick label="Lock" options={locks} value={entry.lockId} onchange={(id) => entry.setLock(id)} />
  <Pick
    label="Nut set by"
    options={procedures}
    value={entry.form.procedure}
    onchange={(procedure) => entry.set('procedure', procedure)}
  />
  <Pick
    label="Washer"
    options={washers}
    value={entry.form.washer}
    onchange={(washer) => entry.set('washer', washer)}
  />
  <Pick
    label="Seal"
    options={seals}
    value={entry.form.seal}
    onchange={(seal) => entry.set('seal', seal)}
  />
  <Pick
    label="Cap"
    options={caps}
    value={entry.form.cap}
    onchange={(cap) => entry.set('cap', cap)}
  />
  <Pick
    label="Brake"
    options={brakes}
    value={entry.form.brake}
    onchange={(brake) => entry.set('brake', brake)}
  />
  <Pick
    label="Cavity"
    options={cavities}
    value={entry.form.cavity}
    onchange={(cavity) => entry.set('cavity', cavity)}
  />
  <Pick
    label="What sets the play"
    options={spacings}
    value={entry.form.spacing ?? 'NUT_SETS'}
    onchange={(spacing) => entry.set('spacing', spacing)}
  />
  <Pick
    label="Snap ring in the hub"
    options={snapRings}
    value={entry.form.snapRing ?? 'NONE'}
    onchange={(ring) => entry.set('snapRing', ring)}
  />
  <Pick
    label="Wheel held by"
    options={wheelFixings}
    value={entry.form.wheel ?? 'NUTS'}
    onchange={(wheel) => entry.set('wheel', wheel)}
  />
</div>
<details class="mt-3 border-t border-rule pt-2">
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold">Measured sizes</summary>
  <div class="mb-2 flex items-center gap-3">
    <Choice
      label="Unit of the sizes"
      options={units}
      value={entry.unit}
      onchange={(unit) => entry.setUnit(unit)}
    />
    <p class="text-label text-ink2">
      Leave out what nobody has measured: it is drawn dashed, from the usual.
    </p>
  </div>
  <div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
    {#each dimensions as dimension (dimension.id)}
      <Field
        label={dimension.words}
        inputmode="decimal"
        autocomplete="off"
        value={entry.sizes[dimension.id] ?? ''}
        oninput={(event) => {
          entry.sizes[dimension.id] = event.currentTarget.value
        }}
        error={entry.badSize(dimension.id) || errorAt(`dimensions.${dimension.id}`)}
      />
    {/each}
  </div>
</details>

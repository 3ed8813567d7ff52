<script lang="ts">
  import type { Schemas } from '$api/client'

  interface Props {
    view: Schemas['WheelEndView']
    siblings: Schemas['StandingView'][]
  }

  let { view, siblings }: Props = $props()

  const lock = $derived.by(() => {
    const { lock } = view
    const marks = (name: string): string => {
      const at = (lock.marksDegrees ?? []).map((d) => `${d}°`)
      return at.length === 1 ? `one ${name}` : `${name}s at ${at.join(', ')}`
    }
    switch (lock.kind) {
      case 'CASTLE_NUT':
        return `castle nut, ${lock.slots} slots; ${marks('hole')}`
      case 'SEATED_RETAINER':
        return `${lock.slots}-slot retainer, ${lock.seats} seats; ${marks('hole')}`
      case 'TANG_WASHER':
        return `tang washer on ${lock.flats} flats; ${marks('tang')}`
      case 'LOCK_PLATE':
        return `lock plate, ${lock.plateHoles} on ${lock.ringHoles} holes, ${lock.screws} screws`
      case 'TWO_NUTS':
        return 'two nuts with tab washer'
      case 'STAKED_COLLAR':
        return 'staked collar; nut always new'
    }
  })
  const window = $derived.by(() => {
    const figure = view.figures[0] // the first one governs
    if (!figure) return ''
    const unit = figure.least.unit === 'MILLIMETRE' ? 'mm' : 'thou'
    return `${figure.least.number.toFixed(3)} to ${figure.most.number.toFixed(3)} ${unit}; ${figure.source}`
  })
  const rows = $derived([
    ['Hub', view.construction],
    [
      'Thread',
      `${view.thread.designation ?? ''}, ${view.thread.hand === 'RIGHT' ? 'right-hand' : 'left-hand'}`,
    ],
    ['Lock', lock],
    [
      'Washer',
      view.washerThicknessMillimetres ? `${view.washerThicknessMillimetres} mm` : 'not measured',
    ],
    ['Window', window],
  ])
</script>

<div>
  <h1 id="which" class="type-say">{view.rigName}, {view.position}</h1>
  {#if siblings.length > 1}
    <nav aria-label="Wheel ends of this rig" class="mt-2 flex flex-wrap gap-1">
      {#each siblings as sibling (sibling.id)}
        <a
          href={`/wheel-ends/${sibling.id}`}
          aria-current={sibling.id === view.id ? 'page' : undefined}
          class={[
            'flex min-h-9 items-center rounded-plate border px-2.5 text-label font-semibold no-underline',
            sibling.id === view.id
              ? 'border-ink bg-ink text-wall'
              : 'border-ink bg-sheet text-ink hover:bg-tray',
          ]}
        >
          {sibling.position}
        </a>
      {/each}
    </nav>
  {/if}
</div>
<dl class="border border-ink bg-sheet text-label">
  {#each rows as [term, said] (term)}
    <div class="grid grid-cols-[5.2rem_1fr] border-b border-rule last:border-b-0">
      <dt class="border-r border-rule px-3 py-1.5 text-ink2">{term}</dt>
      <dd class="px-3 py-1.5 font-semibold">{said}</dd>
    </div>
  {/each}
</dl>

<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    view: Schemas['WheelEndView']
    siblings: Schemas['StandingView'][]
  }

  let { view, siblings }: Props = $props()
</script>

<div>
  <h1 id="which" class="type-say">
    <a href={`/rigs/${view.rigId}`} class="text-ink no-underline hover:underline">{view.rigName}</a
    >, {view.position}
  </h1>
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

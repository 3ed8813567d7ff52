<script lang="ts">
  import { tick, type Snippet } from 'svelte'
  import { ownPart, type Beginning } from './beginning'

  interface Props {
    from: Beginning
    /** The first number of one's own: what stood there as an example goes. */
    onown: () => void
    children: Snippet
    class?: string
  }

  let { from, onown, children, class: extra }: Props = $props()

  /** What was typed is the first of one's own numbers, whatever it was typed into. */
  async function makeRoom(event: Event): Promise<void> {
    const field = event.target
    if (from !== 'EXAMPLE' || !(field instanceof HTMLInputElement)) return
    const own = ownPart(event, field.value)
    onown()
    await tick()
    field.value = own
    field.dispatchEvent(new InputEvent('input', { bubbles: true }))
  }
</script>

<div class={['flex flex-col gap-3', extra]} oninput={(event) => void makeRoom(event)}>
  {#if from === 'EXAMPLE'}
    <p class="rounded-plate bg-brass-wash px-3 py-2" role="note">
      <b>A worked example.</b> Type a number of your own, and it makes room.
    </p>
  {:else if from !== 'OWN'}
    <p class="rounded-plate bg-grease-wash px-3 py-2" role="note">
      Of the hub in hand last: <b>{from.words}</b>.
    </p>
  {/if}
  {@render children()}
</div>

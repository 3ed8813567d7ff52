<script lang="ts">
  import { WithSizes } from '$features/calliper'
  import { NumberField } from '$ui/number-field'
  import { Answer } from '$features/reckoner/shared'
  import type { SealLand } from './seal.svelte'

  interface Props {
    land: SealLand
    onedit: () => void
  }

  let { land, onedit }: Props = $props()

  const landMark = {
    POLISH: 'good',
    SET_BESIDE: 'soon',
    SLEEVE: 'outside',
    SPINDLE: 'never',
  } as const
</script>

<section aria-labelledby="land" class="flex flex-col gap-3 border-t-2 border-ink pt-3">
  <h2 id="land" class="type-h">A groove where the seal runs?</h2>
  <WithSizes drawing="groove">
    <div class="grid grid-cols-2 gap-3">
      <NumberField
        label="Depth of the groove"
        data-size="depth"
        bind:value={land.depth}
        oninput={onedit}
        error={land.fieldError('depth.number')}
      />
      <NumberField
        label="Room to set the seal beside it"
        data-size="room"
        bind:value={land.room}
        oninput={onedit}
        error={land.fieldError('room.number')}
      />
    </div>
  </WithSizes>
  {#if land.found}
    <Answer mark={landMark[land.found.remedy]} words={land.found.words} />
  {/if}
</section>

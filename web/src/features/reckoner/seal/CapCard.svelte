<script lang="ts">
  import { WithSizes } from '$features/calliper'
  import { leadingSize, otherSize } from '$features/display'
  import { NumberField } from '$ui/number-field'
  import { Answer } from '$features/reckoner/shared'
  import type { Cap } from './seal.svelte'

  interface Props {
    cap: Cap
    onedit: () => void
  }

  let { cap, onedit }: Props = $props()

  const capMark = { HOLDS: 'good', FALLS_OFF: 'never', BUCKLES: 'outside' } as const
</script>

<section aria-labelledby="cap" class="flex flex-col gap-3 border-t-2 border-ink pt-3">
  <h2 id="cap" class="type-h">Which cap?</h2>
  <WithSizes drawing="cap">
    <div class="grid grid-cols-2 gap-3">
      <NumberField
        label="Cap bore of the hub"
        data-size="capBore"
        bind:value={cap.bore}
        oninput={onedit}
        error={cap.fieldError('bore.number')}
      />
      <NumberField
        label="Cap at hand, outside"
        data-size="cap"
        bind:value={cap.cap}
        oninput={onedit}
        error={cap.fieldError('cap.number')}
      />
    </div>
  </WithSizes>
  {#if cap.found}
    <p role="status">
      <span class="block text-label font-semibold">Ask for, outside diameter</span>
      <span class="type-num text-[26px] leading-tight font-semibold"
        >{leadingSize(cap.found.least)} to {leadingSize(cap.found.most)}</span
      >
      <span class="block type-num text-ink2"
        >{otherSize(cap.found.least)} to {otherSize(cap.found.most)}</span
      >
    </p>
    {#if cap.found.verdict && cap.found.words}
      <Answer mark={capMark[cap.found.verdict]} words={cap.found.words} />
    {/if}
    <p class="text-label text-ink2">
      Tapped in square, on its rim, with wood or a soft hammer. Common practice.
    </p>
  {/if}
</section>

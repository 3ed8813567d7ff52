<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingSize, otherSize } from '$features/display'
  import { OwnTools } from '$features/reckoner/shared'
  import SealDrawing from './SealDrawing.svelte'

  interface Props {
    seal: Schemas['SealView']
  }

  let { seal }: Props = $props()
</script>

<div class="@container">
  <div class="grid gap-x-5 gap-y-3 @lg:grid-cols-2">
    <SealDrawing drawing={seal.drawing} />
    <div class="flex flex-col gap-2">
      <p class="type-card">{seal.orientation}</p>
      <p>{seal.outside}</p>
      <p>{seal.stop}</p>
      <p><b class="text-verdigris">Press on</b> {seal.mayTouch.join(', or ')}.</p>
      <p><b class="text-oxide">Never on</b> {seal.mustNotTouch.join('; ')}.</p>
    </div>
  </div>
</div>
<div role="status">
  <span class="block text-label font-semibold">Driver, outside diameter</span>
  <span class="type-num text-[34px] leading-tight font-semibold"
    >{leadingSize(seal.driverLeast)}{seal.driverMost
      ? ` to ${leadingSize(seal.driverMost)}`
      : ' or more'}</span
  >
  <span class="block type-num text-ink2"
    >{otherSize(seal.driverLeast)}{seal.driverMost
      ? ` to ${otherSize(seal.driverMost)}`
      : ' or more: a flat plate on its rim'}</span
  >
  {#if seal.driverInside}
    <p>
      Hollow, at least <b class="type-num">{leadingSize(seal.driverInside)}</b> inside, so that it clears
      what must not be touched.
    </p>
  {/if}
</div>
<OwnTools own={seal.own} />

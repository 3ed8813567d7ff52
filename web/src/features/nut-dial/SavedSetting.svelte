<script lang="ts">
  import type { Schemas } from '$api/client'
  import { BothUnits, day } from '$features/display'
  import { Mark } from '$ui/mark'
  import { shapeOf } from './stop-marks'

  interface Props {
    setting: Schemas['NutSettingView']
    wheelEndId: string
  }

  let { setting, wheelEndId }: Props = $props()
</script>

<div
  class="flex flex-wrap items-center gap-4 rounded-plate border-2 border-verdigris bg-verdigris-wash p-4"
  role="status"
>
  <Mark shape={shapeOf[setting.verdict]} size={44} />
  <div class="flex-1">
    <p class="type-h">On record</p>
    <p class="text-label">{day(setting.setAt)}, {setting.setBy}</p>
    {#if setting.awaitsSignOff}<p class="font-semibold">It waits for a mechanic’s sign-off.</p>{/if}
  </div>
  <BothUnits length={setting.measuredEndPlay ?? setting.endPlay} size="reading" />
  <p class="w-full text-label">
    Spin and rock the wheel once more. After the first 50 to 100 km feel the hub and torque the
    wheel nuts again.
    <a href={`/wheel-ends/${wheelEndId}`} class="ml-1 font-semibold">To the wheel end</a>
  </p>
</div>

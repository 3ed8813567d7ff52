<script lang="ts">
  import type { Schemas } from '$api/request'
  import { BothUnits, day, leadingLength } from '$features/display'
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { keys } from '$features/keys'
  import { KeyCap } from '$ui/key-cap'
  import { Mark } from '$ui/mark'
  import { shapeOf } from '$features/nut-dial/state'

  interface Props {
    setting: Schemas['NutSettingView']
    wheelEndId: string
    /** The job it was set for; empty where it was set by itself. */
    jobId?: string
  }

  let { setting, wheelEndId, jobId = '' }: Props = $props()

  /** What is as it should be asks for no further press; anything else is looked at first. */
  const asItShouldBe = $derived(
    setting.verdict === 'INSIDE' && (setting.certain || !setting.uncertainty),
  )

  onMount(() => {
    if (!jobId) return
    if (asItShouldBe) {
      void goto(`/bench/${jobId}?set=inside`)
      return
    }
    return keys.add([
      {
        keys: [' ', 'PageDown'],
        does: 'Back to the bench',
        run: () => void goto(`/bench/${jobId}?set=1`),
      },
    ])
  })
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
  {#if !setting.certain && setting.uncertainty}
    <p class="w-full font-semibold">
      Too close to an edge of its window to tell, ± {leadingLength(setting.uncertainty)}. Measure it
      again when you can.
    </p>
  {/if}
  <p class="w-full text-label">
    Spin and rock the wheel once more. After the first 50 to 100 km feel the hub and torque the
    wheel nuts again.
    {#if !jobId}
      <a href={`/wheel-ends/${wheelEndId}`} class="ml-1 font-semibold">To the wheel end</a>
    {/if}
  </p>
  {#if jobId && !asItShouldBe}
    <a
      href={`/bench/${jobId}?set=1`}
      class="flex min-h-14 w-full items-center justify-between rounded-plate bg-grease-fill px-4 type-card text-on-grease no-underline"
    >
      Back to the bench <KeyCap key="Space" />
    </a>
  {/if}
</div>

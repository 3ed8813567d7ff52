<script lang="ts">
  import type { Schemas } from '$api/request'
  import { day, degrees, figure, leadingLength, otherLength } from '$features/display'
  import { authorityWords, shapeOf, verdictWords } from '$features/nut-dial/state'
  import { Button } from '$ui/button'
  import { Mark } from '$ui/mark'
  import { leftWith } from './chart'

  interface Props {
    settings: Schemas['NutSettingView'][]
    /** Given where a mechanic may sign off. */
    onsignoff?: (settingId: string) => void
  }

  let { settings, onsignoff }: Props = $props()
</script>

<ol class="border-t-2 border-ink" aria-label="Settings, latest first">
  {#each settings as setting (setting.id)}
    {@const play = leftWith(setting)}
    <li class="grid grid-cols-[30px_1fr_auto] gap-x-3 border-b border-rule py-2.5">
      <Mark shape={shapeOf[setting.verdict]} size={26} />
      <div class="min-w-0">
        <p>
          <span class="font-semibold">{day(setting.setAt)}</span>
          <span class="text-ink2">{setting.setBy}</span>
        </p>
        <p class="text-label">
          {verdictWords[setting.verdict]}, {setting.measuredEndPlay
            ? 'measured'
            : 'by the angle'}{setting.certain || !setting.uncertainty
            ? ''
            : `, ± ${leadingLength(setting.uncertainty)}: too close to tell`}; backed off
          <span class="type-num">{degrees(setting.backOffDegrees)}</span>
          {#if setting.engagedMarks.length > 0 && setting.lockWords.includes(' at ')}to {setting.lockWords.includes(
              'tang',
            )
              ? 'tang'
              : 'hole'}
            {setting.engagedMarks.join(' or ')}{/if}
          {#if setting.finalTorque}, final torque <span class="type-num"
              >{figure(setting.finalTorque.poundForceInches)} lbf·in</span
            >{/if}
        </p>
        <p class="text-min text-ink2">
          {setting.lockWords} on {setting.threadDesignation}; {authorityWords[
            setting.windowAuthority
          ].toLowerCase()},
          {setting.windowSource}
        </p>
        {#if setting.awaitsSignOff}
          <p class="mt-1 flex flex-wrap items-center gap-2 text-label font-semibold">
            <Mark shape="signOff" size={20} /> Waits for a mechanic’s sign-off.
            {#if onsignoff}
              <Button class="min-h-11" onclick={() => onsignoff(setting.id)}>Sign it off</Button>
            {/if}
          </p>
        {:else if setting.signedOffBy}
          <p class="text-min text-ink2">Signed off by {setting.signedOffBy}.</p>
        {/if}
        {#if setting.note}<p class="mt-0.5 text-label">“{setting.note}”</p>{/if}
      </div>
      <p class="text-right leading-tight">
        <span class="block type-num font-semibold">{leadingLength(play)}</span>
        <span class="block type-num text-min text-ink2">{otherLength(play)}</span>
      </p>
    </li>
  {/each}
</ol>

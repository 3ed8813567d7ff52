<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    caution: Schemas['CautionView']
    met: boolean
    /** Beside others: what is to be done stays in sight below. */
    slim?: boolean
    onmeet: () => void
  }

  let { caution, met, slim = false, onmeet }: Props = $props()
</script>

<div class={['rounded-plate border-2 border-ink', met ? 'bg-sheet' : 'bg-brass-wash']} role="note">
  <button
    type="button"
    class={['flex w-full gap-3 text-left', slim ? 'items-center px-2.5 py-1.5' : 'p-3']}
    aria-pressed={met}
    onclick={(event) => {
      onmeet()
      event.currentTarget.blur() // the pedal's Space is for the blue button
    }}
  >
    <svg
      width={slim ? 28 : 40}
      height={slim ? 28 : 40}
      viewBox="-17 -17 34 34"
      aria-hidden="true"
      class={['flex-none', !slim && 'mt-0.5']}
    >
      <path
        d="M0 -13 14 12H-14Z"
        class={[met ? 'fill-sheet' : 'fill-brass-fill', 'stroke-ink']}
        stroke-width="2"
      />
      {#if met}
        <path d="M-5 4 -1.5 8 5 -1" class="fill-none stroke-verdigris" stroke-width="3" />
      {:else}
        <path d="M0 -5V4M0 7V9.6" class="stroke-on-brass" stroke-width="3" />
      {/if}
    </svg>
    {#if slim}
      <span class="text-label leading-snug"><b>{caution.title}.</b> {caution.words}</span>
    {:else}
      <span>
        <span class="block type-card">{caution.title}{met ? ': met' : ''}</span>
        {#if !met}<span class="mt-0.5 block">{caution.words}</span>{/if}
      </span>
    {/if}
  </button>
</div>

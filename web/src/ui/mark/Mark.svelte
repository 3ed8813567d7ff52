<script lang="ts">
  import type { MarkShape } from './shapes'

  interface Props {
    shape: MarkShape
    size?: number
    x?: number
    y?: number
  }

  let { shape, size = 26, x = 0, y = 0 }: Props = $props()
</script>

<!-- shape first, then the word beside it, colour last: the mark alone never carries the state -->
<svg {x} {y} width={size} height={size} viewBox="-14 -14 28 28" aria-hidden="true" class="mark">
  {#if shape === 'good'}
    <circle r="11" class="fill-sheet stroke-verdigris" stroke-width="2.6" />
    <path d="M-5 0 -1.2 4.4 5.4 -4.6" class="stroke-verdigris" stroke-width="3" fill="none" />
  {:else if shape === 'soon'}
    <path d="M0 -11 12 10H-12Z" class="fill-sheet" />
    <path d="M-7.4 2H7.4L12 10H-12Z" class="fill-brass-fill" />
    <path d="M0 -11 12 10H-12Z" class="stroke-ink" stroke-width="1.8" fill="none" />
  {:else if shape === 'overdue'}
    <path d="M0 -11.5 12.5 10.5H-12.5Z" class="fill-brass-fill stroke-ink" stroke-width="1.8" />
    <path d="M0 -5V3.2M0 5.6V8" class="stroke-on-brass" stroke-width="2.6" />
  {:else if shape === 'never'}
    <path
      d="M-5.2 -12.5H5.2L12.5 -5.2V5.2L5.2 12.5H-5.2L-12.5 5.2V-5.2Z"
      class="fill-oxide stroke-oxide"
    />
    <path d="M-4.6 -4.6 4.6 4.6M4.6 -4.6 -4.6 4.6" class="stroke-on-oxide" stroke-width="3.2" />
  {:else if shape === 'outside'}
    <path d="M0 -12.5 12.5 0 0 12.5 -12.5 0Z" class="fill-sheet stroke-brass" stroke-width="2.6" />
    <path d="M-5 0H5" class="stroke-brass" stroke-width="3" />
  {:else if shape === 'renew'}
    <path
      d="M0 -12.5 12.5 0 0 12.5 -12.5 0Z"
      class="fill-brass-fill stroke-ink"
      stroke-width="1.8"
    />
    <path d="M-5 0H5M0 -5V5" class="stroke-on-brass" stroke-width="2.6" />
  {:else if shape === 'inHand'}
    <path
      d="M-11 -11H11V11H-11Z"
      class="fill-grease-wash stroke-grease"
      stroke-width="2.4"
      stroke-dasharray="5 3"
    />
    <circle r="3.4" class="fill-grease" />
  {:else if shape === 'jobOpen'}
    <path
      d="M-11.5 -11.5H11.5V11.5H-11.5Z"
      class="fill-grease-wash stroke-grease"
      stroke-width="2.4"
      stroke-dasharray="5 3"
    />
  {:else if shape === 'signOff'}
    <path d="M-11 -11H11V11H-11Z" class="fill-sheet stroke-ink" stroke-width="2" />
    <path
      d="M-6.5 4C-3 -7 -1.5 -5 -2.5 1S1 3 2.5 -1 3.5 5 7 2"
      class="stroke-grease"
      stroke-width="2.2"
      fill="none"
    />
  {:else if shape === 'unknown'}
    <circle r="11" class="fill-sheet stroke-ink2" stroke-width="2" stroke-dasharray="4 3" />
    <path d="M-5 0H-1.6M1.6 0H5" class="stroke-ink2" stroke-width="2.6" />
  {/if}
</svg>

<style>
  .mark {
    overflow: visible;
    flex: none;
  }
</style>

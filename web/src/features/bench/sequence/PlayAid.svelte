<script lang="ts">
  import { Play, PlayReadings } from '$features/play'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  const wheelEndId = $derived(bench.job?.hub.wheelEndId ?? '')
  // of the wheel end, not of the job, which is another object at each look: readings would be lost with the old one
  const play = $derived(new Play(wheelEndId))

  /** What the readings come to is the step's reading. */
  function found(): void {
    if (play.found)
      bench.readings.set('END_PLAY', play.found.endPlay.millimetres.toFixed(3), 'MILLIMETRE')
  }
</script>

<div class="mt-3 border-2 border-ink bg-tray p-3">
  <PlayReadings {play} onfound={found} />
</div>

<script lang="ts">
  import { Button } from '$ui/button'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
  }

  let { bench }: Props = $props()

  const absent = $derived(bench.job?.parts.absent ?? [])
  const named = (parts: readonly { words: string }[]): string =>
    parts.map((one) => one.words).join(', ')
  const onRecord = $derived(absent.filter((one) => one.onRecord))
</script>

{#if absent.length > 0}
  <div class="mt-3 flex flex-col items-start gap-1.5">
    <p>
      <b>Not on this hub:</b>
      {named(absent)}{onRecord.length > 0 ? '. Its record says otherwise.' : ''}
    </p>
    {#if onRecord.length > 0}
      <Button
        size="list"
        disabled={bench.attempt.busy}
        onclick={(event) => {
          event.currentTarget.blur() // the pedal's Space is for the blue button
          void bench.recordAbsent()
        }}>Write it into the record: no {named(onRecord)}</Button
      >
    {/if}
  </div>
{/if}

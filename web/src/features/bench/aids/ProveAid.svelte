<script lang="ts">
  import { AfterDrive, AfterDriveFound } from '$features/setting-chart'
  import { Button } from '$ui/button'
  import { NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'
  import { type Bench, symbolOf } from '$features/bench/job'

  interface Props {
    bench: Bench
    aid: 'WARMTH' | 'PROVED'
  }

  let { bench, aid }: Props = $props()

  const spins = [
    { value: 'NOT_TRIED', label: 'not tried yet' },
    { value: 'FREE', label: 'free' },
    { value: 'STIFF', label: 'stiff all round' },
    { value: 'RUBS', label: 'rubs: a brake' },
    { value: 'GROWLS', label: 'growls, grinds' },
  ] as const

  // svelte-ignore state_referenced_locally
  const after = new AfterDrive(bench.job?.hub.wheelEndId ?? '')
  let day = $state('15')
  let sure = $state(false)

  const typed = (kind: string) => bench.readings.all.find((one) => one.kind.kind === kind)
  const hub = $derived(typed('HUB_TEMPERATURE'))
  const other = $derived(typed('OTHER_HUB_TEMPERATURE'))
  const metric = $derived(hub?.unit !== 'DEGREE_FAHRENHEIT')

  // what the big keys type is judged as it is typed; the server is the outside world
  $effect(() => {
    after.hub = hub?.text ?? ''
    after.other = other?.unit === hub?.unit ? (other?.text ?? '') : ''
    void after.ask(day, metric)
  })

  // told beside the number too: the keys leave no room for what stands beneath them
  $effect(() => {
    const found = after.found
    bench.readings.said =
      found && found.verdict !== 'FINE'
        ? { kind: 'HUB_TEMPERATURE', words: `${found.words.split(':')[0] ?? ''}, see below` }
        : null
    return () => {
      bench.readings.said = null
    }
  })

  /** What was measured, so that it stays on record with the setting that is opened again. */
  const measured = $derived(
    bench.readings.all
      .filter((one) => one.text !== '')
      .map((one) => `${one.kind.words} ${one.text} ${symbolOf(one)}`)
      .join(', '),
  )
  const found = $derived(aid === 'WARMTH' ? 'HOT' : 'LOOSE')
</script>

<section aria-label="What the drive says" class="mt-3 border-2 border-ink bg-tray p-3">
  {#if aid === 'WARMTH'}
    <div class="grid grid-cols-2 gap-3">
      <NumberField label={`The day, ${metric ? '°C' : '°F'}`} bind:value={day} />
      <NumberField label="Driven, km" bind:value={after.kilometres} />
    </div>
    <Pick
      class="mt-2"
      label="Raised, it spins"
      options={spins}
      value={after.spin}
      onchange={(spin) => {
        after.spin = spin
      }}
    />
    <div class="mt-3" aria-live="polite">
      {#if after.found}
        <AfterDriveFound found={after.found} />
      {:else}
        <p class="text-label">Type both temperatures; what they say stands here.</p>
      {/if}
    </div>
  {/if}
  <div class="mt-3 border-t border-ink pt-3">
    {#if sure}
      <p class="font-semibold">
        Raised again, cap and lock off, the nut set anew and on record, then closed and driven
        again. What you found stays on record.
      </p>
      <div class="mt-2 grid gap-2 tab:grid-cols-2">
        <Button
          tone="main"
          onclick={() => {
            void bench.reopenSetting(found, measured)
          }}>{aid === 'WARMTH' ? 'It runs hot: set it again' : 'It rocks: set it again'}</Button
        >
        <Button
          onclick={() => {
            sure = false
          }}>Leave the nut</Button
        >
      </div>
    {:else}
      <Button
        class="w-full"
        onclick={() => {
          sure = true
        }}>Not right: back to the setting</Button
      >
    {/if}
  </div>
</section>

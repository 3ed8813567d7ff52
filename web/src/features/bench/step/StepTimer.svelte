<script lang="ts">
  import { onDestroy } from 'svelte'
  import type { Schemas } from '$api/request'

  interface Props {
    timer: Schemas['TimerView']
  }

  let { timer }: Props = $props()

  let startedAt = $state(0)
  let now = $state(0)
  let ticking: ReturnType<typeof setInterval> | undefined

  const left = $derived(
    startedAt === 0 ? timer.seconds : timer.seconds - Math.floor((now - startedAt) / 1000),
  )
  const clock = $derived(
    `${Math.floor(Math.abs(left) / 60)}:${String(Math.abs(left) % 60).padStart(2, '0')}`,
  )

  function start(): void {
    startedAt = now = Date.now()
    clearInterval(ticking)
    ticking = setInterval(() => {
      now = Date.now()
    }, 250)
  }

  onDestroy(() => clearInterval(ticking))
</script>

<div class="flex items-center gap-4 rounded-plate border border-ink bg-sheet px-3 py-2">
  <span
    role="timer"
    aria-label={timer.words}
    class={['type-num text-reading', left < 0 && 'text-oxide']}>{left < 0 ? '+' : ''}{clock}</span
  >
  <span class="flex-1 leading-tight">{timer.words}{left < 0 ? ': over' : ''}</span>
  <button
    type="button"
    class="min-h-14 rounded-plate border border-ink px-4 font-semibold hover:bg-tray"
    onclick={start}>{startedAt === 0 ? 'Start' : 'Again'}</button
  >
</div>

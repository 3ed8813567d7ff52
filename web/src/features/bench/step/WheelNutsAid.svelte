<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { remember, remembered } from '$features/display'
  import { WheelNutsCard } from '$features/wheel-nuts'
  import { Choice } from '$ui/choice'

  interface Props {
    wheelEnd: string
    /** Which round this step begins with. */
    from: Schemas['TorqueStageView']['kind']
  }

  let { wheelEnd, from }: Props = $props()

  const counts = ['3', '4', '5', '6', '7', '8', '9', '10'] as const
  type Count = (typeof counts)[number]

  // svelte-ignore state_referenced_locally
  const kept = `studs of ${wheelEnd}`
  let studs = $state<Count>(counts.find((count) => count === remembered(kept)) ?? '5')
  let nuts = $state.raw<Schemas['WheelNutsView'] | null>(null)
  const attempt = new Attempt()

  async function load(): Promise<void> {
    await attempt.run(async () => {
      nuts = await api.wheelNutsOf(wheelEnd, Number(studs))
    })
  }

  onMount(() => void load())
</script>

<section aria-label="Wheel nuts" class="mt-3 border-2 border-ink bg-tray p-3">
  <div class="mb-3 flex flex-wrap items-center gap-2">
    <span class="text-label font-semibold">Nuts on this wheel</span>
    <Choice
      class="flex-wrap"
      label="Nuts on this wheel"
      options={counts.map((value) => ({ value, label: value }))}
      value={studs}
      onchange={(next) => {
        studs = next
        remember(kept, next)
        void load()
      }}
    />
  </div>
  {#if nuts}
    {#key nuts}<WheelNutsCard {nuts} {from} />{/key}
  {:else if attempt.problem}
    <p>{attempt.problem.detail}</p>
  {/if}
</section>

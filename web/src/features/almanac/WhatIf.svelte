<script lang="ts">
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Pick } from '$ui/pick'
  import type { RigAlmanac } from './rig-almanac.svelte'

  interface Props {
    rig: RigAlmanac
  }

  let { rig }: Props = $props()

  let practices = $state.raw<Schemas['IntervalPracticeView'][]>([])
  let practice = $state('')
  let factor = $state<Factor>('1')

  type Factor = '0.5' | '1' | '1.5' | '2' | '3'
  const factors: { value: Factor; label: string }[] = [
    { value: '0.5', label: '½' },
    { value: '1', label: 'as now' },
    { value: '1.5', label: '1½' },
    { value: '2', label: '2×' },
    { value: '3', label: '3×' },
  ]
  const options = $derived([
    { value: '', label: 'the rules on file' },
    ...practices.map((one) => ({
      value: one.id,
      label: one.name,
      note: one.rules
        .filter((rule) => rule.action === 'REPACK')
        .map((rule) => rule.words.replace('repack and set ', ''))
        .join(', '),
    })),
  ])
  const changed = $derived(practice !== '' || factor !== '1')

  onMount(async () => {
    practices = await records.intervalPractices()
  })

  function look(): void {
    if (!changed) {
      rig.asItIs()
      return
    }
    void rig.tryOut({ ...(practice === '' ? {} : { practice }), useFactor: Number(factor) })
  }
</script>

<section aria-labelledby="what-if" class="rounded-plate border border-ink bg-sheet p-3">
  <h2 id="what-if" class="type-h">What if …</h2>
  <p class="text-label text-ink2">Laid over the strip; nothing is kept.</p>
  <div class="mt-2 flex flex-col gap-3">
    <Pick
      label="It went by"
      {options}
      value={practice}
      onchange={(next) => {
        practice = next
        look()
      }}
    />
    <div class="flex flex-col gap-1">
      <span class="text-label font-semibold">It was used</span>
      <Choice
        label="It was used"
        options={factors}
        value={factor}
        onchange={(next) => {
          factor = next
          look()
        }}
      />
    </div>
    {#if rig.other}
      <Button
        onclick={() => {
          practice = ''
          factor = '1'
          rig.asItIs()
        }}>As it is</Button
      >
    {/if}
  </div>
</section>

<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Mark } from '$ui/mark'

  interface Props {
    look: Schemas['DiagnosisView']
  }

  let { look }: Props = $props()

  const tone = { YES: 'good', TO_THE_WORKSHOP: 'soon', NO: 'never' } as const
</script>

<section aria-labelledby="points-to" class="border-t-2 border-ink pt-2">
  <p
    class={[
      'flex items-start gap-2.5 rounded-plate border-2 p-2.5',
      look.drive === 'NO' ? 'border-oxide bg-oxide-wash' : 'border-ink bg-sheet',
    ]}
    role={look.drive === 'NO' ? 'alert' : undefined}
  >
    <Mark shape={tone[look.drive]} size={34} />
    <span>
      <span class="block type-card first-letter:uppercase">{look.driveWords}</span>
      <span class="block first-letter:uppercase">{look.driveReason}</span>
    </span>
  </p>
  <h2 id="points-to" class="mt-2 type-card">What it points to</h2>
  <ol>
    {#each look.suspicions as suspected, i (suspected.words)}
      <li class="flex gap-3 border-b border-rule py-1.5">
        <span class="w-4 flex-none font-bold">{i + 1}</span>
        <span>
          <span class="block font-semibold first-letter:uppercase">{suspected.words}</span>
          {#if suspected.because.length > 0}
            <span class="text-label text-ink2">{suspected.because.join('; ')}.</span>
          {/if}
          <span class="block text-label">{suspected.lookNext}</span>
        </span>
      </li>
    {/each}
  </ol>
  <p class="pt-1 text-min text-ink2">
    Common practice. Road-worthiness is for whoever is licensed to judge it.
  </p>
</section>

<script lang="ts">
  import type { Schemas } from '$api/request'
  import { leadingSize, otherSize } from '$features/display'
  import { Button } from '$ui/button'
  import { Mark } from '$ui/mark'
  import { chance, type Identify, type Measurand } from './identify.svelte'

  interface Props {
    identify: Identify
    onnext: (measurand: Measurand) => void
    /** Takes a set that was found; left out where there is nothing to take it for. */
    onuse?: (set: Schemas['SetView']) => void
  }

  let { identify, onnext, onuse }: Props = $props()

  type Candidate = Schemas['CandidateView']
  const found = $derived(identify.found)
  const first = $derived(identify.first)
  const sizes = (set: Candidate['set']): [string, Schemas['LengthView']][] => [
    ['cone bore', set.bore],
    ['cup outside', set.outsideDiameter],
    ['cup width', set.cupWidth],
    ['cone width', set.coneWidth],
    ['overall', set.width],
  ]
  const off = (candidate: Candidate): string =>
    `${candidate.worstWords} is off by ${leadingSize(candidate.worstOff).replace('-', '−')}`
  /** How many agree with the readings as well as the first. */
  const tied = $derived(
    found?.candidates.filter((one) => one.probability > 0.8 * (first?.probability ?? 1)).length ??
      0,
  )
  /** Only of one that it is likely to be: look-alikes of a guess would mislead. */
  const twins = $derived(tied > 1 ? [] : (first?.lookAlikes.slice(0, 4) ?? []))
</script>

<div aria-live="polite" class="flex flex-col gap-3">
  {#if !found || !first}
    <h2 class="type-say">Which bearing is it?</h2>
    <p class="max-w-[46ch] text-read">
      Wipe the ring and look for a number first. Where none can be read, measure what you can reach:
      one reading narrows it, readings on both rings by calliper usually name it.
    </p>
  {:else if found.verdict === 'NOTHING_FITS'}
    <div class="flex items-start gap-3">
      <Mark shape="never" size={40} />
      <h2 class="type-say">None of the sets on file</h2>
    </div>
    <p class="max-w-[50ch] text-read">
      Measure again, first the reading that is off most: a burr or a tape read from the end hook can
      do it. Else it is a bearing that is not on file: the number on the ring tells.
    </p>
    <h3 class="type-h">Nearest, but not it</h3>
    <ul class="border-t-2 border-ink">
      {#each found.candidates as candidate (candidate.set.designation)}
        <li class="border-b border-rule py-2">
          <span class="type-num font-semibold">{candidate.set.designation}</span>
          <span class="text-ink2">{off(candidate)}</span>
        </li>
      {/each}
    </ul>
  {:else}
    <p class="text-label font-semibold">
      {#if found.verdict === 'ONE'}By its sizes it is
      {:else if found.verdict === 'LIKELY_NONE'}Likely none of the sets on file; the nearest is
      {:else if tied > 1}One of {tied} that agree alike; the first is
      {:else if found.verdict === 'LIKELY'}Likely, but not sure yet:
      {:else}May be, far from sure:{/if}
    </p>
    <div class="flex flex-wrap items-end gap-x-5 gap-y-1">
      <h2 class="font-num text-reading leading-none font-bold tracking-tight">
        {first.set.designation}
      </h2>
      <p class="flex items-center gap-2 pb-1">
        <Mark shape={found.verdict === 'ONE' ? 'good' : 'soon'} size={28} />
        <span class="type-card">{chance(first.probability)}</span>
      </p>
    </div>
    {#if first.seatWorn}
      <p class="border-l-4 border-brass bg-brass-wash px-3 py-2 font-semibold">
        The seat is worn, if it is this one: {leadingSize(first.seatWorn)} below the cone’s bore.
      </p>
    {/if}
    <dl class="grid grid-cols-2 border-t border-ink tab:grid-cols-5">
      {#each sizes(first.set) as [words, length] (words)}
        <div class="border-b border-rule py-1.5 pr-2">
          <dt class="text-min text-ink2">{words}</dt>
          <dd class="type-num leading-tight">
            <span class="block font-semibold">{leadingSize(length)}</span>
            <span class="text-min text-ink2">{otherSize(length)}</span>
          </dd>
        </div>
      {/each}
    </dl>
    <p class="text-min text-ink2">
      {#if first.set.confidence === 'UNCERTAIN'}<b class="text-ink"
          >Sizes for guidance only: compare with the old rings.</b
        >{/if}
      Sizes from {first.set.source}.
    </p>
    {#if onuse}
      {@const use = onuse}
      <Button onclick={() => use(first.set)}>Use this one</Button>
    {/if}
    {#if identify.next}
      {@const next = identify.next}
      <Button tone="main" onclick={() => onnext(next.measurand)}>
        Measure the {next.words} next
      </Button>
      <p class="text-label text-ink2">
        It parts what is left best: {next.doubtLeft < 0.02
          ? 'after it there is hardly a doubt.'
          : `in about ${Math.max(1, Math.round(next.doubtLeft * 100))} of 100 cases it would still not be settled.`}
      </p>
    {/if}
    {#if found.candidates.length > 1 || found.noneOnFile >= 0.01}
      <h3 class="type-h">It could also be</h3>
      <ul class="border-t-2 border-ink">
        <li class="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5">
          <span class="font-semibold">None of the sets on file</span>
          <span class="font-semibold">{chance(found.noneOnFile)}</span>
        </li>
        {#each found.candidates.slice(1) as candidate (candidate.set.designation)}
          <li class="flex flex-wrap items-baseline gap-x-3 border-b border-rule py-1.5">
            <span class="type-num font-semibold">{candidate.set.designation}</span>
            <span class="font-semibold">{chance(candidate.probability)}</span>
            <span class="text-label text-ink2">{off(candidate)}</span>
            {#if onuse}
              {@const use = onuse}
              <button
                type="button"
                class="ml-auto min-h-11 px-1 font-semibold text-grease underline underline-offset-3"
                onclick={() => use(candidate.set)}>Use this one</button
              >
            {/if}
          </li>
        {/each}
      </ul>
    {/if}
    {#if twins.length > 0}
      <h3 class="type-h">Easily taken for it</h3>
      <ul class="border-t-2 border-ink">
        {#each twins as twin (twin.designation)}
          <li class="border-b border-rule py-1.5">
            <span class="type-num font-semibold">{twin.designation}</span>
            <span class="text-label">
              {#if twin.sameCupSize}
                has a cup of the same size: only the number on the ring tells them apart.
              {:else}
                its {twin.partedByWords} is {leadingSize(twin.difference).replace('-', '')} ({otherSize(
                  twin.difference,
                ).replace('-', '')})
                {twin.difference.millimetres < 0 ? 'smaller' : 'larger'}.
              {/if}
            </span>
          </li>
        {/each}
      </ul>
      <p class="text-label text-ink2">
        Cone and cup go together: never a cone of one in the cup of another, however well it seems
        to run.
      </p>
    {/if}
  {/if}
</div>

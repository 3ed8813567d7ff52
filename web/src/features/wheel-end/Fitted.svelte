<script lang="ts">
  import { date } from '$features/display'
  import FitForm from './FitForm.svelte'
  import { at, placeOf, places, type Place } from './fitted'
  import type { WheelEnd } from './wheel-end.svelte'

  interface Props {
    end: WheelEnd
  }

  let { end }: Props = $props()

  let open = $state<Place | null>(null)
  const picked = $derived(end.picked ? placeOf(end.picked) : null)
  const rows = $derived(
    places.filter(
      ({ place }) => place !== 'SPACER' || end.view?.build.construction.startsWith('SPACER'),
    ),
  )
</script>

<section aria-labelledby="fitted">
  <h2 id="fitted" class="type-h">What is fitted</h2>
  <ul class="mt-1 border-t-2 border-ink">
    {#each rows as { place, words } (place)}
      {@const { now, before } = at(end.parts, place)}
      <li class={['border-b border-rule', picked === place && 'bg-grease-wash']}>
        <div class="grid min-h-14 grid-cols-[6.4rem_1fr_auto] items-center gap-x-3 px-1 py-1.5">
          <h3 class="text-label leading-tight text-ink2">{words}</h3>
          <div class="min-w-0 leading-tight">
            {#if now}
              <p>
                <span class="type-num font-semibold"
                  >{#each now.words.split('/') as ring, i (i)}{#if i > 0}/<wbr
                      />{/if}{ring}{/each}</span
                >
                <span class="text-label">{now.condition === 'NEW' ? 'new' : 'reused'}</span>
                {#if now.pairNumber}<span class="text-label">pair {now.pairNumber}</span>{/if}
              </p>
              <p class="text-min text-ink2">
                {[
                  now.batch ? `batch ${now.batch}` : '',
                  now.gradeNote,
                  now.packedOn ? `packed ${date(now.packedOn)}` : '',
                  now.fittedOn ? `fitted ${date(now.fittedOn)}` : 'since nobody knows when',
                  now.fittedKm === undefined ? '' : `at ${now.fittedKm.toLocaleString('en-GB')} km`,
                ]
                  .filter(Boolean)
                  .join(', ')}
              </p>
            {:else}
              <p class="text-ink2">{before.length > 0 ? 'taken off' : 'not on record'}</p>
            {/if}
            {#if before.length > 0}
              <p class="text-min text-ink2">
                before: {before
                  .map((part) => `${part.words} until ${date(part.removedOn ?? '')}`)
                  .join('; ')}
              </p>
            {/if}
          </div>
          <button
            type="button"
            class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
            aria-expanded={open === place}
            aria-label={`${now ? 'Change' : 'Enter'} the ${words}`}
            onclick={() => {
              open = open === place ? null : place
            }}>{now ? 'Change' : 'Enter'}</button
          >
        </div>
        {#if open === place}
          <FitForm
            {end}
            {place}
            {words}
            {now}
            ondone={() => {
              open = null
            }}
          />
        {/if}
      </li>
    {/each}
  </ul>
</section>

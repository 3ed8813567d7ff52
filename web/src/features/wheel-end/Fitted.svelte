<script lang="ts">
  import { page } from '$app/state'
  import { placeOfQuery } from '$features/bearing'
  import { date } from '$features/display'
  import FitForm from './FitForm.svelte'
  import { at, placeOf, places, type Place } from './fitted'
  import type { WheelEnd } from './wheel-end.svelte'

  interface Props {
    end: WheelEnd
  }

  let { end }: Props = $props()

  /** A bearing found in the reckoner, for one of the places here. */
  const foundFor = placeOfQuery(page.url.searchParams, 'fit')
  const found = page.url.searchParams.get('set') ?? ''
  let open = $state<Place | null>(found ? foundFor : null)
  const picked = $derived(end.picked ? placeOf(end.picked) : null)
  const rows = $derived(
    places.filter(({ place }) => place !== 'SPACER' || end.view?.build.spacing === 'SPACER'),
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
                {#if !now.onFile}<span class="text-label font-semibold text-oxide"
                    >not on file: nothing is worked out from it</span
                  >{/if}
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
            found={place === foundFor ? found : ''}
            ondone={() => {
              open = null
            }}
          />
        {/if}
      </li>
    {/each}
  </ul>
</section>

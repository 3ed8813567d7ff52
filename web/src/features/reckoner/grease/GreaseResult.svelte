<script lang="ts">
  import type { Schemas } from '$api/request'
  import { between, display, figure } from '$features/display'
  import { Mark } from '$ui/mark'
  import { Answer, temperature } from '$features/reckoner/shared'

  interface Props {
    found: Schemas['GreaseView']
    code: Schemas['GreaseCodeView'] | null
  }

  let { found, code }: Props = $props()

  const meetingMark = {
    COMPATIBLE: 'good',
    BORDERLINE: 'soon',
    INCOMPATIBLE: 'never',
    UNKNOWN: 'unknown',
  } as const
  const filmMark = { HARDLY: 'never', PARTLY: 'outside', WELL: 'good', FULLY: 'soon' } as const
  const fullest = $derived(Math.max(...found.places.map((place) => place.cubicCentimetres.most)))
  const metric = $derived(display.leading === 'metric')
</script>

<section aria-labelledby="amount">
  <h2 id="amount" class="sr-only">How much</h2>
  <div class="flex flex-wrap items-end gap-x-8 gap-y-2" role="status">
    <p>
      <span class="block text-label font-semibold">Grease for this wheel end</span>
      <span class="type-num text-reading font-semibold"
        >{between(found.grams, 10)} <span class="text-read">g</span></span
      >
      <span class="block type-num text-read text-ink2"
        >{between(found.cubicCentimetres, 10)} cm³</span
      >
    </p>
    <p class="pb-1">
      <span class="block type-card">{between(found.strokes, 5)} strokes of the gun</span>
      <span class="block"
        >{#if found.perCartridge.least >= 1.5}
          one 400 g cartridge does {between(found.perCartridge)} like it
        {:else}
          {between(found.cartridges, 0.5)} cartridges of 400 g
        {/if}</span
      >
      <span class="block text-label text-ink2"
        >{found.construction}, {found.inboard} and {found.outboard}</span
      >
    </p>
  </div>
  <ul class="mt-2 border-t-2 border-ink">
    {#each found.places as place (place.place)}
      <li
        class="grid grid-cols-[minmax(0,1fr)_72px_112px_128px] items-center gap-3 border-b border-rule py-1.5"
      >
        <span>{place.words}</span>
        <span class="h-3 border border-ink bg-sheet" aria-hidden="true">
          <span
            class="block h-full bg-grease-fill"
            style:width={`${fullest === 0 ? 0 : (place.cubicCentimetres.most / fullest) * 100}%`}
          ></span>
        </span>
        <span class="text-right type-num font-semibold">{between(place.grams)} g</span>
        <span class="text-right type-num text-label text-ink2"
          >{between(place.cubicCentimetres)} cm³</span
        >
      </li>
    {/each}
  </ul>
  <p class="mt-1 text-label">{found.effect}</p>
  <p class="text-min text-ink2">
    Estimate: density 0.9 g/cm³; the free space of the bearings and sizes nobody measured are
    assumed, so it is between the two. Packed means worms between the rollers all round, whatever
    the sum says.
  </p>
</section>
<section aria-labelledby="meeting" class="border-t border-ink pt-3">
  <h2 id="meeting" class="type-h">With what was in it</h2>
  <Answer mark={meetingMark[found.meeting.verdict]} words={found.meeting.words} />
  <p class="text-read first-letter:uppercase">{found.meeting.actionWords}.</p>
  <p class="text-min text-ink2 first-letter:uppercase">{found.meeting.confidence}</p>
</section>
<section aria-labelledby="wants" class="border-t border-ink pt-3">
  <h2 id="wants" class="type-h">What this hub wants</h2>
  {#each found.misfits as misfit (misfit)}
    <p class="flex items-start gap-2 py-1 font-semibold">
      <Mark shape="outside" size={24} />
      <span>This one {misfit}.</span>
    </p>
  {/each}
  <ul class="mt-1 border-t border-rule">
    {#each found.wants as want (want.wants)}
      <li class="border-b border-rule py-1.5">
        <b class="inline-block first-letter:uppercase">{want.wants}</b>
        <span class="text-label text-ink2">because {want.why}</span>
      </li>
    {/each}
  </ul>
  <p class="mt-1 text-min text-ink2">
    Common practice. The maker’s figure, where there is one, governs.
  </p>
</section>
{#if found.film}
  <section aria-labelledby="film" class="border-t border-ink pt-3">
    <h2 id="film" class="type-h">Oil film</h2>
    <Answer mark={filmMark[found.film.carries]} words={found.film.words} />
    <p class="type-num">
      κ {figure(found.film.inboard)} inboard, {figure(found.film.outboard)} outboard; oil
      {figure(found.film.viscosity)} mm²/s, wheel {Math.round(found.film.turns)} /min
    </p>
    <p class="text-min text-ink2">
      κ is the oil’s thickness over what the bearing needs: below 0.4 metal touches, above 1 a film
      carries (ISO 281, from memory). An estimate.
    </p>
  </section>
{/if}
{#if code}
  <section aria-labelledby="code" class="border-t border-ink pt-3">
    <h2 id="code" class="type-h">What the tin says</h2>
    <p class="text-label text-ink2">
      {code.standard}{code.coldest
        ? `, from ${temperature(code.coldest, metric)}`
        : ''}{code.hottest ? ` to ${temperature(code.hottest, metric)}` : ''}
    </p>
    <dl class="mt-1 border-t border-rule">
      {#each code.pieces as piece, i (i)}
        <div class="grid grid-cols-[5rem_1fr] border-b border-rule py-1">
          <dt class="type-num font-semibold">{piece.code}</dt>
          <dd>{piece.words}</dd>
        </div>
      {/each}
    </dl>
  </section>
{/if}

<script lang="ts">
  import { WithSizes } from '$features/calliper'
  import { BearingPicker } from '$features/bearing'
  import { leadingLength, leadingSize, otherSize } from '$features/display'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import { Answer, OwnTools } from '$features/reckoner/shared'

  import type { Driver } from './race.svelte'

  interface Props {
    driver: Driver
    onedit: () => void
  }

  let { driver, onedit }: Props = $props()
</script>

<section aria-labelledby="driver" class="flex flex-col gap-3 border-r border-b border-ink p-4">
  <h2 id="driver" class="type-h">What do I drive it with?</h2>
  <WithSizes drawing="driver">
    <div class="grid grid-cols-2 gap-3">
      <div class="col-span-2">
        <BearingPicker
          label="Set, cone/cup"
          value={driver.set}
          onchange={(set) => {
            driver.set = set
            onedit()
          }}
          error={driver.fieldError('set')}
        />
      </div>
      <Field
        label="Sockets at hand, outside"
        data-size="sockets"
        hint="several, with spaces"
        autocomplete="off"
        bind:value={driver.sockets}
        oninput={onedit}
      />
      <NumberField
        label="Old cup, outside"
        data-size="oldCup"
        hint="to grind it to a driver"
        bind:value={driver.oldCup}
        oninput={onedit}
      />
      <NumberField
        label="Bore of the hub"
        data-size="bore"
        bind:value={driver.bore}
        oninput={onedit}
      />
    </div>
  </WithSizes>
  {#if driver.found}
    {@const found = driver.found}
    <p role="status">
      <span class="block text-label font-semibold">Driver or socket, outside diameter</span>
      <span class="type-num text-[34px] leading-tight font-semibold"
        >{leadingSize(found.leastOutside)} to {leadingSize(found.mostOutside)}</span
      >
      <span class="block type-num text-ink2"
        >{otherSize(found.leastOutside)} to {otherSize(found.mostOutside)}</span
      >
    </p>
    <OwnTools own={found.own} />
    {#each found.sockets as socket, i (i)}
      <Answer
        mark={socket.suits === 'DOES' ? 'good' : 'never'}
        words={`${driver.asked[i] ?? ''} ${socket.words}`}
      />
    {/each}
    {#if found.grindOff}
      <p>
        Grind <b class="type-num">{leadingLength(found.grindOff)}</b> off the old cup, on diameter: then
        it drives and does not stick.
      </p>
    {/if}
    <p class="text-label text-ink2">
      Going in, the thin edge looks out and is all that may be touched: about
      {leadingSize(found.thinEdge)} wide. Coming out, the drift stands on the thick edge, about
      {leadingSize(found.thickEdge)}. Assumed from the set’s sizes; look at the cup in hand.
    </p>
  {:else}
    <p class="max-w-[44ch] text-read">
      Name the set: you get how wide a driver or socket may be, which of yours will do, and how much
      to grind off the old cup.
    </p>
  {/if}
</section>

<script lang="ts">
  interface Props {
    designation: string
    /** The hub it was found for; empty where it was found for none. */
    wheelEnd: string
  }

  let { designation, wheelEnd }: Props = $props()

  const set = $derived(encodeURIComponent(designation))
  const ways = $derived(
    wheelEnd
      ? [
          {
            href: `/wheel-ends/${wheelEnd}?fit=INBOARD_BEARING&set=${set}`,
            words: 'Into this hub, inboard',
          },
          {
            href: `/wheel-ends/${wheelEnd}?fit=OUTBOARD_BEARING&set=${set}`,
            words: 'Into this hub, outboard',
          },
        ]
      : [
          { href: `/rigs/new?inboard=${set}`, words: 'Enter a rig with it inboard' },
          { href: `/rigs/new?outboard=${set}`, words: 'Enter a rig with it outboard' },
        ],
  )
</script>

<section aria-label="Use this bearing" class="border-2 border-ink bg-tray p-3">
  <h2 class="type-card"><span class="type-num">{designation}</span>: what for?</h2>
  <p class="flex flex-wrap gap-x-5">
    {#each ways as way (way.href)}
      <a href={way.href} class="flex min-h-11 items-center font-semibold">{way.words}</a>
    {/each}
  </p>
  {#if !wheelEnd}
    <p class="text-label text-ink2">
      For a hub on file: its page, “find out which they are” beside the bearing.
    </p>
  {/if}
</section>

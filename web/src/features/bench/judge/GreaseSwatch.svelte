<script lang="ts">
  interface Props {
    grease: string
  }

  let { grease }: Props = $props()

  const BLOB = 'M8 22C4 12 14 4 26 6S60 4 66 14 62 34 48 34 12 34 8 22Z'
</script>

<!-- how it looks on a finger: told by what is drawn in it, not by its tone alone -->
<svg viewBox="0 0 72 40" class="h-10 w-full" aria-hidden="true" fill="none" stroke-width="2">
  {#if grease === 'GONE'}
    <path d={BLOB} class="fill-sheet stroke-line" stroke-dasharray="4 4" />
  {:else if grease === 'THIN_RUNNY'}
    <path
      d="M10 10C20 4 52 4 62 10V16C58 18 58 36 54 36S50 20 46 20 42 30 38 30 34 20 30 20 26 38 22 38 18 20 14 18Z"
      class="fill-brass-wash stroke-ink"
    />
  {:else}
    <path
      d={BLOB}
      class={[
        'stroke-ink',
        grease === 'BLACK_THICK'
          ? 'fill-ink'
          : grease === 'CLEAN'
            ? 'fill-grease-fill'
            : 'fill-sheet',
      ]}
    />
    {#if grease === 'CLEAN'}
      <path d="M20 14C28 10 40 10 48 12" class="stroke-on-grease" stroke-linecap="round" />
    {:else if grease === 'BLACK_THICK'}
      <path d="M18 16 22 12M30 14 34 10M44 14 48 11" class="stroke-line" />
    {:else if grease === 'MILKY'}
      <path
        d="M16 20C22 12 30 12 34 20S46 28 54 18M24 28C32 32 44 30 50 26"
        class="stroke-line"
        stroke-width="3"
      />
    {:else if grease === 'RUSTY'}
      {#each [[20, 16], [32, 12], [44, 18], [54, 14], [28, 26], [40, 28], [52, 26]] as [x, y] (x)}
        <circle cx={x} cy={y} r="3" class="fill-oxide" />
      {/each}
    {/if}
  {/if}
</svg>

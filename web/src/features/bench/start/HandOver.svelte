<script lang="ts">
  import type { JobStart } from './start.svelte'

  interface Props {
    start: JobStart
  }

  let { start }: Props = $props()

  let open = $state(false)
</script>

<details
  ontoggle={(event) => {
    open = event.currentTarget.open
  }}
>
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >Hand this plan to another device</summary
  >
  {#if open}
    <div class="flex flex-wrap items-center gap-4 pb-2">
      <img
        src={start.sheet('svg')}
        alt="Code that opens this plan"
        class="size-52 border border-ink bg-[#fff]"
      />
      <p class="max-w-[30ch]">
        Held before its camera, a phone in the same network opens this plan as it stands here,
        signed in there as whoever holds it. Nothing is begun by it.
      </p>
    </div>
  {/if}
</details>

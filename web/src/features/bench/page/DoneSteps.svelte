<script lang="ts">
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'

  interface Props {
    done: Schemas['DoneView'][]
  }

  let { done }: Props = $props()
</script>

<ol class="pb-2">
  {#each done as one, i (i)}
    <li class="border-b border-rule py-1.5 text-label last:border-b-0">
      <span class="font-semibold">{one.what}</span>
      {#each one.readings as reading (reading)}<span class="type-num">, {reading}</span>{/each}
      <span class="text-ink2">
        · {one.by}, {moment(one.at)}{#if one.inOneGo > 1}, {one.inOneGo} in one go{/if}</span
      >
    </li>
  {/each}
</ol>

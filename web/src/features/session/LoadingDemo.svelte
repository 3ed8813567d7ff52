<script lang="ts">
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/client'
  import { session } from './session.svelte'

  interface Props {
    loading: Schemas['Loading']
  }

  let { loading }: Props = $props()

  onMount(() => {
    const timer = setInterval(() => void session.load(), 1000)
    return () => clearInterval(timer)
  })
</script>

<section aria-labelledby="loading" class="border-t-2 border-ink pt-3">
  <h2 id="loading" class="type-h">The demo is being laid out</h2>
  <p role="status" class="mt-1">
    <span class="type-num text-[26px] font-semibold">{loading.done} of {loading.of}</span>
    rigs and jobs. You can sign in when all are there.
  </p>
  <progress class="mt-3 h-4 w-full accent-grease" value={loading.done} max={loading.of}
    >{loading.done} of {loading.of}</progress
  >
</section>

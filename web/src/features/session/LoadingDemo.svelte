<script lang="ts">
  import { onMount } from 'svelte'
  import type { Schemas } from '$api/request'
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
    <span class="type-num text-[26px] font-semibold">{loading.done}</span>
    of {loading.of} rigs and jobs. You can sign in when all are there.
  </p>
  <svg
    viewBox={`0 0 ${loading.of} 1`}
    preserveAspectRatio="none"
    class="mt-3 h-3 w-full"
    aria-hidden="true"
  >
    <rect width={loading.of} height="1" class="fill-rule" />
    <rect width={loading.done} height="1" class="fill-grease" />
  </svg>
</section>

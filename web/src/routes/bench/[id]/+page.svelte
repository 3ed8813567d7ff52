<script lang="ts">
  import { page } from '$app/state'
  import { BenchPage } from '$features/bench/page'
</script>

{#key page.params['id']}
  <BenchPage jobId={page.params['id'] ?? ''} />
{/key}

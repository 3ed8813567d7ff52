<script lang="ts">
  import { page } from '$app/state'
  import { StartJob } from '$features/bench/start'
</script>

{#key page.params['id']}
  <StartJob from={{ wheelEndId: page.params['id'] ?? '' }} />
{/key}

<script lang="ts">
  import { page } from '$app/state'
  import { WheelEndDialPage } from '$features/nut-dial/saving'
</script>

{#key page.params['id']}
  <WheelEndDialPage
    wheelEndId={page.params['id'] ?? ''}
    jobId={page.url.searchParams.get('job') ?? ''}
  />
{/key}

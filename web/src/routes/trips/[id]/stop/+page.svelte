<script lang="ts">
  import { page } from '$app/state'
  import { StopPage } from '$features/trip'
</script>

{#key page.params.id}
  <StopPage id={page.params.id ?? ''} />
{/key}

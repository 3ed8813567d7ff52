<script lang="ts">
  import { page } from '$app/state'
  import { TripPage } from '$features/trip'
</script>

{#key page.params.id}
  <TripPage id={page.params.id ?? ''} />
{/key}

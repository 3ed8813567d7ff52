<script lang="ts">
  import { page } from '$app/state'
  import { WheelEndPage } from '$features/wheel-end'
</script>

{#key page.params['id']}
  <WheelEndPage id={page.params['id'] ?? ''} />
{/key}

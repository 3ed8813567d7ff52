<script lang="ts">
  import { page } from '$app/state'
  import { WarmthPage } from '$features/warmth'
</script>

{#key page.params.id}
  <WarmthPage id={page.params.id ?? ''} />
{/key}

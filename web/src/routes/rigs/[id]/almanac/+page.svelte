<script lang="ts">
  import { page } from '$app/state'
  import { RigAlmanacPage } from '$features/almanac'
</script>

{#key page.params.id}
  <RigAlmanacPage id={page.params.id ?? ''} />
{/key}

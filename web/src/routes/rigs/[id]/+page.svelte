<script lang="ts">
  import { page } from '$app/state'
  import { RigPage } from '$features/rig'
</script>

{#key page.params['id']}
  <RigPage id={page.params['id'] ?? ''} />
{/key}

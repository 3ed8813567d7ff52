<script lang="ts">
  import { NewRigPage } from '$features/rig'
</script>

<NewRigPage />

<script lang="ts">
  import { JobsPage } from '$features/bench'
</script>

<JobsPage />

<script lang="ts">
  import { JobsPage } from '$features/bench/start'
</script>

<JobsPage />

<script lang="ts">
  import { FitPage } from '$features/reckoner/fit'
</script>

<FitPage />

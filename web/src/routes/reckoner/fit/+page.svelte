<script lang="ts">
  import { FitPage } from '$features/reckoner'
</script>

<FitPage />

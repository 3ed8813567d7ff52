<script lang="ts">
  import { ReckonerPage } from '$features/reckoner'
</script>

<ReckonerPage />

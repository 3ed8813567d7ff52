<script lang="ts">
  import { ReckonerPage } from '$features/reckoner/identify'
</script>

<ReckonerPage />

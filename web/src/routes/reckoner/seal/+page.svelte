<script lang="ts">
  import { SealPage } from '$features/reckoner'
</script>

<SealPage />

<script lang="ts">
  import { SealPage } from '$features/reckoner/seal'
</script>

<SealPage />

<script lang="ts">
  import { FreeDialPage } from '$features/nut-dial'
</script>

<FreeDialPage />

<script lang="ts">
  import { FreeDialPage } from '$features/nut-dial/dial'
</script>

<FreeDialPage />

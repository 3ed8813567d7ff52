<script lang="ts">
  import { AlmanacPage } from '$features/almanac'
</script>

<AlmanacPage />

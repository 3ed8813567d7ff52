<script lang="ts">
  import { WheelNutsPage } from '$features/wheel-nuts'
</script>

<WheelNutsPage />

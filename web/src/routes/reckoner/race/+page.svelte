<script lang="ts">
  import { RacePage } from '$features/reckoner'
</script>

<RacePage />

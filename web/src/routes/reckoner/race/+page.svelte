<script lang="ts">
  import { RacePage } from '$features/reckoner/race'
</script>

<RacePage />

<script lang="ts">
  import { TracksidePage } from '$features/trackside'
</script>

<TracksidePage />

<script lang="ts">
  import { WorkshopPage } from '$features/workshop'
</script>

<WorkshopPage />

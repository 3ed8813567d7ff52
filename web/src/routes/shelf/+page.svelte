<script lang="ts">
  import { ShelfPage } from '$features/shelf'
</script>

<ShelfPage />

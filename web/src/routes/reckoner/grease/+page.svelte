<script lang="ts">
  import { GreasePage } from '$features/reckoner'
</script>

<GreasePage />

<script lang="ts">
  import { GreasePage } from '$features/reckoner/grease'
</script>

<GreasePage />

<script lang="ts">
  import { YardPage } from '$features/yard'
</script>

<YardPage />

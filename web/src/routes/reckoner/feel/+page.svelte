<script lang="ts">
  import { FeelPage } from '$features/reckoner'
</script>

<FeelPage />

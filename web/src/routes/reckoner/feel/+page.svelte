<script lang="ts">
  import { FeelPage } from '$features/reckoner/feel'
</script>

<FeelPage />

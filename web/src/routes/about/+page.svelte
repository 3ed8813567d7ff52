<script lang="ts">
  import { AboutPage } from '$features/about'
</script>

<AboutPage />

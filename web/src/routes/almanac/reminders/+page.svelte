<script lang="ts">
  import { RemindersPage } from '$features/reminders'
</script>

<RemindersPage />

<script lang="ts">
  import { page } from '$app/state'
  import { SettingChartPage } from '$features/setting-chart'

  const id = $derived(page.params.id ?? '')
</script>

{#key id}<SettingChartPage wheelEndId={id} />{/key}

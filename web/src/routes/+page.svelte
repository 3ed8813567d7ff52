<script lang="ts">
</script>

<p>Yard</p>

<script lang="ts">
  interface Props {
    key: string
  }

  let { key }: Props = $props()
</script>

<!-- fingers have no keys -->
<kbd
  class="inline-flex h-6 min-w-6 flex-none items-center justify-center rounded-plate border border-current px-1.5 font-num text-min leading-none font-semibold touch:hidden"
>
  {key}
</kbd>

<script lang="ts">
  interface Props {
    /** What it is a label of: its path under the API. */
    of: string
    words?: string
  }

  let { of, words = 'Label' }: Props = $props()
</script>

<span class="flex items-center gap-x-2">
  <a
    href={`/api/v1/${of}/label.pdf`}
    target="_blank"
    rel="noopener"
    class="flex min-h-11 items-center px-1 font-semibold">{words} to print</a
  >
  <a
    href={`/api/v1/${of}/label.svg`}
    target="_blank"
    rel="noopener"
    class="flex min-h-11 items-center px-1 text-label">as a picture</a
  >
</span>

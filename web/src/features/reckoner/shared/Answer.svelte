<script lang="ts">
  import { Mark, type MarkShape } from '$ui/mark'

  interface Props {
    mark: MarkShape
    words: string
  }

  let { mark, words }: Props = $props()
</script>

<p class="flex items-center gap-2.5" role="status">
  <Mark shape={mark} size={30} />
  <span class="type-card first-letter:uppercase">{words}</span>
</p>

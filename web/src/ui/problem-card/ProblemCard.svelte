<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    title: string
    tone?: 'danger' | 'caution'
    /** An alert is read out at once; a note stands there from the start. */
    role?: 'alert' | 'note'
    children: Snippet
  }

  let { title, tone = 'danger', role = 'alert', children }: Props = $props()
</script>

<div
  {role}
  class={[
    'flex gap-3 rounded-plate border-2 p-3',
    tone === 'danger' ? 'border-oxide bg-oxide-wash' : 'border-ink bg-brass-wash',
  ]}
>
  <svg width="34" height="34" viewBox="-17 -17 34 34" aria-hidden="true" class="mt-0.5 flex-none">
    <path d="M0 -13 14 12H-14Z" class="fill-brass-fill stroke-ink" stroke-width="2" />
    <path d="M0 -5V4M0 7V9.6" class="stroke-on-brass" stroke-width="3" />
  </svg>
  <div class="min-w-0">
    <p class="type-card">{title}</p>
    <div class="mt-1">{@render children()}</div>
  </div>
</div>

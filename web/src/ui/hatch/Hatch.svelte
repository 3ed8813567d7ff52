<script lang="ts">
  interface Props {
    /** Unique on the page: the pattern's name in url(#…). */
    id: string
    angle: number
    spacing: number
    tone?: 'line' | 'oxide' | 'verdigris'
    weight?: number
  }

  let { id, angle, spacing, tone = 'line', weight = 0.75 }: Props = $props()
</script>

<pattern
  {id}
  width={spacing}
  height={spacing}
  patternUnits="userSpaceOnUse"
  patternTransform={`rotate(${angle})`}
>
  <line
    x2={spacing}
    class={{
      'stroke-line': tone === 'line',
      'stroke-oxide': tone === 'oxide',
      'stroke-verdigris': tone === 'verdigris',
    }}
    stroke-width={weight * 2}
  />
</pattern>

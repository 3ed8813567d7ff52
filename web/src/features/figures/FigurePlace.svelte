<script lang="ts">
  import { Choice } from '$ui/choice'

  interface Props {
    value: 'WHEEL_END' | 'AXLE' | 'RIG'
    onchange: (place: Props['value']) => void
  }

  let { value, onchange }: Props = $props()

  const places = [
    { value: 'WHEEL_END', label: 'this wheel' },
    { value: 'AXLE', label: 'its axle' },
    { value: 'RIG', label: 'the rig' },
  ] as const
</script>

<div class="mb-2 flex flex-wrap items-center gap-2">
  <span class="text-label font-semibold">Holds for</span>
  <Choice label="Holds for" options={places} {value} {onchange} />
</div>

<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Pick } from '$ui/pick'

  interface Props {
    rigs: Schemas['YardRigView'][]
    value: string
    error: string
  }

  let { rigs, value = $bindable(), error }: Props = $props()

  const ends = $derived(
    rigs.flatMap((rig) =>
      rig.axles.flatMap((axle) =>
        axle.wheelEnds.map((end) => ({ value: end.id, label: `${rig.name}, ${end.position}` })),
      ),
    ),
  )
</script>

<div class="w-64">
  <Pick
    label="Into which wheel end"
    options={ends}
    {value}
    onchange={(next) => {
      value = next
    }}
  />
  {#if error}<p class="text-min font-semibold text-oxide">{error}</p>{/if}
</div>

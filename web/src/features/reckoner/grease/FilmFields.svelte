<script lang="ts">
  import { WithSizes } from '$features/calliper'
  import { NumberField } from '$ui/number-field'
  import type { Grease } from './grease.svelte'

  interface Props {
    grease: Grease
    onedit: () => void
  }

  let { grease, onedit }: Props = $props()
</script>

<h2 class="mt-1 border-t-2 border-ink pt-3 type-h">Does its oil carry at speed?</h2>
<WithSizes drawing="wheel">
  <div class="grid grid-cols-2 gap-3 tab:grid-cols-3">
    <NumberField
      label="Base oil at 40 °C, mm²/s"
      bind:value={grease.at40}
      oninput={onedit}
      error={grease.fieldError('at40')}
    />
    <NumberField
      label="at 100 °C, mm²/s"
      bind:value={grease.at100}
      oninput={onedit}
      error={grease.fieldError('at100')}
    />
    <NumberField
      label="Hub runs at"
      bind:value={grease.hub}
      oninput={onedit}
      error={grease.fieldError('hub.number')}
    />
    <NumberField
      label="Speed, km/h"
      bind:value={grease.speed}
      oninput={onedit}
      error={grease.fieldError('kilometresPerHour')}
    />
    <NumberField
      label="Wheel’s rolling radius, mm"
      data-size="radius"
      bind:value={grease.radius}
      oninput={onedit}
      error={grease.fieldError('rollingRadius.number')}
    />
  </div>
</WithSizes>

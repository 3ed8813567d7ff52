<script lang="ts">
  import { WithSizes } from '$features/calliper'
  import { figure } from '$features/display'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import { Drag } from './feel.svelte'

  const drag = new Drag()
  const ask = (): void => void drag.ask()
</script>

<section aria-labelledby="drag" class="flex flex-col gap-3 border-t-2 border-ink pt-3">
  <h2 id="drag" class="type-h">Drag by a spring scale</h2>
  <p class="text-label text-ink2">
    Hooked to a stud, pulled square to the spoke, the hub turning steadily: the start is always
    higher. Pull it once with the nut loose, too: that is the seal’s.
  </p>
  <WithSizes drawing="drag">
    <div class="grid grid-cols-3 gap-3">
      <Field
        label="Pulls, N"
        hint="several, with spaces"
        inputmode="text"
        autocomplete="off"
        bind:value={drag.pulls}
        oninput={ask}
        error={drag.fieldError('pullsNewtons')}
      />
      <NumberField
        label="Nut loose, N"
        bind:value={drag.loose}
        oninput={ask}
        error={drag.fieldError('looseNewtons')}
      />
      <NumberField
        label={`Stud radius, ${drag.metric ? 'mm' : 'in'}`}
        data-size="radius"
        bind:value={drag.radius}
        oninput={ask}
        error={drag.fieldError('radius.number')}
      />
    </div>
  </WithSizes>
  {#if drag.found}
    <p role="status">
      <span class="block text-label font-semibold">Rolling torque of the bearings alone</span>
      <span class="type-num text-[26px] leading-tight font-semibold"
        >{figure(drag.found.rolling.newtonMetres)} N·m</span
      >
      <span class="block type-num text-ink2"
        >{figure(drag.found.rolling.poundForceInches)} lbf·in; ± {figure(
          drag.found.uncertainty.newtonMetres,
        )} N·m</span
      >
    </p>
  {/if}
</section>

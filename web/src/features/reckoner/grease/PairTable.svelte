<script lang="ts">
  import type { Schemas } from '$api/request'

  interface Props {
    pairs: readonly Schemas['PairsView'][]
    /** The pair asked about. */
    old: string
    fresh: string
  }

  let { pairs, old, fresh }: Props = $props()

  const letters = {
    COMPATIBLE: 'yes',
    BORDERLINE: 'part',
    INCOMPATIBLE: 'no',
    UNKNOWN: '?',
  } as const
  const looks = {
    COMPATIBLE: 'bg-verdigris-wash',
    BORDERLINE: 'bg-brass-wash',
    INCOMPATIBLE: 'bg-oxide-wash',
    UNKNOWN: '',
  } as const
</script>

<details>
  <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
    >The whole table, each thickener with each</summary
  >
  <div class="overflow-x-auto" role="region" aria-label="Table of thickeners">
    <table class="text-min">
      <thead>
        <tr>
          <td></td>
          {#each pairs as column (column.thickener)}
            <th scope="col" class="h-32 w-9 align-bottom font-normal">
              <span class="inline-block rotate-180 whitespace-nowrap [writing-mode:vertical-rl]"
                >{column.words}</span
              >
            </th>
          {/each}
        </tr>
      </thead>
      <tbody>
        {#each pairs as row (row.thickener)}
          <tr>
            <th scope="row" class="pr-2 text-right font-normal whitespace-nowrap">{row.words}</th>
            {#each row.with as verdict, i (i)}
              <td
                class={[
                  'h-8 border border-rule text-center',
                  looks[verdict],
                  row.thickener === old &&
                    pairs[i]?.thickener === fresh &&
                    'font-bold outline-3 -outline-offset-2 outline-ink',
                ]}>{letters[verdict]}</td
              >
            {/each}
          </tr>
        {/each}
      </tbody>
    </table>
  </div>
  <p class="text-label text-ink2">
    The usual chart, from memory: makers’ charts differ, and only a test by ASTM D6185 settles a
    pair. Sodium stands in no chart and is taken to go with nothing.
  </p>
</details>

<script lang="ts">
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { records } from '$features/records'
  import { Pick } from '$ui/pick'

  interface Props {
    /** How jobs begin is the owner's to say. */
    editable: boolean
  }

  let { editable }: Props = $props()

  const attempt = new Attempt()
  let choices = $state.raw<readonly Schemas['ChoiceAskedView'][]>([])

  onMount(() => {
    void attempt.run(async () => {
      choices = await records.usualChoices()
    })
  })

  async function keep(one: Schemas['ChoiceAskedView'], value: string): Promise<void> {
    await attempt.run(async () => {
      choices = await records.keepUsualChoices({ [one.name]: value })
    })
  }
</script>

<section aria-labelledby="usual-ways">
  <h2 id="usual-ways" class="type-h">How we do it</h2>
  <p class="text-label text-ink2">
    Jobs begin so; on the bench another way is chosen where it first matters.
  </p>
  {#if attempt.problem}<p role="alert" class="font-semibold">{attempt.rest(() => false)}</p>{/if}
  {#if editable}
    <div class="mt-2 grid gap-3 border-t-2 border-ink pt-2 tab:grid-cols-2">
      {#each choices as one (one.kind)}
        <Pick
          label={one.words}
          options={one.values.map(({ value, words }) => ({ value, label: words }))}
          value={one.now}
          onchange={(value) => void keep(one, value)}
        />
      {/each}
    </div>
  {:else}
    <dl class="mt-1 border-t-2 border-ink">
      {#each choices as one (one.kind)}
        <div class="grid grid-cols-[11rem_1fr] gap-x-3 border-b border-rule py-1.5">
          <dt class="text-label text-ink2">{one.words}</dt>
          <dd class="font-semibold first-letter:uppercase">
            {one.values.find(({ value }) => value === one.now)?.words ?? ''}
          </dd>
        </div>
      {/each}
    </dl>
  {/if}
</section>

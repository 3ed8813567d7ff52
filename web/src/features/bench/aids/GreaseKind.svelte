<script lang="ts">
  import type { Schemas } from '$api/request'
  import { day } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Mark } from '$ui/mark'
  import { Pick } from '$ui/pick'
  import type { Aids } from './aids.svelte'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    aids: Aids
    grease: Schemas['GreaseAidView']
  }

  let { bench, aids, grease }: Props = $props()

  let other = $state(false)
  let name = $state('')
  let thickener = $state<Schemas['GreasedForm']['thickener']>('LITHIUM_COMPLEX')

  const markOf = (tin: Schemas['TinAidView']): 'good' | 'soon' | 'never' =>
    tin.misfits.length > 0 || tin.meets.action === 'CLEAN_OUT'
      ? 'never'
      : tin.meets.action === 'PURGE'
        ? 'soon'
        : 'good'

  async function openOther(): Promise<void> {
    other = !other
    if (other) await aids.loadThickeners()
  }
</script>

<p>
  <span class="block text-label font-semibold">In it now</span>
  {#if grease.inIt?.known}
    <b>{grease.inIt.name}</b>, {grease.inIt.thickenerWords}, {day(grease.inIt.at)}
  {:else}
    <b>Nobody knows.</b> Clean cones, cups and hub out until nothing of it is left.
  {/if}
</p>
<p class="mt-1 text-label">
  This hub wants: {grease.wants.map((one) => one.wants).join('; ')}.
</p>
{#if bench.job?.greased}
  <p class="mt-2 flex items-center gap-2.5" role="status">
    <Mark shape="good" size={26} />
    <span>Goes in: <b>{bench.job.greased.name}</b>, {bench.job.greased.thickenerWords}</span>
  </p>
{/if}
{#if !bench.job?.greased}
  <p class="mt-1 text-label text-ink2">
    Tap what goes in. If nobody says, the record of this hub will read: nobody knows.
  </p>
{/if}
<h2 class="mt-2 text-label font-semibold">
  {bench.job?.greased ? 'Or another' : 'Which one goes in?'}
</h2>
<ul class="border-t border-ink">
  {#each grease.tins as tin (tin.name)}
    <li class="border-b border-rule">
      <button
        type="button"
        class="flex min-h-14 w-full items-center gap-2.5 py-1 text-left hover:bg-sheet"
        onclick={() =>
          bench.grease({
            name: tin.name,
            thickener: tin.thickener,
            code: tin.code,
            ...(tin.batch === undefined ? {} : { batch: tin.batch }),
          })}
      >
        <Mark shape={markOf(tin)} size={26} />
        <span class="leading-tight">
          <b>{tin.name}</b>
          {#if tin.good === 0}<span class="text-label">(none here)</span>{/if}
          <span class="block text-label"
            >{[
              ...tin.misfits,
              grease.inIt?.known ? tin.meets.actionWords : 'old one unknown: clean out first',
            ].join('; ')}</span
          >
        </span>
      </button>
    </li>
  {/each}
  <li>
    <button
      type="button"
      aria-expanded={other}
      class="flex min-h-11 w-full items-center font-semibold text-grease"
      onclick={openOther}>One that is not on our shelf</button
    >
  </li>
</ul>
{#if other}
  <div class="flex flex-wrap items-end gap-2">
    <Field
      label="As on the tin"
      class="min-w-40 flex-1"
      maxlength={80}
      autocomplete="off"
      bind:value={name}
      error={bench.attempt.fieldError('name')}
    />
    <Pick
      label="Thickener"
      class="min-w-40 flex-1"
      options={aids.thickeners.map((one) => ({ value: one.id, label: one.words }))}
      value={thickener}
      onchange={(next) => {
        thickener = next
      }}
    />
    <Button size="list" onclick={() => bench.grease({ name, thickener })}>This one</Button>
  </div>
{/if}

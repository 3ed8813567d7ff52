<script lang="ts">
  import { records } from '$features/records'
  import type { Schemas } from '$api/request'
  import { scopes, type Scope } from '$features/bench/start'
  import { date } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Mark } from '$ui/mark'
  import { Pick } from '$ui/pick'
  import { everyRig, type Orders } from './shelf.svelte'
  import WheelEndPick from './WheelEndPick.svelte'

  interface Props {
    orders: Orders
  }

  let { orders }: Props = $props()

  let planning = $state(false)
  let rigs = $state.raw<Schemas['YardRigView'][]>([])
  let wheelEndId = $state('')
  let scope = $state<Scope>('REPACK')
  let hubBrings = $state<Schemas['Choices']['hubBrings']>('BEARINGS')
  let brings = $state.raw<{ value: typeof hubBrings; label: string }[]>([])
  let wantedOn = $state('')
  let missing = $state('')

  async function begin(): Promise<void> {
    planning = !planning
    if (!planning || rigs.length > 0) return
    const [every, usual] = await Promise.all([everyRig(), records.usualChoices()])
    rigs = every
    brings =
      usual
        .find((one) => one.kind === 'HUB_BRINGS')
        ?.values.map(({ value, words }) => ({ value: value as typeof hubBrings, label: words })) ??
      []
  }

  async function plan(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    missing = wheelEndId === '' ? 'Choose one' : ''
    if (missing || wantedOn === '') return
    if (await orders.plan({ wheelEndId, scope, hubBrings, wantedOn })) planning = false
  }
</script>

<section aria-labelledby="planned">
  <div class="flex items-baseline justify-between gap-3">
    <h2 id="planned" class="type-h">Planned jobs</h2>
    <Button size="list" aria-expanded={planning} onclick={begin}>Plan a job</Button>
  </div>
  {#if planning}
    <form
      onsubmit={plan}
      class="mt-2 flex flex-wrap items-end gap-3 border-2 border-ink bg-sheet p-3"
    >
      <WheelEndPick
        {rigs}
        bind:value={wheelEndId}
        error={missing || orders.fieldError('wheelEndId')}
      />
      <Pick
        label="How far"
        class="w-56"
        options={scopes}
        value={scope}
        onchange={(next) => {
          scope = next as Scope
        }}
      />
      {#if scope === 'EXCHANGE' || scope === 'FIRST_BUILD'}
        <Pick
          label="The new hub comes"
          class="w-64"
          options={brings}
          value={hubBrings}
          onchange={(next) => {
            hubBrings = next
          }}
        />
      {/if}
      {#if orders.fieldError('scope')}
        <p class="text-min font-semibold text-oxide">{orders.fieldError('scope')}</p>
      {/if}
      <Field
        label="Wanted on"
        type="date"
        required
        class="w-44"
        bind:value={wantedOn}
        error={orders.fieldError('wantedOn')}
      />
      <Button type="submit" size="list">Put it on the plan</Button>
    </form>
  {/if}
  <ul class="mt-2 border-t-2 border-ink">
    {#each orders.view?.planned ?? [] as job (job.id)}
      <li class="border-b border-rule py-2">
        <div class="flex items-start gap-3">
          <Mark shape={job.allHere ? 'good' : 'overdue'} size={24} />
          <div class="min-w-0 flex-1 leading-tight">
            <a href={`/wheel-ends/${job.wheelEndId}`} class="type-card"
              >{job.rigName}, {job.position}</a
            >
            <p class="text-label">
              {job.scopeWords}{job.hubBrings ? `, hub ${job.hubBrings}` : ''}, {date(job.wantedOn)}:
              <b>{job.allHere ? 'all parts are here' : 'parts are missing'}</b>
            </p>
            <ul class="mt-1 text-label">
              {#each job.kit as line (line.part)}
                <li class={line.here ? '' : 'font-semibold'}>
                  {line.here ? 'here' : 'to order'}: {line.part}
                  {line.designation || '(size not on record: measure it)'}
                </li>
              {/each}
            </ul>
            {#if job.saved.length > 0}
              <p class="mt-1 text-label text-ink2">
                Not in bought kits, save the old: {job.saved.join(', ')}
              </p>
            {/if}
          </div>
          <button
            type="button"
            class="min-h-11 flex-none px-1 text-label font-semibold text-grease underline underline-offset-3"
            onclick={() => orders.drop(job.id)}>Drop</button
          >
        </div>
      </li>
    {:else}
      <li class="py-2 text-label">
        No job is planned. Plan one, and its parts stand on the order list.
      </li>
    {/each}
  </ul>
</section>

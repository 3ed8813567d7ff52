<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { display, leadingSize } from '$features/display'
  import { number } from '$ui/number-field'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'

  const attempt = new Attempt()
  const units = [
    { value: 'MILLIMETRE', label: 'mm' },
    { value: 'INCH', label: 'in' },
  ] as const
  const sizes = [
    ['bore', 'Cone bore'],
    ['outsideDiameter', 'Cup outside diameter'],
    ['width', 'Overall width'],
    ['coneWidth', 'Cone width'],
    ['cupWidth', 'Cup width'],
  ] as const
  const empty = { bore: '', outsideDiameter: '', width: '', coneWidth: '', cupWidth: '' }
  let sets = $state.raw<Schemas['SetView'][]>([])
  let open = $state(false)
  let id = crypto.randomUUID()
  let cone = $state('')
  let cup = $state('')
  let source = $state('')
  let unit = $state<'MILLIMETRE' | 'INCH'>(display.leading === 'metric' ? 'MILLIMETRE' : 'INCH')
  let typed = $state({ ...empty })

  const own = $derived(sets.filter((set) => set.ownId !== undefined))

  onMount(() => void attempt.run(load))

  async function load(): Promise<void> {
    sets = await api.bearingSets()
  }

  const entry = (field: keyof typeof empty): Schemas['LengthEntry'] => ({
    number: number(typed[field]) ?? 0,
    unit,
  })

  async function add(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const done = await attempt.run(async () => {
      await api.addBearingSet({
        id,
        cone,
        cup: cup.trim() === '' ? cone : cup,
        series: unit === 'INCH' ? 'INCH' : 'METRIC',
        bore: entry('bore'),
        outsideDiameter: entry('outsideDiameter'),
        width: entry('width'),
        coneWidth: entry('coneWidth'),
        cupWidth: entry('cupWidth'),
        source,
      })
      await load()
    })
    if (!done) return
    id = crypto.randomUUID()
    cone = cup = source = ''
    typed = { ...empty }
    open = false
  }

  async function remove(ownId: string): Promise<void> {
    await attempt.run(async () => {
      await api.removeBearingSet(ownId)
      await load()
    })
  }
</script>

<section aria-labelledby="own-sets">
  <h2 id="own-sets" class="type-h">Bearing sets of our own</h2>
  <p class="text-label text-ink2">
    {sets.length - own.length} standard sets come with Old Tallow. Add one it lacks, with where its sizes
    come from; it is then found and drawn like the others.
  </p>
  {#if own.length > 0}
    <ul class="mt-1 border-t-2 border-ink">
      {#each own as set (set.designation)}
        <li class="flex items-center gap-3 border-b border-rule py-1.5">
          <span class="min-w-0 flex-1 leading-tight">
            <span class="type-num font-semibold">{set.designation}</span>
            <span class="text-label"
              >{leadingSize(set.bore)} × {leadingSize(set.outsideDiameter)}</span
            >
            <span class="block text-min text-ink2">{set.source}</span>
          </span>
          {#if session.mayManage}
            <button
              type="button"
              class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
              aria-label={`Take ${set.designation} away`}
              onclick={() => void remove(set.ownId ?? '')}>Take away</button
            >
          {/if}
        </li>
      {/each}
    </ul>
  {/if}
  {#if open}
    <form
      onsubmit={add}
      aria-label="A bearing set of our own"
      class="mt-3 grid gap-3 rounded-plate border border-ink bg-sheet p-3 tab:grid-cols-2"
    >
      <Field label="Cone" autocomplete="off" bind:value={cone} error={attempt.fieldError('cone')} />
      <Field
        label="Cup"
        autocomplete="off"
        bind:value={cup}
        hint="Leave empty where one number names both."
      />
      <Choice
        class="tab:col-span-2"
        label="Unit of the sizes"
        options={units}
        value={unit}
        onchange={(next) => {
          unit = next
        }}
      />
      {#each sizes as [field, label] (field)}
        <Field
          {label}
          inputmode="decimal"
          autocomplete="off"
          bind:value={typed[field]}
          error={attempt.fieldError(`${field}.number`)}
        />
      {/each}
      <Field
        class="tab:col-span-2"
        label="Where the sizes come from"
        autocomplete="off"
        bind:value={source}
        error={attempt.fieldError('source')}
      />
      <Button size="list" tone="main" type="submit" disabled={attempt.busy}>Add the set</Button>
      <Button
        size="list"
        onclick={() => {
          open = false
        }}>Not now</Button
      >
    </form>
  {:else if session.mayManage}
    <Button
      size="list"
      class="mt-3"
      onclick={() => {
        open = true
      }}>Add a set</Button
    >
  {/if}
</section>

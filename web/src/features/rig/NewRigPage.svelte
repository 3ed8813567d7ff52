<script lang="ts">
  import { onMount } from 'svelte'
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import { BearingPicker } from '$features/bearing'
  import { BuildFields } from '$features/build'
  import { keys } from '$features/keys'
  import { Section } from '$features/section'
  import { Button } from '$ui/button'
  import { Choice } from '$ui/choice'
  import { Field } from '$ui/field'
  import { KeyCap } from '$ui/key-cap'
  import { Pick } from '$ui/pick'
  import { ProblemCard } from '$ui/problem-card'
  import { NewRig } from './new-rig.svelte'
  import RigFields from './RigFields.svelte'
  import { kinds } from './words'

  const entry = new NewRig()
  const counts = ['1', '2', '3', '4'].map((value) => ({ value, label: value }))
  const constructions = $derived(
    entry.constructions?.constructions.map((one) => ({
      value: one.id,
      label: one.words,
      note: one.foundOn,
    })) ?? [],
  )
  /** Every axle has the same hub here: what is wrong with it is told once. */
  const errorAt = (field: string): string => {
    const found = entry.problem?.errors.find((error) =>
      new RegExp(`^axles\\[0]\\.left\\.(build\\.)?${field.replaceAll('.', '\\.')}$`).test(
        error.field,
      ),
    )
    return found?.remedy ?? ''
  }
  const shown = (field: string): boolean =>
    /^(rig\.)?(name|plate)$|\.(inboard|outboard)$/.test(field)

  let timer: ReturnType<typeof setTimeout> | undefined

  /** Not at every key: a half-typed number is another bearing. */
  function drawSoon(): void {
    clearTimeout(timer)
    timer = setTimeout(() => void entry.draw(), 300)
  }

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const id = await entry.save()
    if (id) await goto(`/rigs/${id}`)
  }

  onMount(() => {
    void entry.load().then(() => {
      const query = page.url.searchParams
      entry.inboard = query.get('inboard') ?? entry.inboard
      entry.outboard = query.get('outboard') ?? entry.outboard
    })
    return keys.add([{ keys: ['PageUp'], does: 'Back to the yard', run: () => void goto('/') }])
  })
</script>

<svelte:head><title>Enter a rig · Old Tallow</title></svelte:head>

<div class="desk:grid desk:h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,6fr)_minmax(0,5fr)]">
  <form
    onsubmit={save}
    aria-label="A new rig"
    class="flex flex-col gap-3 border-ink px-4 py-4 desk:overflow-y-auto desk:border-r desk:px-5"
  >
    <h1 class="type-say">Enter a rig</h1>
    <div class="grid gap-x-3 gap-y-3 tab:grid-cols-2">
      <Field
        label="What you call it"
        autofocus
        autocomplete="off"
        bind:value={entry.rig.name}
        error={entry.fieldError('name')}
      />
      <Field
        label="Plate"
        autocomplete="off"
        autocapitalize="characters"
        bind:value={entry.rig.plate}
        error={entry.fieldError('plate')}
        hint="Leave empty where it has none."
      />
      <Pick
        label="Kind"
        options={kinds}
        value={entry.rig.kind}
        onchange={(kind) => entry.setKind(kind)}
      />
      <div class="flex flex-col gap-1">
        <span class="text-label font-semibold">Axles, all alike</span>
        <Choice
          label="Axles"
          options={counts}
          value={String(entry.axles)}
          onchange={(count) => {
            entry.axles = Number(count)
          }}
        />
      </div>
    </div>
    {#if entry.build && entry.reference && entry.constructions}
      <div class="grid gap-x-3 gap-y-3 border-t border-rule pt-3 tab:grid-cols-2">
        <Pick
          class="tab:col-span-2"
          label="Hub"
          options={constructions}
          value={entry.build.form.construction}
          onchange={(id) => entry.setConstruction(id)}
        />
        <BearingPicker
          label="Inboard bearing, cone/cup"
          value={entry.inboard}
          onchange={(inboard) => {
            entry.inboard = inboard
            drawSoon()
          }}
          error={errorAt('inboard')}
          hint="Left empty where nobody has read it."
        />
        <BearingPicker
          label="Outboard bearing, cone/cup"
          value={entry.outboard}
          onchange={(outboard) => {
            entry.outboard = outboard
            drawSoon()
          }}
          error={errorAt('outboard')}
          hint="Left empty where nobody has read it."
        />
      </div>
      {#if entry.problem}
        <ProblemCard title={entry.problem.title}>
          <p>{entry.rest(shown) || entry.problem.detail}</p>
        </ProblemCard>
      {/if}
      <Button tone="main" type="submit" disabled={entry.busy}>
        Enter it <KeyCap key="Enter" />
      </Button>
      <details class="border-t border-rule pt-1">
        <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
          >Owner, year, distance and use</summary
        >
        <RigFields entry={entry.rig} attempt={entry} />
      </details>
      <details class="border-t border-rule pt-1">
        <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
          >Nut, lock, seal and sizes</summary
        >
        <BuildFields
          entry={entry.build}
          reference={entry.reference}
          dimensions={entry.constructions.dimensions}
          {errorAt}
        />
      </details>
    {:else if entry.problem}
      <ProblemCard title={entry.problem.title}><p>{entry.problem.detail}</p></ProblemCard>
    {/if}
  </form>
  <section aria-label="The hub so far" class="flex flex-col gap-3 px-4 py-4 desk:px-5">
    {#if entry.preview}
      <div class="rounded-plate border border-ink bg-sheet">
        <Section
          section={entry.preview}
          label="The hub as it is entered"
          picked={null}
          onpick={() => {}}
        />
      </div>
      <p class="text-label text-ink2">
        {entry.axles === 1 ? 'Both' : `All ${entry.axles * 2}`} wheel ends like this, left and right.
        Dashed lines are the usual sizes, until somebody measures.
      </p>
    {/if}
    {#if entry.construction}
      <h2 class="type-h">{entry.construction.words}</h2>
      <p class="text-read">{entry.construction.special}</p>
      <p class="text-label text-ink2">
        Found on {entry.construction.foundOn}. Presets are a starting point: the number on the ring
        and the maker’s manual govern.
      </p>
    {/if}
  </section>
</div>

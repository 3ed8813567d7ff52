<script lang="ts">
  import { records } from '$features/records'
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { display, leadingSize, otherSize } from '$features/display'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { number, NumberField } from '$ui/number-field'
  import { Pick } from '$ui/pick'

  type Tool = Schemas['WorkshopToolView']

  const attempt = new Attempt()
  const kinds = [
    { value: 'CUP_DRIVER', label: 'cup driver' },
    { value: 'SEAL_DRIVER', label: 'seal driver' },
    { value: 'SOCKET', label: 'socket' },
    { value: 'GREASE_GUN', label: 'grease gun' },
  ] as const
  let tools = $state.raw<Tool[]>([])
  let open = $state(false)
  let editing = $state.raw<Tool | null>(null)
  let kind = $state<Tool['kind']>('CUP_DRIVER')
  let name = $state('')
  let size = $state('')

  const isGun = $derived(kind === 'GREASE_GUN')

  onMount(() => {
    void attempt.run(async () => {
      tools = await records.tools()
    })
  })

  function edit(tool: Tool | null): void {
    attempt.problem = null
    editing = tool
    kind = tool?.kind ?? 'CUP_DRIVER'
    name = tool?.name ?? ''
    size = tool?.stroke?.toString() ?? (tool?.outside ? bare(tool.outside) : '')
    open = true
  }

  const bare = (outside: Schemas['LengthView']): string =>
    display.leading === 'metric'
      ? outside.millimetres.toFixed(2)
      : (outside.thousandths / 1000).toFixed(3)

  async function save(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const typed = number(size)
    const unit = display.leading === 'metric' ? 'MILLIMETRE' : 'INCH'
    const done = await attempt.once(editing?.id ?? 'new', async (id) => {
      tools = await api.putTool(editing?.id ?? id, {
        kind,
        name,
        version: editing?.version ?? 0,
        ...(typed === null ? {} : isGun ? { stroke: typed } : { outside: { number: typed, unit } }),
      })
    })
    if (done) open = false
  }

  async function remove(): Promise<void> {
    const tool = editing
    if (!tool) return
    const done = await attempt.run(async () => {
      tools = await api.removeTool(tool.id)
    })
    if (done) open = false
  }
</script>

<section aria-labelledby="tools">
  <h2 id="tools" class="type-h">Drivers, sockets, grease guns</h2>
  <p class="text-label text-ink2">
    What hangs on the wall: the bench says which of them will do, and counts strokes by your own
    gun.
  </p>
  <ul class="mt-1 border-t-2 border-ink">
    {#each tools as tool (tool.id)}
      <li class="grid grid-cols-[6.5rem_1fr_auto] items-center gap-x-3 border-b border-rule py-1">
        <span class="text-label text-ink2">{tool.kindWords}</span>
        <span
          ><span class="font-semibold">{tool.name}</span>
          {#if tool.outside}
            <span class="type-num">{leadingSize(tool.outside)}</span>
            <span class="type-num text-min text-ink2">{otherSize(tool.outside)}</span>
          {:else}
            <span class="type-num">{tool.stroke} cm³ a stroke</span>
          {/if}</span
        >
        {#if session.mayManage}
          <Button size="list" aria-label={`Change ${tool.name}`} onclick={() => edit(tool)}
            >Change</Button
          >
        {/if}
      </li>
    {:else}
      <li class="border-b border-rule py-2 text-ink2">Nothing hangs there yet.</li>
    {/each}
  </ul>
  {#if open}
    <form onsubmit={save} class="mt-3 grid gap-3 border-2 border-ink bg-sheet p-3 tab:grid-cols-3">
      <Pick
        label="What it is"
        options={kinds}
        value={kind}
        onchange={(next) => {
          kind = next
        }}
      />
      <Field
        label="As you call it"
        autocomplete="off"
        maxlength={60}
        bind:value={name}
        error={attempt.fieldError('name')}
      />
      <NumberField
        label={isGun ? 'One stroke, cm³' : `Outside, ${display.leading === 'metric' ? 'mm' : 'in'}`}
        hint={isGun ? 'ten strokes on a scale: grams by 9' : 'across the end that drives'}
        bind:value={size}
        error={attempt.fieldError(isGun ? 'stroke' : 'outside.number')}
      />
      <div class="flex flex-wrap gap-2 tab:col-span-3">
        <Button type="submit" size="list">Hang it up</Button>
        <Button
          size="list"
          onclick={() => {
            open = false
          }}>Leave it</Button
        >
        {#if editing}<Button size="list" onclick={remove}>Take it off the wall</Button>{/if}
      </div>
      {#if attempt.problem}
        <p role="alert" class="font-semibold text-oxide tab:col-span-3">
          {attempt.rest((field) => ['name', 'stroke', 'outside.number'].includes(field))}
        </p>
      {/if}
    </form>
  {:else if session.mayManage}
    <Button size="list" class="mt-3" onclick={() => edit(null)}>Hang one up</Button>
  {/if}
</section>

<script lang="ts">
  import { api } from './api'
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { authorityWords } from '$features/nut-dial/state'
  import { session } from '$features/session'
  import { FigureDraft } from './figure-entry.svelte'
  import FigureForm from './FigureForm.svelte'
  import FigurePlace from './FigurePlace.svelte'
  import { kindWords, unknownWords, valueWords } from './words'

  interface Props {
    wheelEndId: string
    procedures: Schemas['ProcedureView'][]
    onchanged?: () => void
  }

  let { wheelEndId, procedures, onchanged }: Props = $props()

  type Rung = Schemas['RungView']
  type Place = 'WHEEL_END' | 'AXLE' | 'RIG'

  const attempt = new Attempt()
  const draft = new FigureDraft()
  let rungs = $state.raw<Rung[]>([])
  let open = $state.raw<Rung | null>(null)
  let place = $state<Place>('RIG')
  /** What is on file in the place and of the authority chosen: it is replaced. */
  const replaced = $derived(
    open?.filed.find((filed) => filed.scope === place && filed.authority === draft.authority),
  )

  onMount(() => void load())

  async function load(): Promise<void> {
    await attempt.run(async () => {
      rungs = await records.ladder(wheelEndId)
    })
  }

  function edit(rung: Rung): void {
    open = open?.kind === rung.kind ? null : rung
    const filed = rung.filed.find((one) => one.scope !== 'WORKSHOP')
    if (filed) {
      draft.take(filed)
      place = filed.scope as Place
    } else {
      draft.begin(rung.kind)
    }
    attempt.problem = null
  }

  async function save(): Promise<void> {
    const done = await attempt.run(async () => {
      rungs = await records.fileForWheelEnd(
        wheelEndId,
        place,
        draft.toEntry(replaced?.version ?? 0),
      )
    })
    if (done) {
      open = null
      onchanged?.()
    }
  }

  async function withdraw(): Promise<void> {
    const filed = replaced
    if (!filed) return
    if (await attempt.run(() => api.withdrawOfWheelEnd(wheelEndId, filed.id, filed.version))) {
      open = null
      await load()
      onchanged?.()
    }
  }
</script>

<ul class="border-t-2 border-ink">
  {#each rungs as rung (rung.kind)}
    {@const governing = rung.figures[0]}
    <li class="border-b border-rule py-1.5">
      <div class="grid grid-cols-[1fr_auto] items-center gap-x-3">
        <div class="min-w-0">
          <h3 class="text-label text-ink2">{kindWords[rung.kind]}</h3>
          {#if governing}
            {@const value = valueWords(governing.value)}
            <p class="font-semibold">
              {value.main}
              {#if value.other}<span class="font-normal text-ink2">{value.other}</span>{/if}
            </p>
            <p class="text-min">
              <span class="font-semibold">{authorityWords[governing.authority]}</span>
              <span class="text-ink2">{governing.source}</span>
            </p>
            {#if rung.figures.length > 1}
              <p class="text-min text-ink2">
                overrules {rung.figures
                  .slice(1)
                  .map(
                    (figure) =>
                      `${authorityWords[figure.authority]} ${valueWords(figure.value).main}`,
                  )
                  .join(', ')}
              </p>
            {/if}
          {:else}
            <p class="font-semibold">not known</p>
            <p class="text-min text-ink2">{unknownWords(rung.kind)}</p>
          {/if}
        </div>
        {#if session.mayManage}
          <button
            type="button"
            class="min-h-11 px-2 font-semibold text-grease underline underline-offset-3"
            aria-expanded={open?.kind === rung.kind}
            aria-label={`Enter a figure: ${kindWords[rung.kind]}`}
            onclick={() => edit(rung)}>Change</button
          >
        {/if}
      </div>
      {#if open?.kind === rung.kind}
        <div class="mt-1 mb-2">
          <FigurePlace
            value={place}
            onchange={(next) => {
              place = next
            }}
          />
          <FigureForm
            {draft}
            {attempt}
            {procedures}
            kindFixed
            onsave={() => void save()}
            oncancel={() => {
              open = null
            }}
            {...replaced ? { onwithdraw: () => void withdraw() } : {}}
          />
        </div>
      {/if}
    </li>
  {/each}
</ul>

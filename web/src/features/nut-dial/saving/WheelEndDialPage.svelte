<script lang="ts">
  import { api } from './api'
  import { records } from '$features/records'
  import { onMount } from 'svelte'
  import { ProblemError, type Problem, type Schemas } from '$api/request'
  import { keys } from '$features/keys'
  import { OutboxStrip } from '$features/outbox'
  import { ProblemCard } from '$ui/problem-card'
  import { NutDial } from '$features/nut-dial/state'
  import { NutDialView } from '$features/nut-dial/dial'
  import SavedSetting from './SavedSetting.svelte'
  import { SettingEntry } from './save-setting.svelte'
  import SettingForm from './SettingForm.svelte'

  interface Props {
    wheelEndId: string
    /** The job on the bench that wants the setting; empty where it is set by itself. */
    jobId?: string
  }

  let { wheelEndId, jobId = '' }: Props = $props()

  let wheelEnd = $state.raw<Schemas['NutHubView'] | null>(null)
  let reference = $state.raw<Schemas['NutReferenceView'] | null>(null)
  let problem = $state.raw<Problem | null>(null)
  let dial = $state.raw<NutDial | null>(null)
  let entry = $state.raw<SettingEntry | null>(null)

  async function load(): Promise<void> {
    try {
      const [end, ref] = await Promise.all([api.nutHub(wheelEndId), records.reference()])
      wheelEnd = end
      reference = ref
      dial = new NutDial(end)
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      problem = error.problem
    }
  }

  function moved(backedOff: boolean): void {
    // a fresh entry each time the nut is locked anew, so a fresh id too
    entry = backedOff && dial ? new SettingEntry(wheelEndId, dial, jobId) : null
  }

  onMount(() => {
    void load()
    return keys.add([{ keys: ['s', 'S'], does: 'Save the setting', run: () => void entry?.save() }])
  })
</script>

<svelte:head><title>Nut dial · Old Tallow</title></svelte:head>

{#if problem}
  <div class="max-w-xl p-5">
    <ProblemCard title={problem.title}><p>{problem.detail}</p></ProblemCard>
    <p class="mt-3"><a href="/">To the yard</a></p>
  </div>
{:else if dial && reference && wheelEnd}
  {@const end = wheelEnd}
  <NutDialView
    {dial}
    {reference}
    onmove={moved}
    ondone={() => void entry?.save()}
    savesAtOnce={jobId !== ''}
  >
    {#snippet plate()}
      <p class="leading-tight">
        <a href={`/wheel-ends/${end.id}`} class="type-card">{end.rigName}, {end.position}</a><br />
        <span class="text-label text-ink2">{end.thread.designation}, {end.constructionWords}</span>
      </p>
    {/snippet}
    {#snippet locked()}
      {#if entry?.saved}
        <SavedSetting setting={entry.saved} wheelEndId={end.id} {jobId} />
      {:else if entry && dial}
        {@const current = entry}
        <OutboxStrip jobId={current.place} />
        <SettingForm {dial} entry={current} onsave={() => void current.save()} />
      {/if}
    {/snippet}
  </NutDialView>
{:else}
  <p class="p-5 text-ink2" role="status">Fetching the wheel end …</p>
{/if}

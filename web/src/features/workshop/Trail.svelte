<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { ProblemError, type Schemas } from '$api/request'
  import { moment } from '$features/display'
  import { Button } from '$ui/button'

  interface Props {
    /** Of one record only; of the whole workshop without it. */
    recordId?: string
  }

  let { recordId }: Props = $props()

  const PAGE = 50
  const deeds = { INSERT: 'entered', UPDATE: 'changed', DELETE: 'deleted' }

  /** "an axle", "a fitted part". */
  const recordWords = (record: string): string =>
    `${/^[aeiou]/.test(record) ? 'an' : 'a'} ${record}`

  /** What it is called, where the change says so. */
  function about(entry: Schemas['AuditEntryView']): string {
    const named = ['name', 'designation', 'kind', 'construction']
      .map((field) => entry.changes.find((change) => change.field === field))
      .find((change) => change !== undefined)
    const value = named?.after ?? named?.before
    if (!value) return ''
    const isCode = named?.field === 'kind' || named?.field === 'construction'
    return `: ${isCode ? plain(value) : value}`
  }

  /** A code as words: StepDone, CUP_DRIVER. */
  const plain = (code: string): string =>
    code
      .replaceAll('_', ' ')
      .replace(/([a-z])([A-Z])/g, '$1 $2')
      .toLowerCase()

  let entries = $state.raw<Schemas['AuditEntryView'][]>([])
  let more = $state(false)
  let failed = $state('')

  async function load(): Promise<void> {
    const last = entries.at(-1)
    try {
      const page = await api.audit({
        ...(recordId ? { recordId } : {}),
        ...(last ? { before: last.id } : {}),
      })
      entries = [...entries, ...page]
      more = page.length === PAGE
      failed = ''
    } catch (error) {
      if (!(error instanceof ProblemError)) throw error
      failed = error.problem.detail
    }
  }

  const told = (entry: Schemas['AuditEntryView']): string =>
    entry.changes
      .filter((change) => !/(^| )id$/.test(change.field))
      .map((change) => `${change.field} ${change.before ?? 'empty'} → ${change.after ?? 'empty'}`)
      .join('; ')

  onMount(() => void load())
</script>

<ol class="mt-1 border-t-2 border-ink">
  {#each entries as entry (entry.id)}
    <li class="border-b border-rule py-1.5 text-label">
      <p>
        <span class="type-num text-ink2">{moment(entry.at)}</span>
        <span class="font-semibold">{entry.who}</span>
        {deeds[entry.action]}
        {recordWords(entry.record)}{about(entry)}
      </p>
      {#if entry.action === 'UPDATE'}<p class="break-words text-ink2">{told(entry)}</p>{/if}
    </li>
  {/each}
</ol>
{#if failed}<p role="alert" class="mt-2 text-oxide">{failed}</p>{/if}
{#if more}<Button size="list" class="mt-3" onclick={load}>Older changes</Button>{/if}

<script lang="ts">
  import { records } from '$features/records'
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { FigureDraft, FigureForm, kindWords, valueWords } from '$features/figures'
  import { Button } from '$ui/button'

  interface Props {
    /** Rules are the owner's to make. */
    editable: boolean
  }

  let { editable }: Props = $props()

  const attempt = new Attempt()
  const draft = new FigureDraft()
  let rules = $state.raw<Schemas['FiledFigureView'][]>([])
  let procedures = $state.raw<Schemas['ProcedureView'][]>([])
  let open = $state(false)
  const replaced = $derived(rules.find((rule) => rule.kind === draft.kind))

  onMount(() => {
    void attempt.run(async () => {
      const [filed, reference] = await Promise.all([api.rules(), records.reference()])
      rules = filed
      procedures = reference.procedures
    })
  })

  function edit(rule?: Schemas['FiledFigureView']): void {
    attempt.problem = null
    if (rule) draft.take(rule)
    draft.authority = 'WORKSHOP'
    open = true
  }

  async function save(): Promise<void> {
    const done = await attempt.run(async () => {
      rules = await api.setRule(draft.toEntry(replaced?.version ?? 0))
    })
    if (done) open = false
  }

  async function withdraw(): Promise<void> {
    const rule = replaced
    if (!rule) return
    const done = await attempt.run(async () => {
      await api.withdrawRule(rule.id, rule.version)
      rules = await api.rules()
    })
    if (done) open = false
  }
</script>

<section aria-labelledby="rules">
  <h2 id="rules" class="type-h">Our own rules</h2>
  <p class="text-label text-ink2">
    They govern where no maker’s figure is on file; below them only common practice.
  </p>
  <ul class="mt-1 border-t-2 border-ink">
    {#each rules as rule (rule.id)}
      {@const value = valueWords(rule.value)}
      <li class="grid grid-cols-[8.5rem_1fr_auto] items-center gap-x-3 border-b border-rule py-1.5">
        <span class="text-label text-ink2">{kindWords[rule.kind]}</span>
        <span class="leading-tight">
          <span class="font-semibold">{value.main}</span>
          {#if value.other}<span class="text-ink2">{value.other}</span>{/if}
          <span class="block text-min text-ink2">{rule.source}</span>
        </span>
        {#if editable}
          <Button
            size="list"
            class="min-h-11"
            aria-label={`Change the rule for ${kindWords[rule.kind]}`}
            onclick={() => edit(rule)}>Change</Button
          >
        {/if}
      </li>
    {:else}
      <li class="border-b border-rule py-2 text-ink2">None yet.</li>
    {/each}
  </ul>
  {#if open}
    <div class="mt-3">
      <FigureForm
        {draft}
        {attempt}
        {procedures}
        rulesOnly
        onsave={() => void save()}
        oncancel={() => {
          open = false
        }}
        {...replaced ? { onwithdraw: () => void withdraw() } : {}}
      />
    </div>
  {:else if editable}
    <Button size="list" class="mt-3" onclick={() => edit()}>Make a rule</Button>
  {/if}
</section>

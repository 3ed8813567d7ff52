<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { Pick } from '$ui/pick'
  import type { Bench } from '$features/bench/job'

  interface Props {
    bench: Bench
    /** Where it showed; the step to do now where nothing is said. */
    stepId?: string | undefined
    /** What it most likely is. */
    first?: Schemas['PartNameView']['part'] | undefined
  }

  let { bench, stepId, first }: Props = $props()

  type Part = Schemas['PartNameView']['part']

  const open = $derived(bench.job?.parts.condemnable ?? [])
  /** Chosen here, as long as it can be. */
  let chosen = $state<Part | null>(null)
  const part = $derived(
    [chosen, first].find((one) => open.some((other) => other.part === one)) ?? open[0]?.part,
  )
  let wrong = $state('')
  let photos = $state<FileList | undefined>()

  async function condemn(event: SubmitEvent): Promise<void> {
    event.preventDefault()
    const at = stepId ?? bench.step?.id
    if (!part || !(await bench.condemn([part], wrong))) return
    const photo = photos?.[0]
    if (photo) await bench.addPhoto(photo, at, part)
    wrong = ''
    photos = undefined
  }
</script>

<form onsubmit={condemn} class="flex flex-col gap-3 pb-3">
  <Pick
    label="Which"
    options={open.map((one) => ({ value: one.part, label: one.words }))}
    value={part ?? ''}
    onchange={(next) => {
      chosen = next as Part
    }}
  />
  <Field label="What is wrong with it" bind:value={wrong} maxlength={1000} required />
  <label class="flex flex-col gap-1 text-label font-semibold">
    A photo of it, if there is light
    <input
      type="file"
      accept="image/jpeg,image/png,image/gif"
      capture="environment"
      bind:files={photos}
      class="min-h-11 text-min font-normal"
    />
  </label>
  <Button type="submit" size="list" disabled={bench.attempt.busy}>Renew it</Button>
</form>

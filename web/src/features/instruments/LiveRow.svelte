<script lang="ts">
  import { onMount } from 'svelte'
  import { session } from '$features/session'
  import { Button } from '$ui/button'
  import { Mark } from '$ui/mark'
  import { instruments, Live, type Paired } from './instruments.svelte'
  import { display, stateMark, stateWords } from './shown'

  interface Props {
    paired: Paired
  }

  let { paired }: Props = $props()

  let live = $state.raw<Live | null>(null)
  const shown = $derived(live?.shown ?? null)

  onMount(() => {
    const line = new Live(paired.id)
    live = line
    return () => line.close()
  })
</script>

<li class="border-b border-rule py-2">
  <div class="grid grid-cols-[1fr_auto_auto] items-center gap-x-4">
    <span class="min-w-0"
      ><span class="font-semibold first-letter:uppercase">{paired.kindWords}</span>
      <span class="block text-label text-ink2"
        >{paired.name}, {paired.serial}, port {paired.port}{shown?.battery === undefined
          ? ''
          : `; battery ${shown.battery} %`}</span
      ></span
    >
    <span class="text-right">
      <span class="block type-num text-h font-semibold whitespace-nowrap"
        >{shown?.value === undefined ? '–' : display(shown.value, shown.resolution)}
        {shown?.symbol ?? ''}</span
      >
      <span class="flex items-center justify-end gap-1.5 text-label text-ink2"
        ><Mark shape={stateMark(shown)} size={18} />{stateWords(shown)}</span
      >
    </span>
    {#if session.mayManage}
      <Button
        size="list"
        aria-label={`Forget the ${paired.kindWords}`}
        onclick={() => void instruments.forget(paired.id)}>Forget</Button
      >
    {/if}
  </div>
  {#if shown?.trouble}<p role="alert" class="mt-1 font-semibold text-oxide">{shown.trouble}</p>{/if}
</li>

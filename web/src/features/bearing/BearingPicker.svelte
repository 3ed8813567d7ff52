<script lang="ts">
  import { leadingSize } from '$features/display'
  import { Field } from '$ui/field'
  import { Mark } from '$ui/mark'
  import Found from './Found.svelte'
  import { Identify, type Measurand } from './identify.svelte'
  import ReadingsForm from './ReadingsForm.svelte'
  import { Written } from './written.svelte'

  interface Props {
    label: string
    /** As it stands on the rings, cone/cup; empty where nobody has read it. */
    value: string
    error?: string
    hint?: string
    onchange: (value: string) => void
  }

  let { label, value, error = '', hint = '', onchange }: Props = $props()

  const written = new Written()
  const identify = new Identify()
  let measuring = $state(false)
  let timer: ReturnType<typeof setTimeout> | undefined
  const read = $derived(value.trim() === '' ? null : written.read)
  const known = $derived(read?.kind === 'SET')
  /** A number that is on file already needs no list. */
  const offered = $derived(read && !known ? read.sets : [])

  // what stands there from the start is read as well
  $effect(() => {
    const text = value
    clearTimeout(timer)
    timer = setTimeout(() => void written.look(text), 200)
  })

  function use(designation: string): void {
    measuring = false
    onchange(designation)
  }

  function measure(): void {
    measuring = !measuring
    if (!identify.reference) void identify.load()
  }

  const root = $props.id()
  const focus = (measurand: Measurand): void =>
    document.querySelector<HTMLInputElement>(`#${root} [data-measurand="${measurand}"]`)?.focus()
  const link = 'min-h-11 px-1 font-semibold text-grease underline underline-offset-3'
</script>

<div id={root} class="flex flex-col gap-1">
  <Field
    {label}
    autocomplete="off"
    autocapitalize="characters"
    spellcheck="false"
    maxlength={60}
    data-reading="set"
    {value}
    oninput={(event) => onchange(event.currentTarget.value)}
    {error}
    hint={read ? '' : hint}
  />
  {#if read && !error}
    <p class="flex items-center gap-2 text-label" role="status">
      <Mark shape={known ? 'good' : read.kind === 'NO_NUMBER' ? 'never' : 'soon'} size={20} />
      <span>
        {#if known && read.sets[0]}
          {@const set = read.sets[0]}
          {leadingSize(set.bore)} × {leadingSize(set.outsideDiameter)} × {leadingSize(set.width)}
        {:else}
          <span class="inline-block first-letter:uppercase">{read.words}</span>
        {/if}
      </span>
    </p>
  {/if}
  {#if offered.length > 0}
    <ul class="border-t border-rule" aria-label="On file">
      {#each offered as set (set.designation)}
        <li class="border-b border-rule">
          <button
            type="button"
            class="flex min-h-11 w-full flex-wrap items-center gap-x-3 px-1 text-left hover:bg-tray"
            onclick={() => use(set.designation)}
          >
            <span class="type-num font-semibold">{set.designation}</span>
            <span class="type-num text-label text-ink2"
              >{leadingSize(set.bore)} × {leadingSize(set.outsideDiameter)} × {leadingSize(
                set.width,
              )}</span
            >
          </button>
        </li>
      {/each}
    </ul>
  {/if}
  <div class="flex flex-wrap gap-x-4">
    <button type="button" class={link} aria-expanded={measuring} onclick={measure}
      >{measuring ? 'Not by measuring' : 'No number? Measure it'}</button
    >
    {#if read?.kind === 'NOT_ON_FILE'}
      <a
        href="/workshop#own-sets"
        target="_blank"
        rel="noopener"
        class="flex min-h-11 items-center font-semibold">Enter its sizes</a
      >
    {/if}
    {#if value.trim() !== ''}
      <button type="button" class={link} onclick={() => use('')}>Not read yet</button>
    {/if}
  </div>
  {#if measuring}
    <div class="flex flex-col gap-3 border border-ink bg-wall p-3">
      <ReadingsForm {identify} />
      <Found {identify} onnext={focus} onuse={(set) => use(set.designation)} />
    </div>
  {/if}
</div>

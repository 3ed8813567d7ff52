<script lang="ts">
  import { api } from './api'
  import archivo from '@fontsource-variable/archivo/LICENSE?raw'
  import mono from '@fontsource-variable/atkinson-hyperlegible-mono/LICENSE?raw'
  import next from '@fontsource-variable/atkinson-hyperlegible-next/LICENSE?raw'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'
  import { moment } from '$features/display'
  import { ProblemCard } from '$ui/problem-card'

  const fonts = [
    { name: 'Archivo', text: archivo },
    { name: 'Atkinson Hyperlegible Next', text: next },
    { name: 'Atkinson Hyperlegible Mono', text: mono },
  ]

  const attempt = new Attempt()
  let about = $state.raw<Schemas['AboutView'] | null>(null)
  let inPage = $state.raw<Awaited<ReturnType<typeof api.partsOfThePage>>>([])

  onMount(
    () =>
      void attempt.run(async () => {
        const [here, parts] = await Promise.all([api.about(), api.partsOfThePage()])
        about = here
        // letters stand above by their own names
        inPage = parts.filter((part) => !part.name.startsWith('@fontsource'))
      }),
  )
</script>

<svelte:head><title>About · Old Tallow</title></svelte:head>

<div class="max-w-4xl px-4 py-4 desk:px-5">
  <h1 class="type-say">Old Tallow {about?.version ?? ''}</h1>
  {#if about}
    <p class="text-label text-ink2">built {moment(about.builtAt)}</p>
  {/if}
  <p class="mt-3 text-read">
    Free to use, change and pass on under the Apache License 2.0, without warranty. It works out and
    keeps; the maker’s figures and whoever signs for the work stand above it.
  </p>
  {#if attempt.problem}
    <ProblemCard title={attempt.problem.title}><p>{attempt.problem.detail}</p></ProblemCard>
  {/if}

  <h2 class="mt-6 type-h">What others wrote</h2>
  <h3 class="mt-3 font-semibold">Letters, under the SIL Open Font License 1.1</h3>
  {#each fonts as font (font.name)}
    <details class="border-b border-rule">
      <summary class="flex min-h-11 cursor-pointer items-baseline gap-x-2 py-2">{font.name}</summary
      >
      <pre class="pb-3 text-label whitespace-pre-wrap">{font.text}</pre>
    </details>
  {/each}
  {#if inPage.length > 0}
    <h3 class="mt-5 font-semibold">In these pages</h3>
    {#each inPage as part (part.name)}
      <details class="border-b border-rule">
        <summary class="flex min-h-11 cursor-pointer items-baseline gap-x-2 py-2">
          {part.name}
          {part.version} <span class="text-ink2">{part.identifier ?? 'see its text'}</span>
        </summary>
        <pre class="pb-3 text-label whitespace-pre-wrap">{part.text}</pre>
      </details>
    {/each}
  {/if}
  {#if about}
    <h3 class="mt-5 font-semibold">In the server</h3>
    <p class="text-label text-ink2">
      The text of each licence lies in the part’s own file, under <code>lib</code>.
    </p>
    <ul class="mt-1 border-t-2 border-ink">
      {#each about.parts as part (part.name)}
        <li class="flex flex-wrap justify-between gap-x-4 border-b border-rule py-1">
          <span class="min-w-0 break-all">{part.name} {part.version}</span>
          <span class="text-ink2">{part.licence}</span>
        </li>
      {/each}
    </ul>
  {/if}
</div>

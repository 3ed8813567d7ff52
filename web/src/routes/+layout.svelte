<script lang="ts">
  import '../app.css'
  import type { Snippet } from 'svelte'
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import { display } from '$features/display'
  import { keys, KeysHelp } from '$features/keys'
  import { TopBar } from '$ui/top-bar'

  interface Props {
    children: Snippet
  }

  let { children }: Props = $props()

  display.applyTheme()

  const rooms = [
    { href: '/', label: 'Yard' },
    { href: '/nut-dial', label: 'Nut dial' },
  ]
  const here = $derived(page.url.pathname.endsWith('/nut-dial') ? '/nut-dial' : '/')

  // for the life of the page: the layout is never taken down
  keys.add([
    { keys: ['?'], does: 'These keys', run: () => (keys.helpOpen = !keys.helpOpen) },
    { keys: ['u', 'U'], does: 'Swap units', run: () => display.swapUnits() },
    { keys: ['t', 'T'], does: 'Day or lamp light', run: () => display.swapTheme() },
    { keys: ['y', 'Y'], does: 'To the yard', run: () => void goto('/') },
    { keys: ['d', 'D'], does: 'To the nut dial', run: () => void goto('/nut-dial') },
  ])
</script>

<svelte:window onkeydown={(event) => keys.handle(event)} />

<a
  href="#main"
  class="absolute -top-20 left-2 z-50 bg-grease-fill px-4 py-3 text-on-grease focus:top-2"
>
  To the work
</a>
<TopBar
  {rooms}
  {here}
  leading={display.leading}
  theme={display.theme}
  onunits={() => display.swapUnits()}
  ontheme={() => display.swapTheme()}
  onkeys={() => (keys.helpOpen = true)}
/>
<main id="main" tabindex="-1" class="outline-none">
  {@render children()}
</main>
<KeysHelp />

<script lang="ts">
  import '../app.css'
  import { onMount, type Snippet } from 'svelte'
  import { goto } from '$app/navigation'
  import { page } from '$app/state'
  import { display } from '$features/display'
  import { keys, KeysHelp } from '$features/keys'
  import { outbox } from '$features/outbox'
  import { palette, PaletteBox } from '$features/palette'
  import { line as serverLine, startBehindThePage } from '$trackside'
  import { session, SignInAgain, SignInPage } from '$features/session'
  import { LineStrip } from '$features/trackside'
  import { Button } from '$ui/button'
  import { ProblemCard } from '$ui/problem-card'
  import { TopBar } from '$ui/top-bar'

  interface Props {
    children: Snippet
  }

  let { children }: Props = $props()

  display.applyTheme()

  /** What is needed without a line comes after all that the first page is made of, ms. */
  const IDLE = 3_000

  const rooms = [
    { href: '/', label: 'Yard' },
    { href: '/bench', label: 'Bench' },
    { href: '/almanac', label: 'Almanac' },
    { href: '/reckoner', label: 'Reckoner' },
    { href: '/shelf', label: 'Shelf' },
    { href: '/nut-dial', label: 'Nut dial' },
  ]
  // rigs and wheel ends are reached from the yard
  const here = $derived.by(() => {
    const path = page.url.pathname
    if (path.endsWith('/nut-dial')) return '/nut-dial'
    if (path.startsWith('/reckoner')) return '/reckoner'
    if (/\/almanac|\/warmth$|^\/trips/.test(path)) return '/almanac'
    if (path.startsWith('/bench') || path.endsWith('/job')) return '/bench'
    return /^\/(rigs|wheel-ends)\//.test(path) ? '/' : path
  })

  onMount(async () => {
    // where the pages are kept already, this device can answer by itself from the start
    if (navigator.serviceWorker?.controller) void serverLine.enable()
    await session.load()
    window.setTimeout(() => void startBehindThePage(), IDLE)
  })
  // whoever sits here: what they left on this device goes out
  $effect(() => {
    if (!session.person || session.lost) return
    void serverLine.open(session.person.id)
    void outbox.open(session.person.id)
  })

  // for the life of the page: the layout is never taken down
  keys.add([
    { keys: ['?'], does: 'These keys', run: () => (keys.helpOpen = !keys.helpOpen) },
    { keys: ['u', 'U'], does: 'Swap units', run: () => display.swapUnits() },
    { keys: ['t', 'T'], does: 'Day or lamp light', run: () => display.swapTheme() },
    { keys: ['y', 'Y'], does: 'To the yard', run: () => void goto('/') },
    { keys: ['w', 'W'], does: 'To the workshop and its people', run: () => void goto('/workshop') },
    { keys: ['/'], does: 'Find a rig, plate, owner, batch, wheel end', run: () => palette.show() },
    { keys: ['a', 'A'], does: 'To the almanac', run: () => void goto('/almanac') },
    { keys: ['j', 'J'], does: 'To the bench', run: () => void goto('/bench') },
    { keys: ['b', 'B'], does: 'Which bearing is it', run: () => void goto('/reckoner') },
    { keys: ['d', 'D'], does: 'To the nut dial', run: () => void goto('/nut-dial') },
  ])
</script>

<svelte:window
  onkeydown={(event) => session.person && !session.lost && !palette.open && keys.handle(event)}
/>

<a
  href="#main"
  class="absolute -top-20 left-2 z-50 bg-grease-fill px-4 py-3 text-on-grease focus:top-2"
>
  To the work
</a>
{#if session.person}
  <TopBar
    {rooms}
    {here}
    leading={display.leading}
    theme={display.theme}
    person={{ name: session.person.name, href: '/workshop' }}
    onunits={() => display.swapUnits()}
    ontheme={() => display.swapTheme()}
    onkeys={() => (keys.helpOpen = true)}
    onfind={() => palette.show()}
  >
    {#snippet line()}<LineStrip />{/snippet}
  </TopBar>
  <main id="main" tabindex="-1" class="outline-none">
    {@render children()}
  </main>
  <KeysHelp />
  <PaletteBox />
  <SignInAgain />
{:else if session.view}
  <SignInPage />
{:else if session.problem}
  <main id="main" class="max-w-xl p-5">
    <ProblemCard title={session.problem.title}>
      <p>{session.problem.detail}</p>
      <Button class="mt-3" onclick={() => session.load()}>Try again</Button>
    </ProblemCard>
  </main>
{:else}
  <p class="p-5 text-ink2" role="status">Opening …</p>
{/if}

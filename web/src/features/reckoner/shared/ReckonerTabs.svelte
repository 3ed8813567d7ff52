<script lang="ts">
  import { page } from '$app/state'

  const tabs = [
    { href: '/reckoner', label: 'Which bearing' },
    { href: '/reckoner/fit', label: 'Fit and heat' },
    { href: '/reckoner/race', label: 'Driver and seat' },
    { href: '/reckoner/seal', label: 'Seal and cap' },
    { href: '/reckoner/grease', label: 'Grease' },
    { href: '/reckoner/feel', label: 'Setting and drag' },
    { href: '/nut-dial', label: 'Nut' },
    { href: '/reckoner/wheel-nuts', label: 'Wheel nuts' },
  ]
</script>

<nav
  aria-label="Reckonings"
  class="flex overflow-x-auto border-b border-ink bg-sheet px-2 desk:px-3"
>
  {#each tabs as tab (tab.href)}
    {@const here = page.url.pathname === tab.href}
    <a
      href={tab.href}
      aria-current={here ? 'page' : undefined}
      class={[
        'flex min-h-11 flex-none items-center border-b-4 px-3 font-semibold no-underline',
        here ? 'border-ink text-ink' : 'border-transparent text-ink2 hover:text-ink',
      ]}>{tab.label}</a
    >
  {/each}
</nav>

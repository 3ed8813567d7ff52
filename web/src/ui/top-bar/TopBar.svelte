<script lang="ts">
  import type { Snippet } from 'svelte'
  import { KeyCap } from '$ui/key-cap'

  interface Props {
    rooms: { href: string; label: string }[]
    here: string
    leading: 'metric' | 'inch'
    theme: 'light' | 'dark'
    /** Who is signed in, and where their account is. */
    person: { name: string; href: string }
    onunits: () => void
    ontheme: () => void
    onkeys: () => void
    onfind: () => void
    /** What there is to say of the line to the server. */
    line?: Snippet
  }

  let { rooms, here, leading, theme, person, onunits, ontheme, onkeys, onfind, line }: Props =
    $props()

  const tool = 'flex min-h-11 items-center gap-2 px-1.5 text-label text-ink2 hover:text-ink'
</script>

<header
  class="no-print flex flex-wrap items-stretch justify-between border-b border-ink px-3 desk:h-[46px] desk:flex-nowrap desk:px-5"
>
  <a
    href="/"
    aria-label="Old Tallow, to the yard"
    class="mr-2 flex min-h-11 items-center gap-3 text-ink no-underline desk:mr-9"
  >
    <svg width="38" height="24" viewBox="0 0 38 24" aria-hidden="true">
      <path d="M0 12H38" class="stroke-ink" stroke-dasharray="9 2 2 2" />
      <g class="fill-ink">
        <path d="M2 2 14 4.6 13 9.6 2 7.4Z" />
        <path d="M36 2 24 4.6 25 9.6 36 7.4Z" />
        <path d="M2 22 14 19.4 13 14.4 2 16.6Z" />
        <path d="M36 22 24 19.4 25 14.4 36 16.6Z" />
      </g>
    </svg>
    <span class="hidden type-plate text-[18px] tab:inline">Old Tallow</span>
  </a>
  <nav
    aria-label="Rooms"
    class="order-last -mx-1 flex min-h-11 w-full justify-between tab:justify-start desk:order-none desk:mx-0 desk:w-auto"
  >
    {#each rooms as room (room.href)}
      <a
        href={room.href}
        aria-current={here === room.href ? 'page' : undefined}
        class={[
          'flex items-center border-b-[5px] px-1 pt-[5px] text-label font-semibold whitespace-nowrap no-underline tab:px-2.5 tab:text-body',
          here === room.href
            ? 'border-ink text-ink'
            : 'border-transparent text-ink2 hover:text-ink',
        ]}
      >
        {room.label}
      </a>
    {/each}
  </nav>
  {@render line?.()}
  <div class="ml-auto flex items-center gap-1 desk:gap-4">
    <button type="button" class={tool} onclick={onfind}>
      <KeyCap key="/" />
      <span class="sr-only tab:not-sr-only touch:not-sr-only">find</span>
    </button>
    <button type="button" class={tool} onclick={onunits}>
      <KeyCap key="U" />
      <span class="sr-only tab:not-sr-only touch:not-sr-only"
        >{leading === 'metric' ? 'mm, thou' : 'thou, mm'}</span
      >
    </button>
    <button type="button" class={tool} onclick={ontheme}>
      <KeyCap key="T" />
      <span class="sr-only tab:not-sr-only touch:not-sr-only"
        >{theme === 'light' ? 'by day' : 'by lamp'}</span
      >
    </button>
    <a
      href={person.href}
      aria-current={here === person.href ? 'page' : undefined}
      class={[tool, 'order-last max-w-32 font-semibold text-ink no-underline hover:underline']}
    >
      <span class="truncate">{person.name}</span>
    </a>
    <button type="button" class={[tool, 'touch:hidden']} onclick={onkeys}>
      <KeyCap key="?" />
      <span class="sr-only tab:not-sr-only touch:not-sr-only">keys</span>
    </button>
  </div>
</header>

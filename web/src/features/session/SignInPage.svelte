<script lang="ts">
  import { page } from '$app/state'
  import { Button } from '$ui/button'
  import CodeForm from './CodeForm.svelte'
  import FirstOwnerForm from './FirstOwnerForm.svelte'
  import LoadingDemo from './LoadingDemo.svelte'
  import { roleWords } from './roles'
  import { session } from './session.svelte'
  import SignInForm from './SignInForm.svelte'
  import WorkshopDoor from './WorkshopDoor.svelte'

  const view = $derived(session.view)
  // whoever was given a word for another workshop comes here by its address
  const founds = $derived(view?.firstOwnerWanted || page.url.pathname === '/open-workshop')
</script>

<svelte:head><title>Sign in · Old Tallow</title></svelte:head>

<div class="grid min-h-dvh desk:grid-cols-[minmax(0,1fr)_440px]">
  <div class="hidden border-r border-ink bg-sheet desk:block"><WorkshopDoor /></div>
  <main
    id="main"
    tabindex="-1"
    class="flex flex-col gap-5 px-5 py-6 outline-none desk:px-8 desk:py-12"
  >
    <header>
      <p class="type-plate text-[18px]">Old Tallow</p>
      <h1 class="mt-6 type-say">
        {founds ? 'Open your workshop' : 'Who is at the bench?'}
      </h1>
      {#if founds}
        <p class="mt-2 text-ink2">
          {view?.firstOwnerWanted ? 'Nobody is here yet. ' : ''}Whoever fills this in is the owner,
          and lets the others in.
        </p>
      {/if}
    </header>
    {#if view?.loading}
      <LoadingDemo loading={view.loading} />
    {:else if founds}
      <FirstOwnerForm />
    {:else if view?.codeWanted}
      <CodeForm />
    {:else if view}
      <SignInForm />
      {#if view.demoAccounts.length > 0}
        <section aria-labelledby="demo" class="border-t-2 border-ink pt-3">
          <h2 id="demo" class="type-h">Or look round the demo</h2>
          <p class="mt-1 text-label text-ink2">Made-up people, rigs and figures.</p>
          <ul class="mt-3 flex flex-col gap-2">
            {#each view.demoAccounts as account (account.signInName)}
              <li>
                <Button
                  class="w-full"
                  disabled={session.busy}
                  onclick={() => session.signIn(account.signInName, account.password)}
                >
                  <span>{account.name}, {roleWords[account.role].name}</span>
                  <span class="font-text text-label font-normal text-ink2"
                    >{roleWords[account.role].may}</span
                  >
                </Button>
              </li>
            {/each}
          </ul>
        </section>
      {/if}
    {/if}
  </main>
</div>

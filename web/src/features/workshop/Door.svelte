<script lang="ts">
  import { api } from './api'
  import { onMount } from 'svelte'
  import { Attempt } from '$api/attempt.svelte'
  import type { Schemas } from '$api/request'

  const attempt = new Attempt()
  let door = $state.raw<Schemas['DoorView'] | null>(null)

  /** In rows of eight pairs: compared by eye with what the telephone shows. */
  const rows = $derived(door?.fingerprint?.match(/(?:[0-9A-F]{2}:?){1,8}/g) ?? [])

  onMount(
    () =>
      void attempt.run(async () => {
        door = await api.door()
      }),
  )
</script>

<section aria-labelledby="door">
  <h2 id="door" class="type-h">A phone to the bench</h2>
  {#if door?.isOpen}
    <div class="mt-2 grid gap-4 border-t-2 border-ink pt-3 tab:grid-cols-[auto_1fr]">
      <img
        src="/api/v1/door/code.svg"
        alt={`QR code of ${door.address}`}
        class="bg-white size-44 border border-ink p-2"
      />
      <div class="min-w-0">
        <p class="text-read">Point the camera at the code, or type</p>
        <p class="type-num text-[22px] font-semibold break-all">{door.address}</p>
        {#if door.fingerprint}
          <p class="mt-2">
            The first time, the telephone says it does not know this address. Let it trust this
            workshop once:
          </p>
          <ol class="mt-1 list-decimal pl-5">
            <li>
              On the telephone, go on in spite of the warning and open
              <a class="type-num break-all" href="/door/authority.crt"
                >{door.address}/door/authority.crt</a
              >.
            </li>
            <li>
              Before you agree, compare its SHA-256 with this one:
              <span class="mt-1 block type-num text-label leading-snug">
                {#each rows as row (row)}<span class="block">{row}</span>{/each}
              </span>
            </li>
            <li>
              Where it asks for what: for websites, as a certificate authority. Some telephones keep
              it under settings, security, encryption and credentials; on others it is a profile,
              which is then switched on under general, about, certificate trust.
            </li>
            <li>Open the address again: no warning any more.</li>
          </ol>
          <p class="mt-2 text-label text-ink2">
            This authority can vouch for addresses inside the workshop only, for no site of the
            world.
          </p>
        {/if}
      </div>
    </div>
  {:else if door}
    <p class="mt-1 border-t-2 border-ink pt-2">
      Only this machine can come in now. Start Old Tallow with <code class="type-num"
        >./run --workshop</code
      >, and this page shows the code to point a telephone at.
    </p>
  {/if}
  {#if attempt.problem}<p role="alert" class="text-oxide">{attempt.problem.detail}</p>{/if}
</section>

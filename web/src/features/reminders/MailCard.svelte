<script lang="ts">
  import { onMount } from 'svelte'
  import { moment } from '$features/display'
  import { Button } from '$ui/button'
  import { Field } from '$ui/field'
  import { NumberField } from '$ui/number-field'
  import { Tick } from '$ui/tick'
  import { MailDraft } from './reminders.svelte'

  const mail = new MailDraft()
  const said = ['code', 'address', 'at', 'quietFrom', 'quietTo', 'daysAhead']
  const error = (field: string): string => mail.attempt.fieldError(field)

  onMount(() => {
    void mail.load()
  })
</script>

<section aria-labelledby="mail" class="flex flex-col gap-3">
  <h2 id="mail" class="type-h">By mail</h2>
  {#if mail.view}
    {@const { view } = mail}
    {#if view.standIn}
      <p class="border-l-4 border-brass bg-brass-wash px-3 py-1.5 text-label">
        This is the demo: mails go to a simulated mail server on this machine and reach nobody.
      </p>
    {/if}
    <p>
      One mail a day at most, only when something is late or due, and not the same twice within a
      week.
      {#if view.next}<span class="font-semibold">Next: {moment(view.next)}.</span>{/if}
    </p>
    <form
      aria-label="Reminders by mail"
      class="grid gap-3 tab:grid-cols-2"
      onsubmit={(event) => {
        event.preventDefault()
        void mail.save()
      }}
    >
      <Field
        class="tab:col-span-2"
        label="To"
        type="email"
        autocomplete="email"
        bind:value={mail.address}
        error={error('address')}
      />
      <Field label="At" type="time" bind:value={mail.at} error={error('at')} />
      <NumberField
        label="Due within, days"
        bind:value={mail.daysAhead}
        error={error('daysAhead')}
      />
      <Field
        label="Quiet from"
        type="time"
        bind:value={mail.quietFrom}
        error={error('quietFrom')}
      />
      <Field label="Quiet until" type="time" bind:value={mail.quietTo} error={error('quietTo')} />
      <Tick
        class="tab:col-span-2"
        checked={mail.wanted}
        onchange={(wanted) => {
          mail.wanted = wanted
        }}>Send me reminders</Tick
      >
      {#if mail.attempt.problem}
        <p class="text-label font-semibold text-oxide tab:col-span-2" role="alert">
          {mail.attempt.rest((field) => said.includes(field))}
        </p>
      {/if}
      <Button tone="main" type="submit" disabled={mail.attempt.busy}>Keep it</Button>
      <Button disabled={mail.attempt.busy} onclick={() => void mail.sendNow()}
        >Send me one now</Button
      >
    </form>
    {#if view.version > 0 && !view.confirmed}
      <form
        aria-label="Confirm the address"
        class="grid gap-3 border-2 border-brass bg-brass-wash px-3 py-3 tab:grid-cols-[1fr_auto]"
        onsubmit={(event) => {
          event.preventDefault()
          void mail.confirm()
        }}
      >
        <p class="tab:col-span-2">
          A code went to <span class="font-semibold break-all">{view.address}</span>. Nothing else
          goes there before you have typed it here.
        </p>
        <Field
          label="The code"
          inputmode="numeric"
          autocomplete="one-time-code"
          bind:value={mail.code}
          error={error('code')}
        />
        <Button tone="main" type="submit" class="self-end" disabled={mail.attempt.busy}
          >That is it</Button
        >
        <Button size="list" disabled={mail.attempt.busy} onclick={() => void mail.anotherCode()}
          >Send another code</Button
        >
      </form>
    {/if}
    <h3 class="type-card">What went out</h3>
    <ul class="border-t border-ink text-label">
      {#each view.sent as sent (sent.id)}
        <li class="border-b border-rule py-1">
          <details>
            <summary class="flex min-h-9 cursor-pointer list-none items-baseline">
              <span class="min-w-0"
                ><span class="font-semibold">{sent.subject}</span>
                <span class={sent.problem === '' ? 'text-ink2' : 'text-oxide'}
                  >{moment(sent.at)} to {sent.address}{sent.problem === ''
                    ? ''
                    : `: ${sent.problem}`}</span
                ></span
              >
            </summary>
            <pre class="mt-1 bg-sheet p-2 font-text whitespace-pre-wrap">{sent.body}</pre>
          </details>
        </li>
      {:else}
        <li class="border-b border-rule py-1.5 text-ink2">Nothing yet.</li>
      {/each}
    </ul>
  {:else if mail.attempt.problem}
    <p class="font-semibold text-oxide">{mail.attempt.problem.detail}</p>
  {:else}
    <p class="text-ink2" role="status">Fetching …</p>
  {/if}
</section>

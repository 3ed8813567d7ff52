<script lang="ts">
  import type { Schemas } from '$api/request'
  import type { Scope } from './scopes'

  interface Props {
    costs: Schemas['JobCostsView']
    scope: Scope
    days: number
    /** So many days it would wait for its parts. */
    onwait: (days: number) => void
  }

  let { costs, scope, days, onwait }: Props = $props()

  const here = $derived(costs.jobs.find((job) => job.scope === scope))
  const most = $derived(Math.max(...costs.jobs.map((job) => job.total), 1))
  const money = (amount: number): string => amount.toFixed(2)
  const parts = [
    { key: 'parts', words: 'parts', look: 'bg-ink' },
    { key: 'consumables', words: 'grease and sundries', look: 'bg-grease-fill' },
    { key: 'labour', words: 'time', look: 'bg-brass' },
  ] as const
</script>

<section aria-labelledby="costs">
  <h2 id="costs" class="type-h">What each would cost</h2>
  <dl class="mt-1 border-t-2 border-ink">
    {#each costs.jobs as job (job.scope)}
      <div
        class={[
          'grid grid-cols-[1fr_auto] items-center gap-x-3 gap-y-1 border-b border-rule px-1 py-2 tab:grid-cols-[10rem_1fr_10rem]',
          job.scope === scope && 'bg-sheet',
        ]}
      >
        <dt class="leading-tight font-semibold">{job.scopeWords}</dt>
        <dd class="order-last col-span-2 tab:order-none tab:col-span-1" aria-hidden="true">
          <span class="flex h-5" style:width={`${(job.total / most) * 100}%`}>
            {#each parts as part (part.key)}
              {@const amount = job[part.key] ?? 0}
              {#if amount > 0}<span class={`${part.look} border border-ink`} style:flex={amount}
                ></span>{/if}
            {/each}
          </span>
        </dd>
        <dd class="text-right type-num text-[22px] font-semibold whitespace-nowrap">
          {job.whole ? '' : '≥ '}{money(job.total)}
        </dd>
      </div>
    {/each}
  </dl>
  <p class="mt-1 flex flex-wrap gap-x-4 text-label">
    {#each parts as part (part.key)}
      <span class="flex items-center gap-1.5"
        ><span class={`inline-block h-3 w-4 border border-ink ${part.look}`}
        ></span>{part.words}</span
      >
    {/each}
  </p>
  {#if here}
    <details class="mt-1">
      <summary class="flex min-h-11 cursor-pointer items-center font-semibold"
        >{here.scopeWords}, line by line</summary
      >
      <table class="w-full">
        <tbody>
          {#each here.lines as line, i (i)}
            <tr class="border-b border-rule">
              <th scope="row" class="py-1 text-left font-normal">{line.what}</th>
              <td class="py-1 text-right type-num"
                >{line.price === undefined ? 'no price' : money(line.price)}</td
              >
            </tr>
          {/each}
          <tr class="border-b border-rule">
            <th scope="row" class="py-1 text-left font-normal"
              >{here.minutes} minutes{costs.hour === undefined
                ? ''
                : ` at ${money(costs.hour)} an hour`}</th
            >
            <td class="py-1 text-right type-num"
              >{here.labour === undefined ? 'no rate' : money(here.labour)}</td
            >
          </tr>
        </tbody>
      </table>
    </details>
    {#if here.unpriced.length > 0 || costs.hour === undefined}
      <p class="text-label">
        Without a price: {[...here.unpriced, ...(costs.hour === undefined ? ['time'] : [])].join(
          ', ',
        )}. Write down what is fitted and its price on the <a href="/shelf">shelf</a>, and your rate
        in <a href="/workshop">Workshop</a>.
      </p>
    {/if}
    <h3 class="mt-3 type-card">What waiting costs</h3>
    {#if here.missing.length > 0}
      <p>
        Not on the shelf: {here.missing.join(', ')}.
        {#if costs.standing !== undefined}
          <label class="whitespace-nowrap"
            >Standing
            <input
              type="number"
              min="1"
              max="365"
              value={days}
              onchange={(event) => onwait(event.currentTarget.valueAsNumber)}
              class="min-h-11 w-16 rounded-plate border border-ink bg-sheet px-2 type-num"
            /> days</label
          >
          for them costs <b class="type-num">{money(costs.standing)}</b>.
        {/if}
      </p>
    {:else}
      <p>Every part is here: nothing to wait for.</p>
    {/if}
    {#if here.putOff}
      <p class="mt-1">
        Put off, it becomes <b>{here.putOff.thenWords}</b>{here.putOff.dearer === undefined
          ? ''
          : `, ${money(here.putOff.dearer)} more`}: {here.putOff.why}
      </p>
    {/if}
  {/if}
</section>

<script lang="ts">
  import type { Schemas } from '$api/request'
  import { Button } from '$ui/button'
  import { Mark } from '$ui/mark'
  import { orderText } from './shelf.svelte'

  interface Props {
    orders: Schemas['OrderView'][]
  }

  let { orders }: Props = $props()

  let copied = $state(false)

  async function copy(): Promise<void> {
    await navigator.clipboard.writeText(orderText(orders))
    copied = true
  }
</script>

<section aria-labelledby="order">
  <h2 id="order" class="type-h">To order</h2>
  {#if orders.length === 0}
    <p class="mt-1 flex items-center gap-2"><Mark shape="good" size={22} /> Nothing is short.</p>
  {:else}
    {#each orders as order (order.supplier)}
      <div class="mt-2 border-t-2 border-ink">
        <p class="flex items-baseline justify-between gap-3 py-1">
          <span class="type-card">{order.supplier || 'No supplier on record'}</span>
          <span class="type-num font-semibold">{order.total.toFixed(2)}</span>
        </p>
        <ul>
          {#each order.lines as line (line.kind + line.designation)}
            <li class="grid grid-cols-[3rem_1fr_auto] gap-2 border-t border-rule py-1.5">
              <span class="text-right type-num font-semibold">{line.pieces} ×</span>
              <span>{line.designation}</span>
              <span class="type-num text-label text-ink2"
                >{line.price > 0 ? `${line.price.toFixed(2)} each` : 'price not on record'}</span
              >
            </li>
          {/each}
        </ul>
      </div>
    {/each}
    <div class="no-print mt-2 flex items-center gap-3">
      <Button size="list" onclick={copy}>Copy the list</Button>
      <Button size="list" onclick={() => window.print()}>Print</Button>
      <a
        href="/api/v1/order-list.csv"
        download="order-list.csv"
        class="flex min-h-11 items-center font-semibold">Save CSV</a
      >
      {#if copied}<span role="status" class="text-label">Copied.</span>{/if}
    </div>
  {/if}
</section>

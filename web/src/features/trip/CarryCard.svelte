<script lang="ts">
  import { date } from '$features/display'
  import { Tick } from '$ui/tick'
  import { Packed, type Plan } from './trip-plan.svelte'

  interface Props {
    plan: Plan
  }

  let { plan }: Props = $props()

  // the route makes a new page for every trip
  // svelte-ignore state_referenced_locally
  const packed = new Packed(plan.tripId)
  const carry = $derived(plan.carry)
  const partName = (part: Plan['carry']['parts'][number]): string => `${part.kind} ${part.words}`
  const names = $derived([...carry.parts.map(partName), ...carry.tools, ...carry.supplies])
  const short = $derived(carry.parts.filter((part) => part.missing > 0).length)
</script>

<section aria-labelledby="carry" class="flex flex-col gap-1">
  <div class="flex items-baseline justify-between gap-3">
    <h2 id="carry" class="type-h">What to carry</h2>
    <p class="text-label tabular-nums">
      <span class="text-read font-bold">{packed.count(names)}</span> of {names.length} packed
    </p>
  </div>
  {#if short > 0}
    <p class="border-l-4 border-brass bg-brass-wash px-3 py-1.5 text-label font-semibold">
      {short === 1 ? 'One thing is' : `${short} things are`} not on the shelf.
      <a href="/shelf">Order before you go</a>
    </p>
  {/if}
  <ul class="border-t border-ink">
    {#each carry.parts as part (partName(part))}
      <li class="grid grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 border-b border-rule">
        <Tick
          checked={packed.has(partName(part))}
          onchange={(now) => {
            packed.set(partName(part), now)
          }}
          class="py-1"
        >
          <span class="font-semibold">{part.pieces} × {part.words}</span>
          <span class="block text-min text-ink2">{part.kindWords}, {part.why.join('; ')}</span>
        </Tick>
        <span class="text-right text-label whitespace-nowrap tabular-nums">
          {#if part.missing === 0}{part.onShelf} on the shelf
          {:else}<span class="font-bold text-oxide">{part.missing} missing</span>{/if}
        </span>
      </li>
    {/each}
  </ul>
  <h3 class="mt-2 type-card">Sealed bags on the shelf</h3>
  <ul class="border-t border-ink text-label">
    {#each carry.bags as bag, i (i)}
      <li class="border-b border-rule py-1.5">
        <span class="font-semibold">{bag.label}, {bag.what}</span>
        <span class={['block', bag.outdated ? 'font-semibold text-oxide' : 'text-ink2']}
          >{bag.outdated ? 'past its day, ' : 'good until '}{date(bag.keepsUntil)}{bag.note === ''
            ? ''
            : `; ${bag.note}`}</span
        >
        {#if bag.history !== ''}<span class="block text-ink2">{bag.history}</span>{/if}
      </li>
    {:else}
      <li class="border-b border-rule py-1.5 text-ink2">
        None. A packed bearing set in a sealed, dated bag gets you home.
      </li>
    {/each}
  </ul>
  {#each [{ title: 'Tools', things: carry.tools }, { title: 'Supplies', things: carry.supplies }] as group (group.title)}
    <h3 class="mt-2 type-card">{group.title}</h3>
    <ul class="grid border-t border-ink text-label tab:grid-cols-3 tab:gap-x-4">
      {#each group.things as thing (thing)}
        <li class="border-b border-rule">
          <Tick
            checked={packed.has(thing)}
            onchange={(now) => {
              packed.set(thing, now)
            }}>{thing}</Tick
          >
        </li>
      {/each}
    </ul>
  {/each}
</section>

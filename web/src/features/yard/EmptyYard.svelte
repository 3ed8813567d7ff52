<script lang="ts">
  import { KeyCap } from '$ui/key-cap'

  const bays = [1, 2, 3, 4, 5]
</script>

<div class="grid min-h-[calc(100dvh-46px)] desk:grid-cols-[minmax(0,34rem)_1fr]">
  <section class="border-ink px-4 pt-5 desk:border-r desk:px-5">
    <h1 class="type-say">The yard is empty</h1>
    <p class="mt-3 text-read">
      Enter the first rig: a name, its kind, and what hub it has. The rest can wait until it is on
      the stands.
    </p>
    <a
      href="/rigs/new"
      class="mt-4 flex min-h-14 items-center justify-between rounded-plate bg-grease-fill px-4 type-card text-[20px] text-on-grease no-underline"
    >
      Enter a rig <KeyCap key="N" />
    </a>
    <p class="mt-4">
      Without a rig: <a href="/reckoner">which bearing is it</a>, or
      <a href="/nut-dial">where to stop the nut</a>.
    </p>
    <h2 class="mt-8 type-h">To look around first</h2>
    <p class="mt-1">
      Stop Old Tallow and type <code class="type-num font-semibold">./run --reset</code>: a made-up
      workshop with fourteen rigs and two years of settings comes with it.
    </p>
  </section>
  <div aria-hidden="true" class="hidden grid-cols-5 desk:grid">
    {#each bays as bay (bay)}
      <div class="border-r border-rule px-3 pt-2.5 type-card text-[19px] text-line">{bay}</div>
    {/each}
  </div>
</div>

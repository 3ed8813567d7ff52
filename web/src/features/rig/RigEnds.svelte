<script lang="ts">
  import type { Schemas } from '$api/request'
  import { BothUnits, date, day } from '$features/display'
  import { authorityWords } from '$features/nut-dial/state'
  import { states } from '$features/yard'
  import { Mark } from '$ui/mark'

  interface Props {
    ends: Schemas['WheelEndView'][]
    standings: Schemas['StandingView'][]
  }

  let { ends, standings }: Props = $props()

  const whenSet = (standing: Schemas['StandingView']): string =>
    [
      standing.lastSetAt ? `set ${day(standing.lastSetAt)}` : '',
      standing.dueOn
        ? `due ${date(standing.dueOn)} by ${authorityWords[standing.intervalAuthority].toLowerCase()}`
        : '',
    ]
      .filter(Boolean)
      .join('; ')
</script>

<ul class="border-t-2 border-ink">
  {#each ends as end (end.id)}
    {@const standing = standings.find((one) => one.id === end.id)}
    <li class="border-b border-rule">
      {#if standing?.openJobId}
        <a
          href={`/bench/${standing.openJobId}`}
          class="float-right mt-1 ml-3 flex min-h-11 items-center gap-2 rounded-plate border border-ink bg-grease-wash px-3 text-label font-semibold"
          ><Mark shape="jobOpen" size={20} /> Job open</a
        >
      {/if}
      <a
        href={`/wheel-ends/${end.id}`}
        class="grid min-h-16 grid-cols-[34px_1fr_auto] items-center gap-3 py-1 text-ink no-underline hover:bg-tray"
      >
        {#if standing}<Mark shape={states[standing.state].shape} size={30} />{/if}
        <span class="leading-tight">
          <span class="type-card">{end.position}</span>
          <span class="block text-label text-ink2"
            >{end.constructionWords}, {end.build.thread?.designation}</span
          >
          {#if standing}
            <span class="block text-label">
              <span class="font-semibold">{states[standing.state].word}</span>
              <span class="text-ink2"> {whenSet(standing)}</span>
            </span>
          {/if}
        </span>
        {#if standing?.endPlay}
          <span class="text-right"><BothUnits length={standing.endPlay} /></span>
        {/if}
      </a>
    </li>
  {/each}
</ul>

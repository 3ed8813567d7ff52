<script lang="ts">
  import { Hatch } from '$ui/hatch'
</script>

<!-- A hub in half-section, cut through its two bearings: what the work is about. Not to scale. -->
<svg
  viewBox="0 0 800 800"
  class="block h-full w-full"
  preserveAspectRatio="xMidYMid slice"
  aria-hidden="true"
>
  <defs>
    <Hatch id="door-spindle" angle={45} spacing={11} />
    <Hatch id="door-hub" angle={-45} spacing={9} />
    <Hatch id="door-cup" angle={45} spacing={5} />
  </defs>
  <path d="M-20 560H820" class="stroke-line" stroke-dasharray="18 4 3 4" />
  <g class="stroke-ink" stroke-width="2.4" stroke-linejoin="round">
    <path d="M60 560V470H196V460H270L470 400H640V330H820V560Z" fill="url(#door-spindle)" />
    <path
      d="M150 372V302H330L430 250V110H520V250H660V330H612V304H520L500 322H300L286 372Z"
      fill="url(#door-hub)"
    />
    <path d="M190 372H286V392L190 368Z" fill="url(#door-cup)" />
    <path d="M520 304H612V318L520 350Z" fill="url(#door-cup)" />
    <path d="M196 460V440L262 456V460Z" fill="url(#door-cup)" />
    <path d="M540 400V386L628 356V400Z" fill="url(#door-cup)" />
    <path d="M194 372 276 394 264 446 182 424Z" class="fill-sheet" />
    <path d="M526 352 610 324 624 372 540 400Z" class="fill-sheet" />
    <path d="M100 400H160V470H100Z" class="fill-sheet" />
    <path d="M640 262H676V330H640Z" class="fill-sheet" />
  </g>
  <g class="stroke-line">
    <path d="M229 409 223 435M568 362 582 386M60 410V320H150" fill="none" />
  </g>
</svg>

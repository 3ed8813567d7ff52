<script lang="ts">
  import { ProblemCard } from '$ui/problem-card'

  interface Props {
    /** Two-nut wheel ends are mostly heavy ones. */
    heavy: boolean
  }

  let { heavy }: Props = $props()
</script>

<ProblemCard tone="caution" title="A nut set wrong can cost the wheel" role="note">
  <p class="text-label">
    Rig on stands, never on a jack alone. The maker’s figure and sequence govern over all that
    stands here. Lock with a new cotter or tab and spin the hub before the cap goes on.
    {heavy ? 'Heavy wheel ends and brakes' : 'Brakes'} are licensed work in many places.
  </p>
</ProblemCard>

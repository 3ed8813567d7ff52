import type { Schemas } from '$api/request'

type Rig = Schemas['YardRigView']

/** A line of a plan drawing, in millimetres: x across from the middle, y back from the front of the body. */
export interface PlanLine {
  d: string
  weight: 'cut' | 'edge' | 'thin' | 'ghost'
}

const line = (weight: PlanLine['weight'], d: string): PlanLine => ({ d, weight })

const box = (x: number, y: number, w: number, h: number): string => `M${x} ${y}h${w}v${h}h${-w}Z`

/** A body with rounded corners; front and rear radii differ. */
function body(w: number, l: number, front: number, rear: number): string {
  const h = w / 2
  return (
    `M${-h} ${front}Q${-h} 0 ${-h + front} 0H${h - front}Q${h} 0 ${h} ${front}` +
    `V${l - rear}Q${h} ${l} ${h - rear} ${l}H${-h + rear}Q${-h} ${l} ${-h} ${l - rear}Z`
  )
}

/** An A-frame from the coupling to the body, with jockey wheel. */
function drawbar({ drawbarMillimetres: bar, widthMillimetres: w }: Rig): PlanLine[] {
  if (bar === 0) return []
  const half = w * 0.36
  return [
    line('edge', `M0 ${-bar}L${-half} 0M0 ${-bar}L${half} 0`),
    line('cut', `M-90 ${-bar - 30}q90 -190 180 0v190h-180Z`),
    line('edge', `M${half * 0.42 + 90} ${-bar * 0.45}m-75 0a75 75 0 1 0 150 0a75 75 0 1 0 -150 0`),
  ]
}

function boat({
  lengthMillimetres: l,
  widthMillimetres: w,
  drawbarMillimetres: bar,
}: Rig): PlanLine[] {
  const h = w * 0.46
  return [
    line('edge', `M0 ${-bar}V${l}`),
    line(
      'cut',
      `M0 ${-bar * 0.2}L${-h} ${l * 0.22}V${l * 0.98}M0 ${-bar * 0.2}L${h} ${l * 0.22}V${l * 0.98}`,
    ),
    line('edge', `M${-h} ${l * 0.45}H${h}M${-h} ${l * 0.98}H${h}`),
    line('cut', `M-90 ${-bar - 30}q90 -190 180 0v190h-180Z`),
    line(
      'ghost',
      `M0 ${-bar * 0.5}C${w * 0.3} ${l * 0.1} ${w * 0.5} ${l * 0.3} ${w * 0.5} ${l * 0.5}V${l * 1.03}H${-w * 0.5}V${l * 0.5}C${-w * 0.5} ${l * 0.3} ${-w * 0.3} ${l * 0.1} 0 ${-bar * 0.5}Z`,
    ),
  ]
}

function camper(rig: Rig): PlanLine[] {
  const { lengthMillimetres: l, widthMillimetres: w } = rig
  return [
    ...drawbar(rig),
    line('cut', body(w, l, w * 0.22, w * 0.1)),
    line('thin', `M${-w * 0.45} ${l * 0.07}Q0 ${l * 0.01} ${w * 0.45} ${l * 0.07}`),
    line('edge', box(-w * 0.18, l * 0.28, w * 0.36, w * 0.36)),
    line('thin', box(-w * 0.42, l * 0.78, w * 0.84, l * 0.17)),
  ]
}

function boards(rig: Rig): PlanLine[] {
  const { lengthMillimetres: l, widthMillimetres: w } = rig
  const planks = [-0.3, -0.1, 0.1, 0.3].map((x) => `M${w * x} 0V${l}`).join('')
  return [...drawbar(rig), line('cut', box(-w / 2, 0, w, l)), line('thin', planks)]
}

function horseBox(rig: Rig): PlanLine[] {
  const { lengthMillimetres: l, widthMillimetres: w } = rig
  return [
    ...drawbar(rig),
    line('cut', body(w, l, w * 0.3, w * 0.03)),
    line('edge', `M0 ${l * 0.3}V${l * 0.96}M${-w * 0.45} ${l * 0.3}H${w * 0.45}`),
    line('ghost', `M${-w * 0.4} ${l}v${l * 0.22}h${w * 0.8}v${-l * 0.22}`),
  ]
}

function plant(rig: Rig): PlanLine[] {
  const { lengthMillimetres: l, widthMillimetres: w } = rig
  const track = w * 0.22
  return [
    ...drawbar(rig),
    line('cut', box(-w / 2, 0, track, l) + box(w / 2 - track, 0, track, l)),
    line('edge', `M${-w / 2} 0H${w / 2}M${-w / 2} ${l}H${w / 2}`),
    line('thin', `M${-w * 0.28} ${l * 0.2}H${w * 0.28}M${-w * 0.28} ${l * 0.8}H${w * 0.28}`),
    line('edge', box(-w / 2, l, track, l * 0.16) + box(w / 2 - track, l, track, l * 0.16)),
  ]
}

function log(rig: Rig): PlanLine[] {
  const { lengthMillimetres: l, widthMillimetres: w } = rig
  const bunks = [0.06, 0.34, 0.66, 0.94].map((y) => box(-w / 2, l * y - 70, w, 140)).join('')
  return [
    ...drawbar(rig),
    line('cut', `M${-w * 0.18} 0V${l}M${w * 0.18} 0V${l}`),
    line('cut', bunks),
    line('thin', `M${-w * 0.18} ${l * 0.5}H${w * 0.18}M${-w * 0.18} ${l * 0.2}H${w * 0.18}`),
  ]
}

function roadster({ lengthMillimetres: l, widthMillimetres: w }: Rig): PlanLine[] {
  const h = w / 2
  return [
    line(
      'cut',
      `M${-h * 0.6} 40Q0 -60 ${h * 0.6} 40Q${h * 0.98} ${l * 0.1} ${h} ${l * 0.24}Q${h * 0.84} ${l * 0.5} ${h} ${l * 0.76}Q${h} ${l * 0.95} ${h * 0.6} ${l}H${-h * 0.6}Q${-h} ${l * 0.95} ${-h} ${l * 0.76}Q${-h * 0.84} ${l * 0.5} ${-h} ${l * 0.24}Q${-h * 0.98} ${l * 0.1} ${-h * 0.6} 40Z`,
    ),
    line('edge', `M${-h * 0.76} ${l * 0.46}Q0 ${l * 0.4} ${h * 0.76} ${l * 0.46}`),
    line(
      'edge',
      box(-h * 0.66, l * 0.53, h * 0.56, l * 0.13) + box(h * 0.1, l * 0.53, h * 0.56, l * 0.13),
    ),
    line(
      'thin',
      `M${-h * 0.3} ${l * 0.03}L${-h * 0.5} ${l * 0.42}M${h * 0.3} ${l * 0.03}L${h * 0.5} ${l * 0.42}`,
    ),
  ]
}

function truck({ lengthMillimetres: l, widthMillimetres: w }: Rig): PlanLine[] {
  return [
    line('cut', body(w, l, w * 0.16, 40)),
    line(
      'edge',
      `M${-w * 0.43} ${l * 0.2}Q0 ${l * 0.15} ${w * 0.43} ${l * 0.2}V${l * 0.4}H${-w * 0.43}Z`,
    ),
    line('edge', box(-w * 0.46, l * 0.43, w * 0.92, l * 0.54)),
    line('thin', `M${-w * 0.46} ${l * 0.61}H${w * 0.46}M${-w * 0.46} ${l * 0.79}H${w * 0.46}`),
  ]
}

function offRoader({ lengthMillimetres: l, widthMillimetres: w }: Rig): PlanLine[] {
  const rack = [0.52, 0.6, 0.68, 0.76, 0.84]
    .map((y) => `M${-w * 0.36} ${l * y}H${w * 0.36}`)
    .join('')
  return [
    line('cut', body(w, l, w * 0.12, w * 0.06)),
    line(
      'edge',
      `M${-w * 0.42} ${l * 0.34}Q0 ${l * 0.3} ${w * 0.42} ${l * 0.34}V${l * 0.44}H${-w * 0.42}Z`,
    ),
    line('edge', box(-w * 0.38, l * 0.47, w * 0.76, l * 0.44)),
    line('edge', rack),
    line('edge', `M${-w * 0.2} ${l}h${w * 0.4}v150h${-w * 0.4}Z`),
  ]
}

const plans: Record<Rig['kind'], (rig: Rig) => PlanLine[]> = {
  BOAT_TRAILER: boat,
  CAMPER: camper,
  UTILITY_TRAILER: boards,
  HORSE_TRAILER: horseBox,
  WORK_TRAILER: plant,
  HEAVY_TRAILER: log,
  CLASSIC_CAR: roadster,
  LIGHT_TRUCK: truck,
  FOUR_WHEEL_DRIVE: offRoader,
}

/** The rig in plan, drawn from its own length, width and drawbar. */
export const planOf = (rig: Rig): PlanLine[] => plans[rig.kind](rig)

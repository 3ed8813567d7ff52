import type { Schemas } from '$api/request'
import { number } from '$ui/number-field'
import type { DistanceBy, Kind, Use } from './words'

/** What is being entered about a rig, as typed. */
export class RigEntry {
  kind = $state<Kind>('UTILITY_TRAILER')
  name = $state('')
  plate = $state('')
  ownerName = $state('')
  ownerContact = $state('')
  builtIn = $state('')
  uses = $state<Use[]>([])
  distanceBy = $state<DistanceBy>('ESTIMATE')
  km = $state('')
  readOn = $state('')
  yearlyKm = $state('')
  length = $state('')
  width = $state('')
  drawbar = $state('')

  constructor(rig?: Schemas['RigForm']) {
    if (!rig) return
    this.kind = rig.kind
    this.name = rig.name
    this.plate = rig.plate
    this.ownerName = rig.ownerName ?? ''
    this.ownerContact = rig.ownerContact ?? ''
    this.builtIn = text(rig.builtIn)
    this.uses = [...rig.uses]
    this.distanceBy = rig.distance.by
    this.km = text(rig.distance.km)
    this.readOn = rig.distance.readOn ?? ''
    this.yearlyKm = text(rig.distance.yearlyKm)
    this.length = text(rig.lengthMillimetres)
    this.width = text(rig.widthMillimetres)
    this.drawbar = text(rig.drawbarMillimetres)
  }

  toggle(use: Use): void {
    this.uses = this.uses.includes(use)
      ? this.uses.filter((one) => one !== use)
      : [...this.uses, use]
  }

  toForm(): Schemas['RigForm'] {
    return {
      kind: this.kind,
      name: this.name,
      plate: this.plate,
      ownerName: this.ownerName,
      ownerContact: this.ownerContact,
      uses: this.uses,
      ...whole('builtIn', this.builtIn),
      distance: {
        by: this.distanceBy,
        ...whole('km', this.km),
        ...(this.readOn === '' ? {} : { readOn: this.readOn }),
        ...whole('yearlyKm', this.yearlyKm),
      },
      ...whole('lengthMillimetres', this.length),
      ...whole('widthMillimetres', this.width),
      ...whole('drawbarMillimetres', this.drawbar),
    }
  }
}

const text = (value: number | undefined): string => (value === undefined ? '' : String(value))

/** A field only where a number was typed. */
function whole<K extends string>(field: K, typed: string): Partial<Record<K, number>> {
  const n = number(typed.replace(/[ ,]/g, ''))
  return n === null ? {} : ({ [field]: n } as Record<K, number>)
}

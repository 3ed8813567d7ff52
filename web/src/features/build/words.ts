import type { Schemas } from '$api/request'

type Build = Schemas['BuildForm']
type Options<K extends keyof Build> = readonly {
  value: NonNullable<Build[K]> & string
  label: string
  note?: string
}[]

export const seals: Options<'seal'> = [
  { value: 'LIP', label: 'lip seal' },
  { value: 'DOUBLE_LIP', label: 'double lip seal' },
  { value: 'MARINE_TWO_PIECE', label: 'two-piece marine seal', note: 'lip in the hub, sleeve' },
  { value: 'UNITIZED', label: 'unitized seal', note: 'lip and sleeve in one' },
]
export const caps: Options<'cap'> = [
  { value: 'PLAIN', label: 'plain grease cap' },
  { value: 'SPRING_LOADED', label: 'spring-loaded cap' },
  { value: 'RUBBER_PLUG', label: 'cap with rubber plug' },
  { value: 'OIL_WINDOW', label: 'oil cap with window' },
  { value: 'DRIVE_FLANGE', label: 'drive flange or locking hub' },
  { value: 'NONE', label: 'none' },
]
export const spacings: Options<'spacing'> = [
  { value: 'NUT_SETS', label: 'the nut' },
  { value: 'SPACER', label: 'a spacer between the cones', note: 'the nut only gets its torque' },
]
export const snapRings: Options<'snapRing'> = [
  { value: 'NONE', label: 'none' },
  { value: 'BEFORE_CONE', label: 'over the inboard cone' },
  { value: 'BEFORE_CUP', label: 'behind the cone, over its cup' },
]
export const wheelFixings: Options<'wheel'> = [
  { value: 'NUTS', label: 'nuts on studs' },
  { value: 'BOLTS', label: 'bolts' },
]
export const brakes: Options<'brake'> = [
  { value: 'NONE', label: 'no brake' },
  { value: 'DRUM', label: 'drum' },
  { value: 'DISC', label: 'disc' },
]
export const cavities: Options<'cavity'> = [
  { value: 'EMPTY', label: 'left empty' },
  { value: 'RING', label: 'ring of grease' },
  { value: 'THIRD', label: 'a third full' },
  { value: 'FULL', label: 'filled' },
  { value: 'OIL', label: 'oil' },
]
export const washers: Options<'washer'> = [
  { value: 'FLAT', label: 'flat washer' },
  { value: 'D_SHAPED', label: 'D washer' },
  { value: 'KEYED', label: 'keyed washer' },
  { value: 'TANGED', label: 'tanged washer' },
]

/** The label of a choice. */
export const said = (options: readonly { value: string; label: string }[], value: string): string =>
  options.find((option) => option.value === value)?.label ?? value

/** What locks the nut, as one would say it. */
export function lockWords(lock: Schemas['LockForm']): string {
  const marks = (name: string): string => {
    const at = (('marksDegrees' in lock && lock.marksDegrees) || []).map((d) => `${d}°`)
    return at.length === 1 ? `one ${name}` : `${name}s at ${at.join(', ')}`
  }
  switch (lock.kind) {
    case 'CASTLE_NUT':
      return `castle nut, ${lock.slots} slots; ${marks('hole')}`
    case 'SEATED_RETAINER':
      return `${lock.slots}-slot retainer, ${lock.seats} seats${lock.offsetDegrees ? `, ${lock.offsetDegrees}° off its corners` : ''}; ${marks('hole')}`
    case 'PUSH_ON_RETAINER':
      return `push-on retainer, ${lock.seats} seats; ${marks('flat')}`
    case 'TANG_WASHER':
      return `tang washer under a nut of ${lock.flats} flats; ${marks('tang')}`
    case 'LOCK_PLATE':
      return `lock plate, ${lock.plateHoles} on ${lock.ringHoles} holes, ${lock.screws} screws`
    case 'TWO_NUTS':
      return 'two nuts with tab washer'
    case 'STAKED_COLLAR':
      return 'staked collar; nut always new'
  }
}

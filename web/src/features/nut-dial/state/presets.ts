import type { Lock } from './geometry'

/** Locks to start from when there is no wheel end; their numbers can be changed. */
export const lockPresets: { id: string; label: string; note: string; lock: Lock }[] = [
  {
    id: 'castle-one',
    label: 'Castle nut, one hole',
    note: '6 slots, a cotter straight through',
    lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0] },
  },
  {
    id: 'castle-two',
    label: 'Castle nut, two holes square',
    note: '6 slots, holes at 0° and 90°',
    lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 90] },
  },
  {
    id: 'castle-angled',
    label: 'Castle nut, angled hole',
    note: 'grease-through spindle: the pin passes beside the channel',
    lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0] },
  },
  {
    id: 'castle-uneven',
    label: 'Castle nut, holes at 45°',
    note: '6 slots, uneven stops',
    lock: { kind: 'CASTLE_NUT', slots: 6, marksDegrees: [0, 45] },
  },
  {
    id: 'sheet-cap',
    label: 'Castellated sheet cap on a hex nut',
    note: '6 slots, 10° off the corners: turned, and turned over',
    lock: { kind: 'SEATED_RETAINER', slots: 6, seats: 6, offsetDegrees: 10, marksDegrees: [0] },
  },
  {
    id: 'sheet-cap-ten',
    label: 'Sheet cap of ten-degree steps',
    note: '18 slots, seats twelve ways',
    lock: { kind: 'SEATED_RETAINER', slots: 18, seats: 12, marksDegrees: [0] },
  },
  {
    id: 'retainer-hex',
    label: 'Multi-slot retainer on a hex nut',
    note: '8 slots, seats six ways',
    lock: { kind: 'SEATED_RETAINER', slots: 8, seats: 6, marksDegrees: [0] },
  },
  {
    id: 'retainer-twelve',
    label: 'Multi-slot retainer, twelve-point nut',
    note: '10 slots, seats twelve ways',
    lock: { kind: 'SEATED_RETAINER', slots: 10, seats: 12, marksDegrees: [0] },
  },
  {
    id: 'push-on',
    label: 'Push-on retainer on a flat, no cotter',
    note: 'goes over a hex nut twelve ways; used again',
    lock: { kind: 'PUSH_ON_RETAINER', seats: 12, marksDegrees: [0] },
  },
  {
    id: 'tang',
    label: 'Tang washer under the nut',
    note: 'tangs bent up against the flats; one tang, 15° from the key',
    lock: { kind: 'TANG_WASHER', flats: 6, marksDegrees: [15] },
  },
  {
    id: 'plate',
    label: 'Lock plate with screws',
    note: 'plate of 15, ring of 12, three screws',
    lock: { kind: 'LOCK_PLATE', plateHoles: 15, ringHoles: 12, screws: 3 },
  },
  {
    id: 'two-nuts',
    label: 'Two nuts, tab washer',
    note: 'any angle; measure after locking',
    lock: { kind: 'TWO_NUTS' },
  },
  {
    id: 'staked',
    label: 'Staked collar',
    note: 'any angle; nut always new',
    lock: { kind: 'STAKED_COLLAR' },
  },
]

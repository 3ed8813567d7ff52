import type { Schemas } from '$api/request'

type Rig = Schemas['RigForm']
export type Kind = Rig['kind']
export type Use = Rig['uses'][number]
export type DistanceBy = Rig['distance']['by']

export const kinds: { value: Kind; label: string; axles: number; construction: Construction }[] = [
  {
    value: 'UTILITY_TRAILER',
    label: 'utility trailer',
    axles: 1,
    construction: 'STEPPED_UNBRAKED',
  },
  { value: 'BOAT_TRAILER', label: 'boat trailer', axles: 2, construction: 'STEPPED_BRAKED' },
  { value: 'CAMPER', label: 'camper', axles: 1, construction: 'GREASE_THROUGH' },
  { value: 'HORSE_TRAILER', label: 'horse trailer', axles: 2, construction: 'STEPPED_BRAKED' },
  { value: 'WORK_TRAILER', label: 'work trailer', axles: 1, construction: 'STEPPED_BRAKED' },
  { value: 'CLASSIC_CAR', label: 'classic car', axles: 2, construction: 'CLASSIC_CAR' },
  { value: 'LIGHT_TRUCK', label: 'light truck', axles: 1, construction: 'ROTOR_HUB' },
  {
    value: 'FOUR_WHEEL_DRIVE',
    label: 'four-wheel drive',
    axles: 2,
    construction: 'FULL_FLOATING_REAR',
  },
  { value: 'HEAVY_TRAILER', label: 'heavy trailer', axles: 2, construction: 'OIL_BATH_HEAVY' },
]

type Construction = Schemas['BuildForm']['construction']

export const uses: { value: Use; label: string }[] = [
  { value: 'SALT_WATER', label: 'salt water' },
  { value: 'FRESH_WATER', label: 'fresh water' },
  { value: 'WATER_CROSSINGS', label: 'water crossings' },
  { value: 'OFF_ROAD', label: 'off road' },
  { value: 'BRAKED', label: 'braked' },
  { value: 'BRAKED_HILLS', label: 'braked hills' },
  { value: 'LOADED_HIGH', label: 'loaded high' },
  { value: 'LONG_STORAGE', label: 'stands for months' },
  { value: 'LONG_TRIPS', label: 'long trips' },
]

export const distances: { value: DistanceBy; label: string }[] = [
  { value: 'ODOMETER', label: 'odometer' },
  { value: 'HUB_METER', label: 'hub meter' },
  { value: 'TRIPS', label: 'trips written down' },
  { value: 'ESTIMATE', label: 'estimate' },
]

import { almanac } from './almanac'
import { bearings } from './bearings'
import { figures } from './figures'
import { jobs } from './jobs'
import { reckon } from './reckon'
import { register } from './register'
import { reminders } from './reminders'
import { setting } from './setting'
import { client, dataOf } from './request'
import { shelf } from './shelf'
import { trips } from './trips'
import { workshop } from './workshop'
import type { Schemas } from './request'

export { isOpen, ProblemError, whenSignedOut } from './request'
export type { FieldProblem, Problem, Schemas } from './request'

/** A part of others in the pages, as the build wrote it down; without an identifier its text says what it is under. */
interface PagePart {
  name: string
  version: string
  identifier?: string | null
  text?: string
}

export const api = {
  ...almanac,
  ...register,
  ...reminders,
  ...figures,
  ...bearings,
  ...jobs,
  ...reckon,
  ...setting,
  ...shelf,
  ...trips,
  ...workshop,
  session: () => dataOf(client.GET('/api/session')),
  signIn: (body: Schemas['SignInForm']) => dataOf(client.POST('/api/session', { body })),
  signInCode: (code: string) => dataOf(client.POST('/api/session/code', { body: { code } })),
  secondFactor: () => dataOf(client.GET('/api/second-factor')),
  newSecondFactor: (current: string) =>
    dataOf(client.POST('/api/second-factor', { body: { current } })),
  confirmSecondFactor: (code: string) =>
    dataOf(client.POST('/api/second-factor/confirmed', { body: { code } })),
  removeSecondFactor: (current: string) =>
    dataOf(client.POST('/api/second-factor/removed', { body: { current } })),
  passkeys: () => dataOf(client.GET('/api/second-factor/passkeys')),
  passkeyWanted: (current: string) =>
    dataOf(client.POST('/api/second-factor/passkeys/wanted', { body: { current } })),
  addPasskey: (body: Schemas['NewPasskeyForm']) =>
    dataOf(client.POST('/api/second-factor/passkeys', { body })),
  removePasskey: (id: string) =>
    dataOf(client.DELETE('/api/second-factor/passkeys/{id}', { params: { path: { id } } })),
  signInPasskeyWanted: () => dataOf(client.POST('/api/session/passkey/wanted')),
  signInPasskey: (answer: Schemas['BrowserJson']) =>
    dataOf(client.POST('/api/session/passkey', { body: { answer } })),
  signOut: (everywhere: boolean) =>
    dataOf(client.DELETE('/api/session', { params: { query: { everywhere } } })),
  foundWorkshop: (body: Schemas['FirstOwnerForm']) =>
    dataOf(client.POST('/api/first-owner', { body })),
  people: () => dataOf(client.GET('/api/people')),
  addPerson: (body: Schemas['NewPersonForm']) => dataOf(client.POST('/api/people', { body })),
  changePerson: (id: string, body: Schemas['PersonForm']) =>
    dataOf(client.PUT('/api/people/{id}', { params: { path: { id } }, body })),
  setPassword: (id: string, body: Schemas['PasswordForm']) =>
    dataOf(client.PUT('/api/people/{id}/password', { params: { path: { id } }, body })),
  endDemo: (keepRigs: boolean) =>
    dataOf(client.POST('/api/workshop/demo-ended', { body: { keepRigs } })),
  backup: () => dataOf(client.GET('/api/workshop/backup')),
  about: () => dataOf(client.GET('/api/about')),
  partsOfThePage: async (): Promise<PagePart[]> => {
    const written = await fetch('/third-party.json')
    return written.ok ? ((await written.json()) as PagePart[]) : []
  },
  door: () => dataOf(client.GET('/api/door')),
  devices: () => dataOf(client.GET('/api/devices')),
  endDevice: (personId: string, name: string) =>
    dataOf(
      client.DELETE('/api/devices/{personId}/{name}', { params: { path: { personId, name } } }),
    ),
  security: (before?: number) =>
    dataOf(
      client.GET('/api/workshop/security', {
        params: { query: before === undefined ? {} : { before } },
      }),
    ),
  audit: (query: { recordId?: string; before?: number }) =>
    dataOf(client.GET('/api/audit', { params: { query } })),
  signOff: (wheelEndId: string, settingId: string) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/nut-settings/{settingId}/sign-off', {
        params: { path: { wheelEndId, settingId } },
      }),
    ),
  yard: (query: { show?: 'ALL' | 'DUE'; owner?: string; more?: string }) =>
    dataOf(client.GET('/api/yard', { params: { query } })),
  reference: () => dataOf(client.GET('/api/nut-reference')),
  nutHub: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}/nut', { params: { path: { id } } })),
  settings: (wheelEndId: string) =>
    dataOf(
      client.GET('/api/wheel-ends/{wheelEndId}/nut-settings', { params: { path: { wheelEndId } } }),
    ),
  calculate: (body: Schemas['NutCalculationForm']) =>
    dataOf(client.POST('/api/nut-calculations', { body })),
  saveSetting: (wheelEndId: string, body: Schemas['NutSettingForm']) =>
    dataOf(
      client.POST('/api/wheel-ends/{wheelEndId}/nut-settings', {
        params: { path: { wheelEndId } },
        body,
      }),
    ),
}

import { client, dataOf, type Schemas } from './request'

const end = (id: string) => ({ path: { id } })
const job = (jobId: string) => ({ path: { jobId } })

/** Schools of setting the nut, readings and what they prove, instruments. */
export const setting = {
  ownSchools: () => dataOf(client.GET('/api/nut-schools/own')),
  putSchool: (id: string, version: number, body: Schemas['SchoolForm']) =>
    dataOf(
      client.PUT('/api/nut-schools/own/{id}', {
        params: { path: { id }, query: { version } },
        body,
      }),
    ),
  retireSchool: (id: string) =>
    dataOf(client.DELETE('/api/nut-schools/own/{id}', { params: end(id) })),
  sequence: (jobId: string) =>
    dataOf(client.GET('/api/jobs/{jobId}/sequence', { params: job(jobId) })),
  chooseSchool: (jobId: string, body: Schemas['SchoolChosenForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/school', { params: job(jobId), body })),
  settingReopened: (jobId: string, body: Schemas['SettingReopenedForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/setting-reopened', { params: job(jobId), body })),
  cupMoved: (jobId: string, body: Schemas['CupMovedForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/cup-moved', { params: job(jobId), body })),
  senseTorque: (jobId: string, body: Schemas['TakenForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/torque', { params: job(jobId), body })),
  senseDrag: (jobId: string, body: Schemas['TakenForm']) =>
    dataOf(client.POST('/api/jobs/{jobId}/drag', { params: job(jobId), body })),
  playReadings: (id: string, body: Schemas['DialReadingsForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/play-readings', { params: end(id), body })),
  playChecks: (id: string) =>
    dataOf(client.GET('/api/wheel-ends/{id}/play-checks', { params: end(id) })),
  addPlayCheck: (id: string, body: Schemas['PlayCheckForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/play-checks', { params: end(id), body })),
  rock: (id: string, body: Schemas['RockForm']) =>
    dataOf(client.POST('/api/wheel-ends/{id}/rock', { params: end(id), body })),
  drag: (body: Schemas['DragForm']) => dataOf(client.POST('/api/readings/drag', { body })),
  freeChart: (body: Schemas['FreeChartForm']) =>
    dataOf(client.POST('/api/reckoner/setting-chart', { body })),
  instruments: () => dataOf(client.GET('/api/instruments')),
  nearbyInstruments: () => dataOf(client.GET('/api/instruments/nearby')),
  pairInstrument: (body: Schemas['PairForm']) => dataOf(client.POST('/api/instruments', { body })),
  forgetInstrument: (id: string) =>
    dataOf(client.DELETE('/api/instruments/{id}', { params: end(id) })),
  takeReading: (id: string) =>
    dataOf(client.POST('/api/instruments/{id}/take', { params: end(id) })),
}

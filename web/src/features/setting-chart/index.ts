export { default as AfterDriveFound } from './AfterDriveFound.svelte'
export { default as Chart } from './Chart.svelte'
export { default as SettingChartPage } from './SettingChartPage.svelte'
export { AfterDrive } from './after-drive.svelte'

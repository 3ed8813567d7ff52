export { default as SettingChartPage } from './SettingChartPage.svelte'
export { default as Chart } from './Chart.svelte'

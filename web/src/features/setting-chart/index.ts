export { default as SettingChartPage } from './SettingChartPage.svelte'

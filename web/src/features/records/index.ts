export { records } from './records'

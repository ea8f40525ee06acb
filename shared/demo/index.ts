export { demoBackup } from './demo'

export { bobbinCapacityM, threadUsage, USUAL_WASTE, type Usage, type UsageInput } from './usage'

export {
  bobbinCapacityM,
  threadUsage,
  USUAL_WASTE,
  WINDING_PACKING,
  type Usage,
  type UsageInput,
} from './usage'

export { type BladeAt, type Dimension, type Opening, plateView, type PlateView } from './plateView'
export { type WheelBar, wheelView, type WheelView } from './wheelView'

import { ALL_VIEWS } from '../../app/stations'
import { lookAtEach } from './everyView'

/** The bench card has no frame, and a test of its own. */
const framed = ALL_VIEWS.filter(({ axe }) => axe)
const HALF = Math.ceil(framed.length / 2)
lookAtEach(framed.slice(0, HALF))

import { typeIntoEveryField } from '../typing/everyField'

typeIntoEveryField('plain')

import { typeIntoEveryField } from '../typing/everyField'

typeIntoEveryField('demo')

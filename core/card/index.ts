export {
  benchCard,
  CARD_FIELDS,
  type BenchCard,
  type CardCaution,
  type CardField,
  type CardFieldId,
  type CardInput,
} from './card'

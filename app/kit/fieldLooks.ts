import appConfig from '#build/app.config'
import formField from '#build/ui/form-field'
import select from '#build/ui/select'
import { looksOf } from './looks'

export const FIELD_PARTS = [
  'root',
  'wrapper',
  'labelWrapper',
  'label',
  'hint',
  'container',
  'error',
  'help',
] as const
export const fieldLook = looksOf(formField, appConfig.ui.formField, FIELD_PARTS)
export const listLook = looksOf(select, appConfig.ui.select, ['base', 'value', 'trailing', 'trailingIcon'])

import appConfig from '#build/app.config'
import checkbox from '#build/ui/checkbox'
import checkboxGroup from '#build/ui/checkbox-group'
import switchTheme from '#build/ui/switch'
import { looksOf } from './looks'

const BESIDE = ['root', 'container', 'base', 'wrapper', 'label', 'description'] as const
export const checkboxLook = looksOf(checkbox, appConfig.ui.checkbox, [...BESIDE, 'indicator', 'icon'])
export const switchLook = looksOf(switchTheme, appConfig.ui.switch, [...BESIDE, 'thumb'])
export const checkboxGroupLook = looksOf(checkboxGroup, appConfig.ui.checkboxGroup, [
  'root',
  'fieldset',
  'legend',
  'item',
])

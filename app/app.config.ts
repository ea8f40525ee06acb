/** A tick of 24 px that answers to a finger of 44: the box is drawn inside its button. */
const TICK = [
  'relative size-11 -ms-2.5 ring-0 overflow-visible before:absolute before:inset-2.5',
  'before:ring-2 before:ring-inset before:ring-accented before:bg-(--white)',
].join(' ')
const SWITCH = [
  'relative before:absolute before:-inset-x-1 before:-inset-y-3',
  'data-[state=unchecked]:bg-(--line-strong)',
].join(' ')
const TICKED = 'absolute inset-2.5 size-6 w-6 h-6'
/** What is typed or chosen from stands 44 px tall, in the size of the page's text. */
const BOX = 'min-h-11 text-base bg-(--white)'
/** The entry one is at has a background of its own, not a shape laid behind it. */
const MARKED = 'before:hidden rounded-md data-highlighted:bg-elevated'
/** What one chooses from, and what opens below it. */
const LIST = {
  slots: {
    base: `w-full ${BOX} cursor-pointer`,
    content: 'max-h-80 ring-(--line-strong)',
    item: `min-h-11 items-center text-base ${MARKED}`,
    value: 'whitespace-normal overflow-visible text-start',
  },
  defaultVariants: { size: 'xl' },
} as const
/** A button with no words is as wide as a finger, its icon in the middle. */
const LONE_ICON = [
  '[&:has(>[data-slot=leadingIcon]:only-child)]:min-w-11',
  '[&:has(>[data-slot=leadingIcon]:only-child)]:justify-center',
].join(' ')
/** One size of words on every button; `sm` only stands closer. */
const BUTTON_WORDS = 'text-[15px]/5'

export default defineAppConfig({
  ui: {
    colors: { primary: 'mulberry', neutral: 'linen' },
    alert: { slots: { title: 'text-base font-semibold', description: 'text-base opacity-100' } },
    badge: { slots: { base: 'font-semibold text-[15px]/5 rounded-full' } },
    button: {
      slots: {
        base: `min-h-11 ${LONE_ICON} font-semibold cursor-pointer`,
        label: 'overflow-visible text-clip whitespace-normal',
      },
      variants: {
        variant: { outline: 'ring-accented' },
        size: { sm: { base: BUTTON_WORDS }, md: { base: BUTTON_WORDS } },
      },
    },
    // The stations' own cards, with the kit's parts: what is inside lays itself out.
    card: {
      slots: { root: 'card rounded-[14px] overflow-visible', body: 'contents p-0 sm:p-0' },
      variants: { variant: { outline: { root: 'ring-0 bg-(--white) divide-y-0' } } },
    },
    checkbox: {
      slots: { root: 'min-h-11 items-center', label: 'cursor-pointer font-normal', description: 'hint' },
      variants: {
        indicator: { start: { wrapper: 'ms-0' } },
        size: {
          xl: { base: `${TICK} before:rounded-sm`, indicator: `${TICKED} rounded-sm`, container: 'h-11' },
        },
      },
      defaultVariants: { size: 'xl' },
    },
    checkboxGroup: { slots: { legend: 'font-bold text-base' }, defaultVariants: { size: 'xl' } },
    commandPalette: { slots: { item: `min-h-11 items-center text-base ${MARKED}` } },
    colorPicker: { defaultVariants: { size: 'lg' } },
    empty: { slots: { root: 'card', title: 'text-base', description: 'text-base' } },
    fieldGroup: { base: 'max-w-full flex-wrap' },
    fileUpload: {
      slots: { base: 'bg-(--white) border-(--line-strong) cursor-pointer min-h-16', label: 'mt-0' },
    },
    formField: {
      slots: {
        labelWrapper: 'flex items-baseline justify-start gap-1',
        label: 'field-label',
        hint: 'hint',
        help: 'hint mt-0',
        error: 'hint strikes-ink mt-0',
      },
      variants: {
        size: { md: { root: 'text-base leading-[inherit]' } },
        orientation: { vertical: { container: 'mt-0' } },
      },
    },
    input: { slots: { root: 'w-full', base: BOX }, defaultVariants: { size: 'xl' } },
    inputDate: { slots: { base: `w-full ${BOX}` }, defaultVariants: { size: 'xl' } },
    // The title ends before the button that closes.
    // On a phone it leaves room above for a note.
    modal: {
      slots: {
        title: 'font-serif text-xl font-normal',
        header: 'pe-16 sm:pe-16',
        content: 'max-sm:top-[calc(50%+3.5rem)] max-sm:max-h-[calc(100dvh-9rem)]',
      },
    },
    popover: { slots: { content: 'panel' } },
    radioGroup: {
      slots: {
        legend: 'font-bold text-base',
        item: 'min-h-11 items-center',
        label: 'cursor-pointer font-normal leading-tight',
        description: 'hint',
        wrapper: 'ms-0',
      },
      variants: {
        indicator: { start: { wrapper: 'ms-0' } },
        size: {
          xl: {
            base: `${TICK} before:rounded-full`,
            indicator: `${TICKED} rounded-full after:size-2`,
            container: 'h-11',
          },
        },
      },
      defaultVariants: { size: 'xl' },
    },
    select: LIST,
    selectMenu: LIST,
    // The whole line answers, not the 24 px of the switch.
    switch: {
      slots: {
        root: 'min-h-11 items-center',
        base: SWITCH,
        label: 'cursor-pointer',
      },
      defaultVariants: { size: 'xl' },
    },
    table: {
      slots: {
        th: 'px-2.5 py-1 text-[15px] align-bottom',
        td: 'px-2.5 py-1 text-base text-default whitespace-normal',
        empty: 'text-base',
      },
    },
    toast: { slots: { root: 'items-center' } },
    tooltip: { slots: { content: 'h-auto text-[15px]' } },
  },
})

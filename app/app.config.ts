export default defineAppConfig({
  ui: {
    colors: { primary: 'mulberry', neutral: 'linen' },
    button: {
      slots: { base: 'min-h-11 font-semibold text-base cursor-pointer' },
      variants: { variant: { outline: 'ring-accented' } },
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
    input: { slots: { root: 'w-full', base: 'min-h-11 text-base' } },
    // The title ends before the button that closes.
    modal: { slots: { title: 'font-serif text-xl font-normal', header: 'pe-16 sm:pe-16' } },
  },
})

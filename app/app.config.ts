export default defineAppConfig({
  ui: {
    colors: { primary: 'mulberry', neutral: 'linen' },
    button: {
      slots: { base: 'min-h-11 font-semibold text-base cursor-pointer' },
      variants: { variant: { outline: 'ring-accented' } },
    },
    input: { slots: { root: 'w-full', base: 'min-h-11 text-base' } },
    modal: { slots: { title: 'font-serif text-xl font-normal' } },
  },
})

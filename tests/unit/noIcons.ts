/** Icons come from the app’s own sheet, which is not built for these tests. */
export const Icon = { render: () => null }

/** Whether an error says that a script did not load, as browsers word it. */
export const isLoadFailure = (error: unknown): boolean =>
  error instanceof Error
  && /dynamically imported module|importing a module script|unable to preload/i.test(error.message)

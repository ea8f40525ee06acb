/** What is said to those who do not see it happen; the latest alone. */
const said = ref('')

/** Says what nothing else would be heard of: a row that jumped, an answer that came late. */
export function useSaid() {
  async function say(words: string): Promise<void> {
    // The same words twice are two changes.
    said.value = ''
    await nextTick()
    said.value = words
  }
  return { said: readonly(said), say }
}

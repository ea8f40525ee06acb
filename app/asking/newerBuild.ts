/** Whether the server has another build by now: then what this tab asks for may be gone. */
export type BuildNow = 'same' | 'newer' | 'no answer'

/**
 * @param buildId - of the app that runs here, as its page says it.
 */
export async function buildNow(buildId: string): Promise<BuildNow> {
  try {
    // The question mark keeps a service worker from answering with the page it has.
    const page = await fetch(`/?build=${buildId}`, { cache: 'no-store', signal: AbortSignal.timeout(5000) })
    if (!page.ok) return 'no answer'
    return (await page.text()).includes(buildId) ? 'same' : 'newer'
  } catch {
    return 'no answer'
  }
}

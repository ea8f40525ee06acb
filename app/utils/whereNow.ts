/** The view that is shown: told by the frame, so that stores need no router. */
let path = '/'

export const whereNow = (): string => path
export function goneTo(next: string): void {
  path = next
}

const stands = shallowRef(false)

/** Whether the first view of this visit stands: what is no part of it waits for that, and slows nothing. */
export const firstViewStands = readonly(stands)

export function noteFirstView(): void {
  stands.value = true
}

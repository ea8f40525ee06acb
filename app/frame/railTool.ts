/** Something the rail can do on every page. */
export interface RailTool {
  readonly name: string
  /** Where there is little room. @defaultValue the name */
  readonly short?: string
  readonly icon: string
  /** Printed beside it where there is room. */
  readonly key: string
  readonly isOff: boolean
  /** A switch; left out: it is none. */
  readonly isOn?: boolean
  readonly does: () => void
}

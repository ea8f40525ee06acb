/** The part of it that the map is held against. */
declare module 'perspective-transform' {
  interface Transform {
    readonly transform: (x: number, y: number) => readonly [number, number]
  }
  export default function PerspT(from: readonly number[], to: readonly number[]): Transform
}

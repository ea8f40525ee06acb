/** Where a pointer stands in a drawing's own millimetres, y down. */
export function mmOf(
  event: PointerEvent | MouseEvent,
  group: SVGGraphicsElement | null,
): { x: number; y: number } | null {
  const matrix = group?.getScreenCTM()
  if (!matrix) return null
  const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse())
  return { x, y }
}

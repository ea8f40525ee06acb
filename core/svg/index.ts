/** A length as written into an SVG whose unit is a millimetre, to a thousandth. */
export function mm(value: number): string {
  return String(Math.round(value * 1000) / 1000)
}

/** Plain text made safe for an SVG's text and titles. */
export function escapeXml(text: string): string {
  return text.replace(/[&<>"']/g, c => `&#${c.charCodeAt(0)};`)
}

import { jsPDF } from 'jspdf'
import type { Mark, Sheet } from '#core/sheet'

const PT_PER_MM = 72 / 25.4
const DASH_MM = [1.5, 1.5]
/** The PDF's built-in letters know Western European text; anything else would come out garbled. */
const NOT_PRINTABLE = /[^\u0020-\u007e\u00a0-\u00ff\u2013\u2014\u2018\u2019\u201c\u201d\u2022\u2026\u20ac]/g
const printable = (text: string) =>
  text
    .replace(/\u2212/g, '-')
    .normalize('NFC')
    .replace(NOT_PRINTABLE, '?')

/** Sheets as pages of a PDF at true size: a millimetre in the sheet is a millimetre on paper. */
export function sheetsToPdf(sheets: readonly Sheet[]): Blob {
  const [first] = sheets
  const pdf = new jsPDF({
    unit: 'mm',
    format: [first!.wideMm, first!.tallMm],
    compress: true,
    putOnlyUsedFonts: true,
  })
  pdf.setProperties({ creator: 'Lacy Spool' })
  pdf.viewerPreferences({ PrintScaling: 'None' })
  sheets.forEach(({ wideMm, tallMm, marks }, i) => {
    if (i > 0) pdf.addPage([wideMm, tallMm])
    for (const mark of marks) draw(pdf, mark)
  })
  return pdf.output('blob')
}

function draw(pdf: jsPDF, mark: Mark): void {
  if (mark.kind === 'line') {
    pdf.setLineWidth(mark.lineMm)
    pdf.setLineDashPattern(mark.dashed ? DASH_MM : [], 0)
    pdf.line(mark.x1, mark.y1, mark.x2, mark.y2)
  } else if (mark.kind === 'rect') {
    pdf.setLineWidth(mark.lineMm)
    pdf.setLineDashPattern([], 0)
    pdf.rect(mark.x, mark.y, mark.wideMm, mark.tallMm)
  } else {
    const said = printable(mark.text)
    pdf.setFont('helvetica', mark.bold ? 'bold' : 'normal')
    pdf.setFontSize(mark.sizeMm * PT_PER_MM)
    const wide = pdf.getTextWidth(said)
    if (wide > mark.mostMm) pdf.setFontSize((mark.sizeMm * PT_PER_MM * mark.mostMm) / wide)
    const align = ({ start: 'left', middle: 'center', end: 'right' } as const)[mark.anchor]
    pdf.text(said, mark.x, mark.y, { align })
  }
}

import { jsPDF } from 'jspdf'
import { fitted, type Mark, type PathStep, type Sheet, type Stroke } from '#core/paper'

const PT_PER_MM = 72 / 25.4
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
  switch (mark.kind) {
    case 'line':
      takePen(pdf, mark)
      pdf.line(mark.x1, mark.y1, mark.x2, mark.y2)
      return
    case 'rect':
      pdf.rect(mark.x, mark.y, mark.wideMm, mark.tallMm, paintOf(pdf, mark))
      return
    case 'circle':
      pdf.circle(mark.x, mark.y, mark.radiusMm, paintOf(pdf, mark))
      return
    case 'path': {
      const paint = paintOf(pdf, mark)
      pdf.path(mark.steps.map(pdfStepOf))
      PAINTS[paint](pdf)
      return
    }
    case 'text':
      write(pdf, mark)
      return
    case 'window':
      pdf.saveGraphicsState()
      pdf.rect(mark.x, mark.y, mark.wideMm, mark.tallMm, null)
      pdf.clip()
      pdf.discardPath()
      for (const inner of mark.marks) draw(pdf, inner)
      pdf.restoreGraphicsState()
  }
}

function takePen(pdf: jsPDF, { lineMm, dashMm, ink, opacity, ends }: Stroke): void {
  pdf.setLineWidth(lineMm)
  pdf.setLineDashPattern(dashMm ? [...dashMm] : [], 0)
  pdf.setDrawColor(ink)
  pdf.setLineCap(ends === 'round' ? 'round' : 'butt')
  pdf.setGState(pdf.GState({ 'stroke-opacity': opacity }))
}

/** Stroked, filled, or both, as the PDF calls it. */
type Paint = 'S' | 'F' | 'FD'
const PAINTS: Record<Paint, (pdf: jsPDF) => void> = {
  S: pdf => pdf.stroke(),
  F: pdf => pdf.fill(),
  FD: pdf => pdf.fillStroke(),
}

function paintOf(pdf: jsPDF, mark: Stroke & { readonly fill: string | null }): Paint {
  takePen(pdf, mark)
  if (mark.fill === null) return 'S'
  pdf.setFillColor(mark.fill)
  return mark.lineMm === 0 ? 'F' : 'FD'
}

const PDF_STEPS = { M: 'm', L: 'l', C: 'c', Z: 'h' } as const
function pdfStepOf([letter, ...numbers]: PathStep): { op: string; c: number[] } {
  return { op: PDF_STEPS[letter], c: numbers }
}

function write(pdf: jsPDF, { x, y, text, sizeMm, bold, anchor, mostMm }: Extract<Mark, { kind: 'text' }>) {
  pdf.setFont('helvetica', bold ? 'bold' : 'normal')
  const set = fitted(printable(text), sizeMm, mostMm, (words, size) => {
    pdf.setFontSize(size * PT_PER_MM)
    return pdf.getTextWidth(printable(words))
  })
  pdf.setFontSize(set.sizeMm * PT_PER_MM)
  const align = ({ start: 'left', middle: 'center', end: 'right' } as const)[anchor]
  pdf.text(printable(set.words), x, y, { align })
}

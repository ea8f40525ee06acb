/** Offers text as a file to keep. */
export function download(name: string, type: string, text: string): void {
  downloadBlob(name, new Blob([text], { type: `${type};charset=utf-8` }))
}

/** Offers bytes as a file to keep. */
export function downloadBlob(name: string, blob: Blob): void {
  const url = URL.createObjectURL(blob)
  const link = Object.assign(document.createElement('a'), { href: url, download: name })
  link.click()
  URL.revokeObjectURL(url)
}

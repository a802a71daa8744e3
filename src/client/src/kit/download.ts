/** Hands a file to the browser, to be put where it puts files. */
export function download(content: Blob, name: string) {
  const link = document.createElement('a')
  link.href = URL.createObjectURL(content)
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(link.href), 10_000)
}

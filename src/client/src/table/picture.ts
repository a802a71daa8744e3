const painted = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linecap',
  'stroke-linejoin',
  'paint-order',
  'opacity',
  'display',
  'font-size',
  'font-weight',
  'text-anchor',
]

/** Across, in pixels, of a picture as PNG. */
const pngWidth = 2000

/** The table as a picture that stands alone: what the page's styles say is written into its elements. */
export function pictureSvg(table: SVGSVGElement): string {
  const copy = table.cloneNode(true) as SVGSVGElement
  const [shown, copied] = [table, copy].map((root) => [root, ...root.querySelectorAll<SVGElement>('*')])
  shown!.forEach((element, i) => {
    const style = getComputedStyle(element)
    const target = copied![i]!
    for (const name of painted) {
      const value = style.getPropertyValue(name)
      if (value) target.style.setProperty(name, value)
    }
    for (const name of ['class', 'tabindex', 'role']) target.removeAttribute(name)
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.style.setProperty('font-family', 'sans-serif')
  const { width, height } = table.viewBox.baseVal
  copy.setAttribute('width', String(Math.round(width / 4)))
  copy.setAttribute('height', String(Math.round(height / 4)))
  return new XMLSerializer().serializeToString(copy)
}

/** The same picture as PNG. */
export async function picturePng(table: SVGSVGElement): Promise<Blob> {
  const { width, height } = table.viewBox.baseVal
  const image = new Image()
  image.src = `data:image/svg+xml;charset=utf-8,${encodeURIComponent(pictureSvg(table))}`
  await image.decode()
  const canvas = document.createElement('canvas')
  canvas.width = pngWidth
  canvas.height = Math.round((pngWidth * height) / width)
  canvas.getContext('2d')!.drawImage(image, 0, 0, canvas.width, canvas.height)
  return new Promise((resolve, reject) =>
    canvas.toBlob((blob) => (blob ? resolve(blob) : reject(new Error('The browser made no picture.'))), 'image/png'),
  )
}

const PROPERTIES = [
  'fill',
  'fill-opacity',
  'stroke',
  'stroke-width',
  'stroke-dasharray',
  'stroke-linejoin',
  'opacity',
  'font-family',
  'font-size',
  'font-weight',
  'text-anchor',
]

/** The drawing by itself: what the page's styles said of it is written into it. */
export function standalone(svg: SVGSVGElement): string {
  const copy = svg.cloneNode(true) as SVGSVGElement
  const originals = [svg, ...svg.querySelectorAll('*')]
  const copies = [copy, ...copy.querySelectorAll('*')]
  const [, , width, height] = (svg.getAttribute('viewBox') ?? '').split(' ')
  copies.forEach((element, i) => {
    const original = originals[i]
    if (!original) return
    const style = getComputedStyle(original)
    const around =
      i === 0 || !original.parentElement ? null : getComputedStyle(original.parentElement)
    for (const property of PROPERTIES) {
      const value = style.getPropertyValue(property)
      // what is inherited need not be said again; opacity is not
      if (property !== 'opacity' && value === around?.getPropertyValue(property)) {
        element.removeAttribute(property)
        continue
      }
      if (property === 'opacity' && value === '1') continue
      // a pattern is named by the attribute; its computed name would carry the page's address
      const named = element.getAttribute(property)?.startsWith('url(#')
      if (value !== '' && !named) element.setAttribute(property, value)
    }
    for (const attribute of [
      'class',
      'role',
      'tabindex',
      'aria-pressed',
      'aria-hidden',
      'data-part',
    ])
      element.removeAttribute(attribute)
  })
  copy.setAttribute('xmlns', 'http://www.w3.org/2000/svg')
  copy.setAttribute('width', width ?? '')
  copy.setAttribute('height', height ?? '')
  const ground = document.createElementNS('http://www.w3.org/2000/svg', 'rect')
  ground.setAttribute('width', '100%')
  ground.setAttribute('height', '100%')
  ground.setAttribute('fill', resolved(getComputedStyle(document.documentElement), '--color-sheet'))
  copy.prepend(ground)
  return new XMLSerializer().serializeToString(copy)
}

/** A colour token as the light of the day makes it. */
function resolved(style: CSSStyleDeclaration, token: string): string {
  const [day, lamp] = [...style.getPropertyValue(token).matchAll(/#[0-9a-f]{6}/g)].map((m) => m[0])
  const dark = document.documentElement.dataset['theme'] === 'dark'
  return (dark ? lamp : day) ?? day ?? 'white'
}

function download(blob: Blob, name: string): void {
  const url = URL.createObjectURL(blob)
  const link = document.createElement('a')
  link.href = url
  link.download = name
  link.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}

export function saveSvg(svg: SVGSVGElement, name: string): void {
  download(new Blob([standalone(svg)], { type: 'image/svg+xml' }), `${name}.svg`)
}

/** Twice the drawing's size, so that it prints. */
export async function savePng(svg: SVGSVGElement, name: string): Promise<void> {
  const [, , width, height] = (svg.getAttribute('viewBox') ?? '0 0 1 1').split(' ').map(Number)
  const url = URL.createObjectURL(new Blob([standalone(svg)], { type: 'image/svg+xml' }))
  try {
    const image = new Image()
    image.src = url
    await image.decode()
    const canvas = document.createElement('canvas')
    canvas.width = Math.round((width ?? 1) * 2)
    canvas.height = Math.round((height ?? 1) * 2)
    canvas.getContext('2d')?.drawImage(image, 0, 0, canvas.width, canvas.height)
    const blob = await new Promise<Blob | null>((done) => canvas.toBlob(done, 'image/png'))
    if (blob) download(blob, `${name}.png`)
  } finally {
    URL.revokeObjectURL(url)
  }
}

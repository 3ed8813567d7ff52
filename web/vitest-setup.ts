import '@testing-library/jest-dom/vitest'

// jsdom has no layout: what Bits UI asks of a browser and a test never needs
class Unobserved {
  observe() {}
  unobserve() {}
  disconnect() {}
}
Object.assign(globalThis, { ResizeObserver: Unobserved, IntersectionObserver: Unobserved })
Element.prototype.scrollIntoView = () => {}
Element.prototype.hasPointerCapture = () => false
Element.prototype.setPointerCapture = () => {}
Element.prototype.releasePointerCapture = () => {}

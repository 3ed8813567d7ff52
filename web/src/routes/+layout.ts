// one page in the browser; the application serves it for every address
export const ssr = false
export const prerender = false

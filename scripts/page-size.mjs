// Adds up the gzip sizes of the scripts and styles that the first page (the yard) loads, by following
// the imports from the start page. Argument: the folder of the built interface.
import { readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'

const root = process.argv[2]
const manifest = JSON.parse(readFileSync(join(root, '../.svelte-kit/output/client/.vite/manifest.json'), 'utf8'))
const seen = new Set()

function follow(key) {
  const chunk = manifest[key]
  if (!chunk || seen.has(chunk.file)) return
  seen.add(chunk.file)
  for (const css of chunk.css ?? []) seen.add(css)
  for (const imported of chunk.imports ?? []) follow(imported)
}

for (const key of Object.keys(manifest)) {
  // entry points, the layout (node 0) and the yard (node 2; 1 is the error page)
  if (/entry|nodes\/(0|2)\.js$/.test(key) || /client(-optimized)?\/app\.js$|runtime\/client\/entry/.test(key)) follow(key)
}

let total = 0
for (const file of [...seen].sort()) {
  if (!/\.(js|css)$/.test(file)) continue
  const size = gzipSync(readFileSync(join(root, file))).length
  total += size
  console.log(`${String(size).padStart(7)}  ${file}`)
}
console.log(`${String(total).padStart(7)}  bytes of scripts and styles on the first page, gzip`)

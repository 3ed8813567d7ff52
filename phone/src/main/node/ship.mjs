// Makes the compiled script small with the interface's own minifier and lays it out to be served, compressed beside it:
// ship.mjs SCRIPT FOLDER
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { brotliCompressSync, constants, gzipSync } from 'node:zlib'

const [script, folder] = process.argv.slice(2)
const web = createRequire(new URL('../../../../web/package.json', import.meta.url))
const vite = createRequire(web.resolve('vite'))
const { minifySync } = await import(vite.resolve('rolldown/experimental'))

const whole = [script, new URL('in-worker.js', import.meta.url)].map((file) => readFileSync(file, 'utf8')).join('\n')
const { code, errors } = minifySync('trackside.js', whole, { module: false })
if (errors.length > 0) throw new Error(`${script}: ${errors[0].message}`)
mkdirSync(folder, { recursive: true })
writeFileSync(`${folder}/trackside.js`, code)
writeFileSync(`${folder}/trackside.js.gz`, gzipSync(code, { level: 9 }))
const brotli = { params: { [constants.BROTLI_PARAM_SIZE_HINT]: Buffer.byteLength(code) } }
writeFileSync(`${folder}/trackside.js.br`, brotliCompressSync(code, brotli))

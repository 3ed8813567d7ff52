import { createHash } from 'node:crypto'
import { readFileSync, writeFileSync } from 'node:fs'

const INLINE = /<script>([\s\S]*?)<\/script>/

/** Where the part behind the page has the script's name, which it keeps with the pages. */
const PLACE = '%start-script%'

/**
 * An adapter whose start page holds no inline script: the server's content policy allows none. The script moves into a
 * file named by its content, beside the other immutable files; then the files are compressed.
 *
 * @param {import('@sveltejs/kit').Adapter} adapter
 * @returns {import('@sveltejs/kit').Adapter}
 */
export function withoutInlineScript(adapter, folder = 'build') {
  return {
    ...adapter,
    async adapt(builder) {
      await adapter.adapt(builder)
      const page = `${folder}/index.html`
      const html = readFileSync(page, 'utf8')
      const script = INLINE.exec(html)?.[1]
      if (script === undefined) throw new Error(`${page} holds no start script`)
      const hash = createHash('sha256').update(script).digest('hex').slice(0, 12)
      const name = `_app/immutable/start.${hash}.js`
      writeFileSync(`${folder}/${name}`, script)
      writeFileSync(page, html.replace(INLINE, `<script src="/${name}"></script>`))
      const behind = `${folder}/service-worker.js`
      const keeps = readFileSync(behind, 'utf8')
      if (!keeps.includes(PLACE)) throw new Error(`${behind} does not keep the start script`)
      writeFileSync(behind, keeps.replace(PLACE, `/${name}`))
      await builder.compress(folder)
    },
  }
}

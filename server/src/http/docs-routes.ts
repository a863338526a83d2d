import type { References } from '@yardfrost/core'
import express, { type Router } from 'express'
import { createRequire } from 'node:module'
import { dirname } from 'node:path'
import { openApiDocument } from './openapi.ts'
import type { Serve } from './serve.ts'

const assets = dirname(createRequire(import.meta.url).resolve('swagger-ui-dist/package.json'))

const page = `<!doctype html>
<html lang="en">
  <head>
    <meta charset="utf-8" />
    <title>Yardfrost API</title>
    <link rel="stylesheet" href="docs/assets/swagger-ui.css" />
  </head>
  <body>
    <div id="api"></div>
    <script src="docs/assets/swagger-ui-bundle.js"></script>
    <script src="docs/start.js"></script>
  </body>
</html>
`
// A file of its own: the page allows no inline scripts.
const start = `SwaggerUIBundle({ url: 'openapi.json', dom_id: '#api', deepLinking: true, validatorUrl: null })\n`

/** The OpenAPI document and a page to browse it; everything the page needs ships with the server. */
export function docsRoutes(serve: Serve, router: Router, references: References, version: string): void {
  let document: Record<string, unknown> | null = null
  serve('openApi', () => (document ??= openApiDocument(references, version)))
  router.get('/docs', (_request, response) => {
    response.type('html').send(page)
  })
  router.get('/docs/start.js', (_request, response) => {
    response.type('js').send(start)
  })
  router.use('/docs/assets', express.static(assets, { index: false }))
}

import supertest from 'supertest'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { createApp } from '../app.ts'
import { world, type World } from '../test/world.ts'

interface Document {
  components: { schemas: Record<string, object> }
  paths: Record<string, Record<string, { responses: Record<string, object>; requestBody?: object; security: object[] }>>
}
let w: World
let document: Document
beforeAll(async () => {
  w = await world()
  document = (await supertest(w.url).get('/api/openapi.json').expect(200)).body as Document
})
afterAll(() => w.end())

const listed = () =>
  Object.entries(document.paths)
    .flatMap(([path, methods]) => Object.keys(methods).map(m => `${m} ${path}`))
    .sort()

describe('the OpenAPI document', () => {
  it('lists exactly what Express answers', () => {
    const app = createApp(w.running.context, { error() {} } as never)
    const layers = (
      app.router as unknown as { stack: { route?: { path: string; methods: Record<string, boolean> } }[] }
    ).stack
    const mounted = layers.flatMap(({ route }) =>
      route?.path.startsWith('/api')
        ? Object.keys(route.methods).map(m => `${m} ${route.path.replace(/:(\w+)/g, '{$1}')}`)
        : [],
    )
    expect([...new Set(mounted)].sort()).toEqual(listed())
  })

  it('gives the status that each address answers with', async () => {
    const agent = await w.as('lead')
    const none = '00000000-0000-4000-8000-000000000000'
    for (const [path, methods] of Object.entries(document.paths))
      for (const [method, { responses }] of Object.entries(methods)) {
        const address = path
          .replace('{hash}', 'a'.repeat(64))
          .replace('{size}', 'thumb')
          .replace(/\{\w+\}/g, none)
        if (method === 'delete') continue
        const reply = await agent[method as 'get'](address)
        expect(Object.keys(responses), `${method} ${path}`).toContain(String(reply.status))
        if (reply.status >= 400) expect(reply.type).toBe('application/problem+json')
      }
  })

  it('says of every address that answers with JSON of which form that is', () => {
    const silent = ['get /api/jobs/{job}/stream']
    for (const [path, methods] of Object.entries(document.paths))
      for (const [method, { responses }] of Object.entries(methods)) {
        const isFile = /\.(pdf|zip)$|\{size\}$/.test(path)
        if (isFile || silent.includes(`${method} ${path}`)) continue
        const well = Object.entries(responses).filter(([status]) => Number(status) < 300 && status !== '204')
        for (const [, reply] of well) expect(reply, `${method} ${path}`).toHaveProperty('content')
      }
  })

  it('refers to nothing that it does not hold', () => {
    const held = new Set(Object.keys(document.components.schemas).map(name => `#/components/schemas/${name}`))
    const referred = [...JSON.stringify(document).matchAll(/"\$ref":"([^"]+)"/g)].map(m => m[1]!)
    expect(referred.length).toBeGreaterThan(10)
    expect(referred.filter(ref => !held.has(ref))).toEqual([])
  })

  it('says of every address that takes a body which body it takes', () => {
    for (const [path, methods] of Object.entries(document.paths))
      for (const [method, operation] of Object.entries(methods))
        if (['post', 'put'].includes(method)) expect(operation.requestBody, `${method} ${path}`).toBeDefined()
  })
})

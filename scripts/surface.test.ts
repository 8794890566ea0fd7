import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import ts from 'typescript'
import { describe, expect, it } from 'vitest'
import { home, sources } from './sources.ts'

const core = join(home, 'core')
const subjects = readdirSync(core).filter(folder => existsSync(join(core, folder, 'index.ts')))
const program = ts.createProgram(
  subjects.map(s => join(core, s, 'index.ts')),
  {
    noEmit: true,
    skipLibCheck: true,
    allowImportingTsExtensions: true,
    target: ts.ScriptTarget.ES2023,
    module: ts.ModuleKind.ESNext,
    moduleResolution: ts.ModuleResolutionKind.Bundler,
  },
)
const checker = program.getTypeChecker()
/** What a subject of the core exports, by name, with its declaration. */
const namesOf = (subject: string) =>
  checker
    .getExportsOfModule(checker.getSymbolAtLocation(program.getSourceFile(join(core, subject, 'index.ts'))!)!)
    .map(s =>
      s.flags & ts.SymbolFlags.Alias ? { name: s.name, of: checker.getAliasedSymbol(s) } : { name: s.name, of: s },
    )

/** Everything outside the core that imports from it, with its text. */
const users = ['web', 'server', 'cli', 'demo', 'bench', 'e2e', 'scripts'].flatMap(folder =>
  sources(folder, /\.(ts|vue|mjs)$/).map(f => readFileSync(f, 'utf8')),
)
const imported = (subject: string): Set<string> =>
  new Set(
    users
      .flatMap(text => [...text.matchAll(/import (?:type )?\{([^}]*)\} from '@dialytica\/core\/([\w-]+)'/g)])
      .filter(([, , from]) => from === subject)
      .flatMap(([, names]) =>
        names!.split(',').map(
          n =>
            n
              .trim()
              .replace(/^type /, '')
              .split(' as ')[0]!,
        ),
      ),
  )

describe('what the core shows to others', () => {
  it('is listed by subject, in the order of its exports', () => {
    const { exports } = JSON.parse(readFileSync(join(core, 'package.json'), 'utf8')) as { exports: object }
    expect(Object.keys(exports)).toEqual([...subjects.map(s => `./${s}`), './test/*'])
  })
  it.each(subjects)('%s: every name is used outside the core', subject => {
    const used = imported(subject)
    expect(
      namesOf(subject)
        .filter(({ name }) => !used.has(name))
        .map(({ name }) => name),
    ).toEqual([])
  })
  it.each(subjects)('%s: every name says what it is for', subject => {
    const silent = namesOf(subject).filter(
      ({ name, of }) => name !== 'calls' && !of.getDocumentationComment(checker).length,
    )
    expect(
      silent.map(({ name, of }) => `${relative(home, of.declarations![0]!.getSourceFile().fileName)} ${name}`),
    ).toEqual([])
  })
})

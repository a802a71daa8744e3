import { existsSync, readdirSync } from 'node:fs'
import { expect, it } from 'vitest'
import order from '../folders.json'

it('gives every folder a place in the order of who may use whom: by its name, or as a section', () => {
  const folders = readdirSync('src', { withFileTypes: true })
    .filter((one) => one.isDirectory())
    .map((one) => one.name)
  const sections = folders.filter((folder) => existsSync(`src/${folder}/section.ts`))
  expect([...order, ...sections].sort()).toEqual(folders.sort())
})

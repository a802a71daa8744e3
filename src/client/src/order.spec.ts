import { readdirSync } from 'node:fs'
import { expect, it } from 'vitest'
import order from '../folders.json'

it('gives every folder a place in the order of who may use whom', () => {
  const folders = readdirSync('src', { withFileTypes: true }).filter((one) => one.isDirectory())
  expect(folders.map((one) => one.name).sort()).toEqual([...order].sort())
})

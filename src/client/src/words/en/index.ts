import { app } from './app'
import { bench } from './bench'
import { sheet } from './sheet'
import { table } from './table'

/** English: every text of the page, by where it stands. */
export const en = { ...app, ...table, ...sheet, ...bench }

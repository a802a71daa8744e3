import { app } from './app'
import { bench } from './bench'
import { breaks } from './breaks'
import { escapes } from './escapes'
import { players } from './players'
import { safety } from './safety'
import { sheet } from './sheet'
import { table } from './table'

/** English: every text of the page, by where it stands. */
export const en = { ...app, ...table, ...sheet, ...bench, ...players, ...breaks, ...safety, ...escapes }

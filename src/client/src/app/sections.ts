import type { SectionEntry } from '@/desk/contract'

/** The sections, in the order of the top line; the first is where the page begins. Each is loaded when it is opened. */
export const sections: SectionEntry[] = [
  { name: 'table', path: '/', kind: 'desk', load: () => import('@/bench/section') },
  { name: 'break', path: '/break', key: 'b', kind: 'desk', load: () => import('@/breaks/section') },
  { name: 'safety', path: '/safety', key: 'd', kind: 'desk', load: () => import('@/safety/section') },
  { name: 'escape', path: '/escape', key: 'e', kind: 'desk', load: () => import('@/escapes/section') },
  { name: 'players', path: '/players', kind: 'page', load: () => import('@/players/section') },
]

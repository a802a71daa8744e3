import { inject, provide, type InjectionKey, type Ref } from 'vue'
import type { Profile } from '@/api/client'
import type { PreferenceModel } from '@/kit/usePreferences'
import type { ShelfModel } from '@/shelf/useShelf'
import type { Server } from '@/sheet/useServer'
import type { SheetModel } from '@/sheet/useSheet'
import type { State } from '@/sheet/useState'
import type { Desk } from './createDesk'
import type { WhatNow } from './useWhatNow'

/** What every section works on: one sheet, one shelf, one way of seeing. */
export interface Shared {
  model: SheetModel
  server: Server
  preferences: PreferenceModel
  shelf: ShelfModel
  state: State
  profiles: Ref<Profile[]>
  whatNow: WhatNow
}

const sharedKey: InjectionKey<Shared> = Symbol('shared')
const deskKey: InjectionKey<Desk> = Symbol('desk')

export const provideShared = (shared: Shared) => provide(sharedKey, shared)
export const provideDesk = (desk: Desk) => provide(deskKey, desk)
export const useShared = () => inject(sharedKey)!
/** The desk, inside a section on the table. */
export const useDesk = () => inject(deskKey)!

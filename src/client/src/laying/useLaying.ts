import { ref } from 'vue'
import { api, ask, type PositionContent, type Preset } from '@/api/client'
import type { Shot } from '@/table/useShot'
import type { Units } from '@/kit/usePreferences'
import type { Named } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'

/** What is done to several balls, or to the sheet as a whole; the server works it out. */
export function useLaying(model: SheetModel, shot: Shot, units: () => Units) {
  /** Balls that are chosen together. */
  const chosen = ref<string[]>([])
  /** What was refused, or as far as it went. */
  const told = ref('')
  /** Grows when a ball is chosen whose place is to be typed next. */
  const asked = ref(0)

  function choose(balls: string[]) {
    chosen.value = balls
    told.value = ''
  }

  /** One ball alone, or one more or less of several. */
  function pick(ball: string, more: boolean) {
    const isChosen = chosen.value.includes(ball)
    if (more) choose(isChosen ? chosen.value.filter((other) => other !== ball) : [...chosen.value, ball])
    else choose(isChosen && chosen.value.length === 1 ? [] : [ball])
  }

  /** Chooses one ball, and lets its place be typed at once. */
  function askWhere(ball: string) {
    choose([ball])
    asked.value++
  }

  async function layRed() {
    const red = await shot.layRed()
    if (red) askWhere(red)
  }

  async function change(kind: 'move' | 'turn' | 'mirror', way: { along?: number; across?: number; degrees?: number }) {
    const { balls } = model.sheet.value
    const body = { balls, chosen: chosen.value, kind, along: 0, across: 0, degrees: 0, ...way, ...model.bed() }
    const { data, refusal } = await ask(api.POST('/api/sheet/change', { body }))
    told.value = refusal ?? data?.words ?? ''
    if (!data) return
    model.setBalls(data.balls)
    model.commit()
  }

  async function mirrorAll() {
    const { data, refusal } = await ask(api.POST('/api/sheet/mirror', { body: model.content() }))
    told.value = refusal ?? ''
    if (data) model.lay(data, model.sheet.value.opened, true, model.sheet.value.named)
  }

  /** Puts a ball where words say; true when they were understood. */
  async function say(ball: string, words: string): Promise<boolean> {
    const { balls, state } = model.sheet.value
    const inHand = ball === 'cue' && (state?.inHand ?? false)
    const body = { balls, ball, words, units: units(), inHand, ...model.bed() }
    const { data, refusal } = await ask(api.POST('/api/sheet/place', { body }))
    told.value = refusal ?? ''
    if (!data) return false
    model.place(data.ball, data.x, data.y)
    model.commit()
    return true
  }

  async function layPreset(
    { id, name }: Pick<Preset, 'id' | 'name'>,
    values: Record<string, number>,
    mirrored: boolean,
  ): Promise<boolean> {
    const { data, refusal } = await ask(
      api.POST('/api/presets/{id}', {
        params: { path: { id } },
        body: { values, mirrored, ...model.bed() },
      }),
    )
    told.value = refusal ?? ''
    if (!data) return false
    take(data, { name, note: '', tags: [] })
    return true
  }

  /** Puts other balls on the sheet; the stroke stays as it is when they bring none. */
  function take(content: PositionContent, named: Named | null) {
    choose([])
    model.lay({ ...content, stroke: content.stroke ?? model.stroke.value }, null, true, named)
    shot.afterOpening()
  }

  /** The white is in hand: it stands in the D. */
  function putInHand() {
    const white = model.balls.value.find((ball) => ball.id === 'cue')
    if (white) shot.lay('cue', white.x, white.y, false)
  }

  function remove() {
    model.remove(...chosen.value)
    choose([])
  }

  return {
    chosen,
    told,
    asked,
    choose,
    pick,
    askWhere,
    layRed,
    change,
    mirrorAll,
    say,
    layPreset,
    take,
    putInHand,
    remove,
  }
}

export type Laying = ReturnType<typeof useLaying>

import { computed, ref, type Ref } from 'vue'
import type { Mark, Pocket } from '@/api/client'
import {
  distance,
  grabPixels,
  isWithin,
  nearest,
  rectangle,
  stirPixels,
  useTrail,
  type Gesture,
  type Manner,
  type DrawnKind,
} from './gestures'
import { frame, fromSheet, sizeOf, toSheet, wayFromSheet, type Point, type View } from './view'

/** What the gestures mean; places are metres on the table. */
export interface Handlers {
  /** A ball is held at a place; exactly there when nothing may draw it. */
  drag(ball: string, x: number, y: number, exactly: boolean): void
  drop(ball: string): void
  takeOff(ball: string): void
  aim(bearingDeg: number, before: number): void
  aimed(): void
  lay(x: number, y: number): void
  pick(ball: string, more: boolean): void
  pocket(id: Pocket): void
  touch(x: number, y: number): void
  choose(balls: string[]): void
  shift(along: number, across: number): void
  mark(kind: DrawnKind, places: Point[], radius: number | null): void
  moveMark(id: string, index: number, x: number, y: number): void
  marked(): void
}

export interface Drawn extends Point {
  id: string
}

/** Turns what pointers do on the table into what they mean. */
export function useTablePointer(
  svg: Ref<SVGSVGElement | null>,
  props: {
    outline: View
    still: boolean
    manner: Manner
    marksMove?: boolean
    chosen: string[]
    nextRed: string | undefined
    marks: Mark[]
    /** True where the page scrolls: a swipe is the page's unless a ball or a handle is held. */
    scrolls: boolean
  },
  drawn: Ref<Drawn[]>,
  on: Handlers,
) {
  const gesture = ref<Gesture | null>(null)
  /** Where a finger is, while it holds something that is small beneath it. */
  const finger = ref<Point | null>(null)
  /** True while a ball is held so far out that it is taken off when it is let go. */
  const leaves = ref(false)
  const trail = useTrail()

  const radius = () => props.outline.ballRadius * 1000
  const perPixel = () => 1 / svg.value!.getScreenCTM()!.a
  const white = () => drawn.value.find((ball) => ball.id === 'cue')
  const bearing = (point: Point) => Math.atan2(-(point.y - white()!.y), point.x - white()!.x)
  const place = (point: Point) => fromSheet(props.outline, point)
  const handles = computed(() =>
    props.marks.flatMap((mark) =>
      mark.places.map((at, index) => ({ mark: mark.id, index, ...toSheet(props.outline, at.x, at.y) })),
    ),
  )

  function pointOf(event: Pick<MouseEvent, 'clientX' | 'clientY'>): Point {
    const { x, y } = new DOMPoint(event.clientX, event.clientY).matrixTransform(svg.value!.getScreenCTM()!.inverse())
    return { x, y }
  }

  const nearestBall = (point: Point) => nearest(drawn.value, point, Math.max(grabPixels * perPixel(), radius()))

  function isOff(point: Point) {
    const { width, height } = sizeOf(props.outline)
    return !isWithin(point, { x: -frame, y: -frame }, { x: width + frame, y: height + frame })
  }

  function onDown(event: PointerEvent) {
    if (props.still || event.button !== 0 || gesture.value) return
    const point = pointOf(event)
    const pocket = (event.target as Element).closest('[data-pocket-button]')?.getAttribute('data-pocket-button')
    // A ball that hangs over a pocket is touched before the pocket.
    const isBall = drawn.value.some((ball) => distance(ball, point) < 1.2 * radius())
    if (pocket && props.manner.kind !== 'mark' && !isBall) return on.pocket(pocket as Pocket)
    if (props.manner.kind === 'name') {
      const { x, y } = place(point)
      return on.touch(x, y)
    }
    svg.value!.setPointerCapture(event.pointerId)
    gesture.value = begin(point, event)
    const isHeld = gesture.value?.kind === 'ball' || gesture.value?.kind === 'handle'
    finger.value = isHeld && event.pointerType !== 'mouse' ? point : null
    trail.start(point, event.timeStamp)
    if (gesture.value?.kind === 'ball' && !gesture.value.isNew) focus(`[data-ball="${gesture.value.id}"]`)
    if (gesture.value?.kind !== 'aim') event.preventDefault()
  }

  const focus = (selector: string) => svg.value!.querySelector<SVGGElement>(selector)?.focus()

  /** True when a finger holds something of the table, so that its swipe is not the page's. */
  function holds(event: TouchEvent) {
    const touch = event.touches[0]
    if (!props.scrolls || props.still || !touch || event.touches.length > 1) return !props.scrolls
    if (['mark', 'select'].includes(props.manner.kind)) return true
    const point = pointOf(touch)
    const isHandle = nearest(handles.value, point, grabPixels * perPixel()) !== undefined
    return isHandle || isAim(event.target) || nearestBall(point) !== undefined
  }

  const isAim = (target: EventTarget | null) => target instanceof Element && target.closest('.cue') !== null

  /** Keeps the page from scrolling under what a finger holds. */
  function onTouch(event: TouchEvent) {
    if (event.cancelable && holds(event)) event.preventDefault()
  }

  function begin(point: Point, event: PointerEvent): Gesture | null {
    const { manner } = props
    const mayScroll = props.scrolls && event.pointerType === 'touch'
    if (manner.kind === 'mark') return { kind: 'draw', mark: manner.mark, from: point, to: point }
    const ball = nearestBall(point)
    if (manner.kind === 'lay' || manner.kind === 'select' || props.marksMove) {
      const handle = nearest(handles.value, point, grabPixels * perPixel())
      if (handle && (!ball || distance(handle, point) < distance(ball, point)))
        return {
          kind: 'handle',
          id: handle.mark,
          index: handle.index,
          offset: { x: handle.x - point.x, y: handle.y - point.y },
          moved: false,
        }
    }
    if (ball) {
      if (props.chosen.length > 1 && props.chosen.includes(ball.id) && !event.shiftKey)
        return { kind: 'group', from: point, to: point }
      const offset = { x: ball.x - point.x, y: ball.y - point.y }
      const beside = distance(ball, point) > 1.6 * radius()
      return { kind: 'ball', id: ball.id, offset, from: point, moved: false, isNew: false, beside }
    }
    if (manner.kind === 'select' || (manner.kind === 'lay' && event.shiftKey))
      return { kind: 'frame', from: point, to: point }
    if (mayScroll && !isAim(event.target)) return { kind: 'tap', from: point }
    if (manner.kind === 'lay') return beginRed(point, event)
    return white() ? { kind: 'aim', last: bearing(point) } : null
  }

  /** A touch of the cloth lays a red; while the finger stays down it can still be moved. */
  function beginRed(point: Point, event: PointerEvent): Gesture | null {
    if (!props.nextRed || isOff(point)) return null
    const { x, y } = place(point)
    on.drag(props.nextRed, x, y, event.altKey)
    return {
      kind: 'ball',
      id: props.nextRed,
      offset: { x: 0, y: 0 },
      from: point,
      moved: true,
      isNew: true,
      beside: false,
    }
  }

  function onMove(event: PointerEvent) {
    const now = gesture.value
    if (!now) return
    const point = pointOf(event)
    trail.follow(point, event.timeStamp)
    if (finger.value) finger.value = point
    if (now.kind === 'ball') moveBall(now, point, event.altKey)
    else if (now.kind === 'handle') moveHandle(now, point)
    else if (now.kind === 'tap') return
    else if (now.kind === 'aim') {
      const next = bearing(point)
      on.aim(next, now.last)
      now.last = next
    } else now.to = point
  }

  function moveBall(now: Extract<Gesture, { kind: 'ball' }>, point: Point, exactly: boolean) {
    if (!now.moved && distance(point, now.from) < stirPixels * perPixel()) return
    now.moved = true
    leaves.value = isOff(point)
    const { x, y } = place({ x: point.x + now.offset.x, y: point.y + now.offset.y })
    on.drag(now.id, x, y, exactly)
  }

  function moveHandle(now: Extract<Gesture, { kind: 'handle' }>, point: Point) {
    now.moved = true
    const { x, y } = place({ x: point.x + now.offset.x, y: point.y + now.offset.y })
    on.moveMark(now.id, now.index, x, y)
  }

  function onUp(event: PointerEvent) {
    const done = gesture.value
    gesture.value = null
    finger.value = null
    leaves.value = false
    if (!done) return
    if (done.kind === 'ball') dropBall(done, event)
    else if (done.kind === 'aim') on.aimed()
    else if (done.kind === 'tap') tap(done.from, event)
    else if (done.kind === 'handle') on.marked()
    else if (done.kind === 'frame')
      on.choose(drawn.value.filter((ball) => isWithin(ball, done.from, done.to)).map((ball) => ball.id))
    else if (done.kind === 'group') {
      const way = wayFromSheet(props.outline, { x: done.to.x - done.from.x, y: done.to.y - done.from.y })
      if (distance(done.from, done.to) > stirPixels * perPixel()) on.shift(way.x / 1000, way.y / 1000)
    } else finishMark(done)
  }

  /** A finger that came down and up at one place of the cloth lays a red there, where touches lay. */
  function tap(from: Point, event: PointerEvent) {
    const isSwipe = event.type === 'pointercancel' || distance(pointOf(event), from) > grabPixels * perPixel()
    if (isSwipe || props.manner.kind !== 'lay' || isOff(from)) return
    const { x, y } = place(from)
    on.lay(x, y)
  }

  function dropBall(done: Extract<Gesture, { kind: 'ball' }>, event: PointerEvent) {
    if (!done.moved) {
      const isBesideTouch = done.beside && props.manner.kind === 'lay'
      if (!isBesideTouch) return on.pick(done.id, event.shiftKey || props.manner.kind === 'select')
      const { x, y } = place(done.from)
      return on.lay(x, y)
    }
    const end = trail.leadsTo(event.timeStamp)
    if (end && isOff(end) && event.type !== 'pointercancel') on.takeOff(done.id)
    else on.drop(done.id)
  }

  function finishMark({ mark, from, to }: Extract<Gesture, { kind: 'draw' }>) {
    const pulled = distance(from, to)
    if (mark === 'target') {
      const around = pulled > stirPixels * perPixel() ? pulled / 1000 : 4 * props.outline.ballRadius
      on.mark(mark, [place(from)], around)
    } else if (pulled < 2 * radius()) return
    else if (mark === 'gate') on.mark(mark, [place(from), place(to)], null)
    else on.mark(mark, rectangle(from, to).map(place), null)
  }

  function onDoubleClick(event: MouseEvent) {
    const point = pointOf(event)
    if (props.still || props.manner.kind !== 'aim' || nearestBall(point)) return
    const { x, y } = place(point)
    on.lay(x, y)
  }

  return { gesture, finger, leaves, onDown, onMove, onUp, onTouch, onDoubleClick }
}

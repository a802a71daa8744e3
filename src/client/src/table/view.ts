import type { Outline, Path, Segment } from '@/api/client'

/** Drawing units are millimetres; y points down on screen. */
export const mm = (metres: number) => metres * 1000

export interface Point {
  x: number
  y: number
}

/** Where baulk is on screen: 0 left, 1 at the bottom, 2 right, 3 at the top. The table is turned, never mirrored. */
export type Turn = 0 | 1 | 2 | 3

/** The table as it is drawn: its outline, how it is turned, and how many millimetres a pixel shows. */
export interface View extends Outline {
  turn: Turn
  perPixel: number
}

/** How far the frame reaches beyond the noses, in millimetres. */
export const frame = 138

/** Millimetres a pixel at 1280x800; text on the table keeps its size where the table is drawn smaller. */
const usualPerPixel = 4.25
export const textScale = (view: Outline) => Math.max(1, ((view as View).perPixel || usualPerPixel) / usualPerPixel)

const turnOf = (view: Outline): Turn => (view as View).turn ?? 0

/** Width and height of the bed on screen, in millimetres. */
export function sizeOf(view: Outline): { width: number; height: number } {
  const [length, width] = [mm(view.length), mm(view.width)]
  return turnOf(view) % 2 === 0 ? { width: length, height: width } : { width, height: length }
}

/** A place on the table as it is drawn. */
export function toSheet(view: Outline, x: number, y: number): Point {
  const [length, width, along, across] = [mm(view.length), mm(view.width), mm(x), mm(view.width - y)]
  switch (turnOf(view)) {
    case 1:
      return { x: across, y: length - along }
    case 2:
      return { x: length - along, y: width - across }
    case 3:
      return { x: width - across, y: along }
    default:
      return { x: along, y: across }
  }
}

/** The place on the table of a point of the drawing. */
export function fromSheet(view: Outline, point: Point): Point {
  const [length, width] = [view.length, view.width]
  const [x, y] = [point.x / 1000, point.y / 1000]
  switch (turnOf(view)) {
    case 1:
      return { x: length - y, y: width - x }
    case 2:
      return { x: length - x, y }
    case 3:
      return { x: y, y: x }
    default:
      return { x, y: width - y }
  }
}

/** A way on the table (up the table, towards the green side) as it is drawn. */
export function wayOnSheet(view: Outline, x: number, y: number): Point {
  return [
    { x, y: -y },
    { x: -y, y: -x },
    { x: -x, y },
    { x: y, y: x },
  ][turnOf(view)]!
}

/** The way on the table of a way of the drawing. */
export function wayFromSheet(view: Outline, way: Point): Point {
  return [
    { x: way.x, y: -way.y },
    { x: -way.y, y: -way.x },
    { x: -way.x, y: way.y },
    { x: way.y, y: way.x },
  ][turnOf(view)]!
}

/** Which way an arrow key points on screen. */
export const arrowWays: Record<string, Point> = {
  ArrowRight: { x: 1, y: 0 },
  ArrowLeft: { x: -1, y: 0 },
  ArrowUp: { x: 0, y: -1 },
  ArrowDown: { x: 0, y: 1 },
}

/** Place on a quadratic curve, u from 0 to 1. */
export function placeOn(segment: Segment, u: number): Point {
  const [a, b, c] = segment.points as [number[], number[], number[]]
  const [p, q, r] = [(1 - u) * (1 - u), 2 * u * (1 - u), u * u]
  return { x: p * a[0]! + q * b[0]! + r * c[0]!, y: p * a[1]! + q * b[1]! + r * c[1]! }
}

/** Velocity on a piece of path in m/s: the curve's slope over the time it takes. */
export function velocityOn(segment: Segment, u: number): Point {
  const [a, b, c] = segment.points as [number[], number[], number[]]
  const time = segment.endTime - segment.startTime
  const along = (i: number) => (2 * ((1 - u) * (b[i]! - a[i]!) + u * (c[i]! - b[i]!))) / time
  return { x: along(0), y: along(1) }
}

/** Where a ball of a path is at a time; null when the path has not begun. */
export function placeAt(path: Path, time: number): Point | null {
  let current: Segment | null = null
  for (const segment of path.segments) {
    if (segment.startTime > time) break
    current = segment
  }
  if (!current) return null
  const u = (time - current.startTime) / (current.endTime - current.startTime)
  return placeOn(current, Math.min(1, Math.max(0, u)))
}

/** Pieces of path that are drawn: not those of a ball that spins in place, or falls in a pocket. */
export const moving = (path: Path) =>
  path.segments.filter((segment) => segment.phase !== 'spinning' && segment.phase !== 'falling')

/** Height in metres from which a ball in the air is drawn as one: less is a hop that nobody sees. */
const seenHeight = 0.002

/** True for a flight that is seen. */
export function isFlight(view: Outline, segment: Segment): boolean {
  const top = Math.max(...[0, 0.25, 0.5, 0.75, 1].map((u) => heightOn(view, segment, u)))
  return segment.phase === 'airborne' && top > seenHeight
}

/** How high a ball is over the bed on a piece of its path, in metres. */
export function heightOn(view: Outline, segment: Segment, u: number): number {
  const [a, b, c] = segment.points.map((point) => point[2]!) as [number, number, number]
  return (1 - u) * (1 - u) * a + 2 * u * (1 - u) * b + u * u * c - view.ballRadius
}

/** The shadow of a flight, which falls beside it by as much as the ball is high. */
export function shadow(view: Outline, segment: Segment): string {
  const steps = 12
  return Array.from({ length: steps + 1 }, (_, i) => {
    const place = placeOn(segment, i / steps)
    const here = toSheet(view, place.x, place.y)
    const high = mm(heightOn(view, segment, i / steps))
    return `${i === 0 ? 'M' : 'L'}${fmt({ x: here.x + 0.5 * high, y: here.y + 0.7 * high })}`
  }).join('')
}

/** A path as SVG quadratic curves. */
export function curve(outline: Outline, segments: Segment[]): string {
  return segments
    .map((segment, i) => {
      const [a, b, c] = segment.points.map((point) => toSheet(outline, point[0]!, point[1]!)) as [Point, Point, Point]
      const start = i === 0 ? `M${fmt(a)}` : `L${fmt(a)}`
      return `${start}Q${fmt(b)} ${fmt(c)}`
    })
    .join('')
}

/** Half the width of the white's ribbon in millimetres: it shrinks with speed, so one sees where it is dying. */
export const ribbonHalf = (speed: number) => 3.2 + 6.5 * Math.sqrt(Math.min(speed, 5) / 5)

/** The outline of a ribbon along pieces of path. */
export function ribbon(outline: Outline, segment: Segment): string {
  const steps = 14
  const left: string[] = []
  const right: string[] = []
  for (let i = 0; i <= steps; i++) {
    const u = i / steps
    const velocity = velocityOn(segment, u)
    const speed = Math.hypot(velocity.x, velocity.y)
    const centre = placeOn(segment, u)
    const here = toSheet(outline, centre.x, centre.y)
    const half = ribbonHalf(speed)
    const way = wayOnSheet(outline, velocity.x, velocity.y)
    const normal = speed > 0 ? { x: -way.y / speed, y: way.x / speed } : { x: 0, y: 0 }
    left.push(fmt({ x: here.x + normal.x * half, y: here.y + normal.y * half }))
    right.unshift(fmt({ x: here.x - normal.x * half, y: here.y - normal.y * half }))
  }
  return `M${left.join('L')}L${right.join('L')}Z`
}

export interface Dot extends Point {
  r: number
}

/** Stipples along the sliding pieces, evenly spaced along the way. */
export function stipples(outline: Outline, segments: Segment[], spacing = 26): Dot[] {
  const dots: Dot[] = []
  let carried = 0
  for (const segment of segments) {
    const ends = [0, 1].map((u) => placeOn(segment, u)) as [Point, Point]
    const way = 1000 * Math.hypot(ends[1].x - ends[0].x, ends[1].y - ends[0].y)
    // Steps short against the spacing, so that the stipples stand evenly; a path that turns back gets some more.
    const steps = Math.ceil(way / (spacing / 10)) + 12
    let before = ends[0]
    for (let i = 1; i <= steps; i++) {
      const u = i / steps
      const here = placeOn(segment, u)
      carried += 1000 * Math.hypot(here.x - before.x, here.y - before.y)
      before = here
      if (carried < spacing) continue
      carried -= spacing
      const velocity = velocityOn(segment, u)
      dots.push({ ...toSheet(outline, here.x, here.y), r: ribbonHalf(Math.hypot(velocity.x, velocity.y)) })
    }
  }
  return dots
}

/** The stipples as one path of circles: a hundred elements of the page would have to follow every move of a ball. */
export const dotted = (dots: Dot[]) => dots.map(circle).join('')

/** A circle as two arcs of a path. */
function circle({ x, y, r }: Dot): string {
  const arc = (across: number) => `a${r.toFixed(1)} ${r.toFixed(1)} 0 1 0 ${across.toFixed(1)} 0`
  return `M${fmt({ x: x - r, y })}${arc(2 * r)}${arc(-2 * r)}`
}

const fmt = (point: Point) => `${point.x.toFixed(1)},${point.y.toFixed(1)}`

/** True perspective for the sight: drawing only, from places that the server gave. */
export interface Vec {
  x: number
  y: number
  z: number
}

export interface Seen {
  x: number
  y: number
  /** Pixels per metre at this depth. */
  scale: number
  depth: number
}

export interface Eye {
  see(point: Vec): Seen
  /** Projects a polygon, cut off where it comes too near the eye; empty when nothing of it is in front. */
  seePolygon(points: Vec[]): { x: number; y: number }[]
}

const near = 0.12

/** An eye low behind the white, looking along the cue, level. */
export function eyeBehind(options: {
  white: { x: number; y: number }
  directionDeg: number
  behind: number
  height: number
  focal: number
  horizon: { x: number; y: number }
}): Eye {
  const angle = (options.directionDeg * Math.PI) / 180
  const [fx, fy] = [Math.cos(angle), Math.sin(angle)]
  const eye = { x: options.white.x - fx * options.behind, y: options.white.y - fy * options.behind, z: options.height }

  /** Right, up and depth as seen from the eye. */
  function local(point: Vec): Vec {
    const [dx, dy] = [point.x - eye.x, point.y - eye.y]
    return { x: dx * fy - dy * fx, y: point.z - eye.z, z: dx * fx + dy * fy }
  }

  function project(seen: Vec): Seen {
    const scale = options.focal / seen.z
    return { x: options.horizon.x + seen.x * scale, y: options.horizon.y - seen.y * scale, scale, depth: seen.z }
  }

  return {
    see: (point) => project(local(point)),
    seePolygon(points) {
      const corners = points.map(local)
      const kept: Vec[] = []
      corners.forEach((here, i) => {
        const next = corners[(i + 1) % corners.length]!
        if (here.z >= near) kept.push(here)
        if (here.z >= near !== next.z >= near) {
          const u = (near - here.z) / (next.z - here.z)
          kept.push({ x: here.x + (next.x - here.x) * u, y: here.y + (next.y - here.y) * u, z: near })
        }
      })
      return kept.map(project)
    },
  }
}

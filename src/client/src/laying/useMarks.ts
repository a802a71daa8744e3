import { ref } from 'vue'
import type { PlaceOnBed } from '@/api/client'
import type { DrawnKind } from '@/table/gestures'
import { nextMarkId } from '@/sheet/sheet'
import type { SheetModel } from '@/sheet/useSheet'

/** Marks on the cloth: set by touch, moved by their handles, said in a word or two. */
export function useMarks(model: SheetModel, outline: () => { length: number; width: number }) {
  /** The kind of mark that the next touch of the cloth sets. */
  const next = ref<DrawnKind | null>(null)

  const inside = (place: PlaceOnBed): PlaceOnBed => ({
    x: Math.min(outline().length, Math.max(0, place.x)),
    y: Math.min(outline().width, Math.max(0, place.y)),
  })

  function add(kind: DrawnKind | 'whitePlace', places: PlaceOnBed[], radius: number | null) {
    const mark = {
      id: nextMarkId(model.marks.value, kind),
      kind,
      places: places.map(inside),
      radius: radius === null ? null : Math.min(1, Math.max(0.005, radius)),
      text: '',
    }
    // One place of the white is enough: a new one takes the place of the old.
    const others = model.marks.value.filter((other) => kind !== 'whitePlace' || other.kind !== 'whitePlace')
    model.setMarks([...others, mark])
    model.commit()
    next.value = null
  }

  /** Marks where the white stands now. */
  function markWhite() {
    const white = model.balls.value.find((ball) => ball.id === 'cue')
    if (white) add('whitePlace', [{ x: white.x, y: white.y }], null)
  }

  function move(id: string, index: number, x: number, y: number) {
    model.setMarks(
      model.marks.value.map((mark) =>
        mark.id === id
          ? { ...mark, places: mark.places.map((place, i) => (i === index ? inside({ x, y }) : place)) }
          : mark,
      ),
    )
  }

  /** Writes beside a mark while the player types. */
  function write(id: string, text: string) {
    model.setMarks(model.marks.value.map((mark) => (mark.id === id ? { ...mark, text } : mark)))
  }

  /** Takes what was written as one step. */
  function say(id: string, text: string) {
    write(id, text.trim())
    model.commit()
  }

  function remove(id: string) {
    model.setMarks(model.marks.value.filter((mark) => mark.id !== id))
    model.commit()
  }

  return {
    next,
    add,
    markWhite,
    move,
    write,
    say,
    remove,
    toggle: (kind: DrawnKind) => (next.value = next.value === kind ? null : kind),
  }
}

export type Marks = ReturnType<typeof useMarks>

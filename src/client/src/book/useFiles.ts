import { ref } from 'vue'
import { api, ask } from '@/api/client'
import { download } from '@/kit/download'
import { t } from '@/words'
import type { Laying } from '@/laying/useLaying'
import { picturePng, pictureSvg } from '@/table/picture'
import type { SheetModel } from '@/sheet/useSheet'

/** Open files: the sheet as JSON, CSV and picture, and files read back; a file that is wrong changes nothing. */
export function useFiles(model: SheetModel, laying: Laying, picture: () => SVGSVGElement | null) {
  const refusal = ref('')
  const notice = ref('')

  const fileName = (ending: string) => {
    const name = model.called.value?.name || t('sheet.untitled')
    return `${name.replace(/[^\p{L}\p{N}]+/gu, '-').replace(/^-|-$/g, '') || 'position'}.${ending}`
  }

  function hand(content: Blob, ending: string) {
    const name = fileName(ending)
    download(content, name)
    notice.value = t('files.saved', { name })
  }

  /** The sheet as text in a format. */
  async function textOf(format: 'json' | 'csv'): Promise<string | null> {
    const { name, note, tags } = model.called.value ?? { name: '', note: '', tags: [] }
    const body = { ...model.content(), mode: undefined, name, note, tags }
    const call =
      format === 'json'
        ? api.POST('/api/exchange/json', { body, parseAs: 'text' })
        : api.POST('/api/exchange/csv', { body, parseAs: 'text' })
    const { data, refusal: sentence } = await ask(call)
    refusal.value = sentence ?? ''
    return (data as string | undefined) ?? null
  }

  async function save(format: 'json' | 'csv') {
    const text = await textOf(format)
    if (text) hand(new Blob([text], { type: format === 'json' ? 'application/json' : 'text/csv' }), format)
  }

  async function savePicture(format: 'svg' | 'png') {
    const table = picture()
    if (!table) return
    const content =
      format === 'svg' ? new Blob([pictureSvg(table)], { type: 'image/svg+xml' }) : await picturePng(table)
    hand(content, format)
  }

  async function copy() {
    const text = await textOf('json')
    if (!text) return
    await navigator.clipboard.writeText(text)
    notice.value = t('files.copied')
  }

  /** Reads a file, or what was pasted; it lies on the sheet as one step. */
  async function read(content: Blob, name: string): Promise<boolean> {
    notice.value = ''
    const { data, refusal: sentence } = await ask(
      api.POST('/api/exchange/read', {
        body: content as unknown as string,
        bodySerializer: (body) => body,
        headers: { 'Content-Type': 'application/octet-stream' },
      }),
    )
    refusal.value = sentence ? t('files.refused', { name, sentence }) : ''
    if (!data) return false
    const { name: itsName, note, tags } = data
    laying.take(data.content, itsName || note || tags.length > 0 ? { name: itsName, note, tags } : null)
    notice.value = t('files.opened', { name: itsName || name })
    return true
  }

  return { refusal, notice, save, savePicture, copy, read }
}

export type Files = ReturnType<typeof useFiles>

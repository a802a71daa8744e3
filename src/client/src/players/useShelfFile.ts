import { ref } from 'vue'
import { api, ask } from '@/api/client'
import { download } from '@/kit/download'
import { t } from '@/words'
import type { ShelfModel } from '@/shelf/useShelf'

/** The shelf as a file, and a file taken to the shelf; a file that is wrong changes nothing. */
export function useShelfFile(shelf: ShelfModel) {
  const refusal = ref('')

  async function save() {
    const { data, refusal: sentence } = await ask(api.GET('/api/shelf/file', { parseAs: 'text' }))
    refusal.value = sentence ?? ''
    if (!data) return
    download(new Blob([data as string], { type: 'application/json' }), 'players-and-tables.json')
  }

  /** Reads a file; answers with what was taken, or with nothing. */
  async function read(file: File): Promise<string> {
    const { data, refusal: sentence } = await ask(
      api.POST('/api/shelf/file', {
        body: file as unknown as string,
        bodySerializer: (body) => body,
        headers: { 'Content-Type': 'application/octet-stream' },
      }),
    )
    refusal.value = sentence ? t('shelf.refused', { name: file.name, sentence }) : ''
    if (!data) return ''
    await shelf.load()
    return t('shelf.imported', { words: data.words })
  }

  return { refusal, save, read }
}

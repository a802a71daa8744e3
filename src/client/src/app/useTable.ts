import { ref, watch, type Ref } from 'vue'
import { api, ask, type Coefficients, type Outline, type Profile, type RunRule } from '@/api/client'

/** The table in use: its outline and its run rule, fetched anew when another one is chosen. */
export function useTable(profile: Ref<string>, coefficients: Ref<Coefficients | null>) {
  const profiles = ref<Profile[]>([])
  const outline = ref<Outline | null>(null)
  const rule = ref<RunRule | null>(null)
  const refusal = ref('')

  async function load() {
    const asked = profile.value
    const differs = coefficients.value
    const [known, table, paces] = await Promise.all([
      profiles.value.length > 0 ? { data: profiles.value } : ask(api.GET('/api/profiles')),
      ask(api.POST('/api/table', { body: { profile: asked, coefficients: differs } })),
      ask(api.POST('/api/run-rule', { body: { profile: asked, coefficients: differs } })),
    ])
    // An answer about a table that is no longer the one in use is dropped.
    if (asked !== profile.value || differs !== coefficients.value) return
    profiles.value = known.data ?? []
    refusal.value = table.refusal ?? paces.refusal ?? ''
    if (table.data) outline.value = table.data
    if (paces.data) rule.value = paces.data
  }

  watch([profile, coefficients], load, { immediate: true })

  return { profiles, outline, rule, refusal, load }
}

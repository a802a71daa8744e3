import createClient from 'openapi-fetch'
import { t } from '@/words'
import type { components, paths } from './generated/schema'

export type Schemas = components['schemas']
export type BallPlace = Schemas['BallPlace']
export type PredictRequest = Schemas['PredictRequest']
export type Prediction = Schemas['PredictResponse']
export type ShotEvent = Schemas['EventOutput']
export type Path = Schemas['PathOutput']
export type Segment = Schemas['SegmentOutput']
export type PotQuestion = Schemas['PotQuestion']
export type PotAnswer = Schemas['PotOutput']
export type Pocket = Schemas['PotInput']['pocket']
export type PotPart = NonNullable<Schemas['PotInput']['part']>
export type IndirectReading = Schemas['IndirectResponse']
export type IndirectPot = Schemas['IndirectPotOutput']
export type TableReading = Schemas['MatrixResponse']
export type MatrixEntry = Schemas['MatrixEntryOutput']
export type RegionInput = Schemas['RegionInput']
export type Anchor = Schemas['AnchorOutput']
export type AnchorAnswer = Schemas['AnchorResponse']
export type ButtAnswer = Schemas['ButtResponse']
export type Cell = Schemas['CellOutput']
export type Sweep = Schemas['SweepResponse']
export type MapRow = Schemas['MapRowOutput']
export type FixAnswer = Schemas['FixResponse']
export type Fix = Schemas['FixOutput']
export type CannonAnswer = Schemas['CannonResponse']
export type Cannon = Schemas['CannonOutput']
export type TipHeight = Schemas['HeightOutput']
export type PlaceOnBed = Schemas['PlaceOutput']
export type Outline = Schemas['OutlineResponse']
export type RunRule = Schemas['RunRuleResponse']
export type PositionSummary = Schemas['PositionSummary']
export type SavedPosition = Schemas['PositionResponse']
export type Profile = Schemas['ProfileOutput']
export type Mark = Schemas['MarkInput']
export type PlayState = Schemas['StateInput']
export type StateReading = Schemas['StateResponse']
export type KeptAim = Schemas['KeptAim']
export type PositionContent = Schemas['PositionContent']
export type Preset = Schemas['PresetOutput']
export type Alike = Schemas['AlikeOutput']
export type PositionVersion = Schemas['VersionSummary']
export type SetUp = Schemas['SetUpResponse']
export type Coefficients = Schemas['CoefficientsInput']
export type Player = Schemas['PlayerInput']
export type BreakAnswer = Schemas['BreakAnswer']
export type Reason = Schemas['ReasonOutput']
export type BreakQuestion = Schemas['BreakQuestionInput']
export type OutlookQuestion = Schemas['OutlookQuestion']
export type OutlookAnswer = Schemas['OutlookAnswer']
export type HandPlace = Schemas['HandPlace']
export type SafetyQuestion = Schemas['SafetyQuestionInput']
export type SafetyAnswer = Schemas['SafetyAnswer']
export type SafetyOption = Schemas['SafetyOptionOutput']
export type Missed = Schemas['MissedOutput']
export type EscapeAnswer = Schemas['EscapeAnswer']
export type EscapeSketch = Schemas['EscapeSketch']
export type EscapeRoute = Schemas['EscapeRouteOutput']
export type NowAnswer = Schemas['NowAnswer']
export type StepAnswer = Schemas['StepAnswer']
export type ChanceQuestion = Schemas['ChanceQuestion']
export type Chance = Schemas['ChanceResponse']
export type Cueing = Schemas['CueingOutput']
export type Goal = Schemas['GoalInput']
export type Wish = Schemas['WishInput']
export type Zone = Schemas['ZoneResponse']
export type Found = Schemas['FoundOutput']
export type FoundProgress = Schemas['FoundProgress']
export type Simpler = Schemas['SimplerResponse']
export type Comparison = Schemas['CompareResponse']
export type PackAnswer = Schemas['PackResponse']
export type CushionAnswer = Schemas['CushionResponse']
export type AttemptInput = Schemas['AttemptInput']
export type AttemptTask = Schemas['TaskInput']
export type AttemptTally = Schemas['TallyResponse']
export type Shelf = Schemas['ShelfResponse']
export type TableDocument = Schemas['TableDocument']
export type CueDocument = Schemas['CueDocument']
export type PlayerLook = Schemas['PlayerOutput']
/** The stroke on the sheet: how hard it is stands in the player's own paces; the server keeps the speed. */
export type Stroke = Required<Omit<Schemas['StrokeInput'], 'whiteSpeed'>>

/** The server, typed from its own description. The fetch of the moment is used, so that tests can replace it. */
export const api = createClient<paths>({
  baseUrl: window.location.origin,
  fetch: (request) => globalThis.fetch(request),
})

/** The sentence of a refused request, or a plain one when nothing answered. */
export function sentenceOf(problem: unknown): string {
  const details = problem as { detail?: string; title?: string } | undefined
  return details?.detail ?? details?.title ?? t('app.noAnswer')
}

/** Carries out a call; a network failure becomes a sentence like any other refusal. */
export async function ask<T>(
  call: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<{ data?: T; refusal?: string; code?: string }> {
  try {
    const { data, error, response } = await call
    if (response.ok) return { data }
    return { refusal: sentenceOf(error), code: (error as { code?: string } | undefined)?.code }
  } catch {
    return { refusal: sentenceOf(undefined), code: 'noAnswer' }
  }
}

/** The spreads of a player's hands and eye: how they are shown, and in what steps they are set. */
export const spreads = [
  { field: 'alignment', per: 1, digits: 3, step: 0.05 },
  { field: 'swing', per: 1, digits: 3, step: 0.05 },
  { field: 'heightMm', per: 1, digits: 2, step: 0.1 },
  { field: 'pace', per: 100, digits: 1, step: 0.5 },
  { field: 'butt', per: 1, digits: 1, step: 0.5 },
  { field: 'judgePushOff', per: 100, digits: 1, step: 0.5 },
  { field: 'judgeSwerve', per: 100, digits: 1, step: 0.5 },
  { field: 'judgeThrow', per: 100, digits: 1, step: 0.5 },
] as const

export type SpreadField = (typeof spreads)[number]['field']

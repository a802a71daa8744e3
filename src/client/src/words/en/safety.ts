/** The Safety section: nothing on, what do I leave? And what answers now. */
export const safety = {
  now: {
    ask: 'What now?',
    busy: 'Weighing …',
    title: 'Weighs pot and safety and opens the section that answers',
  },
  opponent: {
    label: 'Opponent',
    like: 'v. my equal',
    against: 'v. {name}',
  },
  safety: {
    plan: 'What do I leave?',
    again: 'Ask again',
    ask: 'Lay the balls or open a position, then press "What do I leave?".',
    answer: 'The answer',
    leaves: 'What it leaves',
    others: 'Other answers. Touch one.',
    daring: 'How much do you dare?',
    dares: { '-1': 'nothing', '-0.5': 'little', '0': 'as it is worth', '0.5': 'more', '1': 'much' },
    otherDaring: 'For other players, or for how much you dared before: ask again.',
    misses: 'What a miss leaves',
    showMiss: 'Show it on the table',
    toBreak: 'Plan the break',
  },
}

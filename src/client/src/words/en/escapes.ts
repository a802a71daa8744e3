/** The Escape section: where on the cushion? */
export const escapes = {
  escape: {
    plan: 'Where on the cushion?',
    again: 'Look again',
    ask: 'Lay a snooker or open a position, then press "Where on the cushion?".',
    answer: 'The way out',
    others: 'The ways. Touch one.',
    all: 'All {count}',
    few: 'Three',
    practise: 'Practise it',
    practiceName: 'Escape {way}',
    straight: 'past what is in the way',
    tag: 'escape',
    mirror: 'Show the mirror’s way',
    family: 'Shade where else the same point works',
  },
}

/** True when a key is part of what a person writes into a field. */
export function isTyping({ target }: KeyboardEvent) {
  return target instanceof HTMLInputElement && target.type !== 'checkbox' && target.type !== 'radio'
}

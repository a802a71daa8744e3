/** What the bench shows. */
export type Face = 'stroke' | 'reading' | 'aim' | 'white' | 'numbers' | 'open' | 'save' | 'help'

/** Thrown when the session that was named is not there any more. */
export class SignedOut extends Error {
  constructor() {
    super('you are not signed in')
  }
}

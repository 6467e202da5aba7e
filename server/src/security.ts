/** What bears on security and is counted and logged: what happened, and to which account by its id, never what anybody typed. */
export const SECURITY_EVENTS = [
  'signed in',
  'sign-in refused',
  'sign-in has to wait',
  'joined',
  'code refused',
  'password changed',
  'password change refused',
  'password reset by code',
  'reset code made',
  'code made',
  'code taken back',
  'session ended by its owner',
  'account erased',
  'partner removed',
  'removed from class',
  'not from a page',
] as const
export type SecurityEvent = (typeof SECURITY_EVENTS)[number]

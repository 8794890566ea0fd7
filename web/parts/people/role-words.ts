import type { Role } from '@dialytica/core/wire'

/** What each role may, in one sentence. */
export const roleWords: Readonly<Record<Role, string>> = {
  viewer: 'Looks and changes nothing.',
  technician: 'Records, opens and closes jobs.',
  lead: 'Keeps the shop: its people, its books, its rules.',
}

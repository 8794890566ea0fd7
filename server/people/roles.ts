import { roles, type Role } from '@dialytica/core/wire'

/** True when a role may do what is open to `least` and those above. */
export const mayAct = (role: Role, least: Role): boolean => roles.indexOf(role) >= roles.indexOf(least)

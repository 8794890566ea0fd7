export const roles = ['viewer', 'technician', 'lead'] as const
export type Role = (typeof roles)[number]

/** True when a role may do what is open to `least` and those above. */
export const mayAct = (role: Role, least: Role): boolean => roles.indexOf(role) >= roles.indexOf(least)

/** What a token of the quick line was read as, in the words of the tiles. */
const roles: Record<string, string> = {
  act: 'act',
  count: 'counted',
  size: 'drive',
  drive: 'drive',
  length: 'long',
  lengthAs: 'long',
  name: 'part',
  opens: 'opens',
  lies: 'lies',
  orientation: 'faces',
  place: 'where',
  condition: 'found',
  waypoints: 'past',
  keepClear: 'clear of',
  carryOver: 'carry over',
  what: 'off',
  words: 'not an act',
  note: 'note',
  type: 'kind',
}
export const roleName = (role: string): string => roles[role] ?? role

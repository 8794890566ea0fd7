export { book, bookHand, bookPdf, tellBook } from './book.ts'
export {
  addEvents,
  customerPdf,
  events,
  floor,
  job,
  jobs,
  labelsPdf,
  recordPdf,
  returnPdf,
  share,
  shared,
  stream,
} from './jobs.ts'
export { invite, join, oneHand, putHand } from './joining.ts'
export { bookParcel, jobParcel, parcelBack, parcelIn, parcels, takeParcel } from './parcels.ts'
export {
  addModel,
  addUnit,
  codes,
  learntParts,
  makeOne,
  models,
  oneModel,
  oneUnit,
  rituals,
  units,
} from './machines.ts'
export {
  addMember,
  changeMember,
  changePassword,
  demoAccounts,
  endDevice,
  endOneSession,
  endSessions,
  firstAccount,
  isFresh,
  nameDevice,
  newCode,
  people,
  sessions,
  signIn,
  signOut,
  team,
  welcome,
  whoAmI,
} from './people.ts'
export { photo, putPhoto } from './photos.ts'
export { recordIn, recordOut } from './records.ts'
export { search, searchJobs } from './search.ts'
export { health, openApi, phrases, settings, solved, words } from './shop.ts'

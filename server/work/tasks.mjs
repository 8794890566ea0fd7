import { register } from 'tsx/esm/api'

/** What a worker thread loads first: on Node 20 it does not inherit how TypeScript is read. */
register()
export const {
  recordSheet,
  returnSheet,
  customerPage,
  labelSheet,
  storeSnapshot,
  bookUpToDate,
  bookPdf,
  packJob,
  packBook,
  lookAtParcel,
  takeInParcel,
  takeInRecord,
  readJobForSearch,
  readBehindForSearch,
} = await import('./tasks.ts')

import { calls } from '@dialytica/core/wire'
import { share, shared } from './customer-page.ts'
import { health } from './health.ts'
import { book, bookHand, bookPdf, tellBook } from './book.ts'
import { floor } from './floor.ts'
import { addEvents, events, job, jobs } from './jobs.ts'
import { hand, invite, join, putHand } from './joining.ts'
import { labels } from './labels.ts'
import { addModel, addUnit, makeOne, model, models, unit, units } from './machines.ts'
import { openapi } from './openapi.ts'
import { bookParcel, jobParcel, parcelBack, parcelIn, parcels, takeParcel } from './parcels.ts'
import { addMember, changeOfMember, codeOfMember, endOfSessions, people, team } from './people.ts'
import { photo, putPhoto } from './photos.ts'
import { customerPage, record, returnOfJob } from './record-sheet.ts'
import { recordIn, recordOut } from './records.ts'
import { phrases } from './phrases.ts'
import { codes } from './codes.ts'
import { learntParts } from './learnt-parts.ts'
import { rituals } from './rituals.ts'
import { words } from './words.ts'
import { route, type Route } from './routing.ts'
import { endDevice, endOneSession, nameDevice, sessions } from './devices.ts'
import { changePassword, demoAccounts, signIn, signOut, whoAmI } from './session.ts'
import { firstAccount, fresh, welcome } from './welcome.ts'
import { settings } from './settings.ts'
import { search, searchJobs } from './search.ts'
import { solved } from './solved.ts'
import { stream } from './stream.ts'

const document = route(calls.openApi, {
  summary: 'This document',
  who: 'anyone',
  replies: { 200: 'OpenAPI 3.1' },
  answer: async ({ version }) => openapi(routes, version),
})

/** Every address of the API. */
export const routes: readonly Route[] = [
  health,
  document,
  whoAmI,
  signIn,
  signOut,
  changePassword,
  sessions,
  endOneSession,
  nameDevice,
  endDevice,
  demoAccounts,
  welcome,
  fresh,
  firstAccount,
  people,
  team,
  addMember,
  changeOfMember,
  codeOfMember,
  endOfSessions,
  models,
  addModel,
  model,
  makeOne,
  units,
  addUnit,
  unit,
  floor,
  jobs,
  job,
  events,
  addEvents,
  stream,
  labels,
  record,
  returnOfJob,
  customerPage,
  share,
  shared,
  recordOut,
  recordIn,
  invite,
  join,
  hand,
  putHand,
  putPhoto,
  photo,
  phrases,
  solved,
  settings,
  codes,
  learntParts,
  book,
  bookPdf,
  bookHand,
  tellBook,
  words,
  rituals,
  search,
  searchJobs,
  jobParcel,
  bookParcel,
  parcelIn,
  parcels,
  takeParcel,
  parcelBack,
]

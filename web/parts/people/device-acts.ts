import { calls } from '@dialytica/core/wire'
import { api } from '../../data/api.ts'

/** What is done to the devices on which somebody is signed in. */
export const endOneSession = (session: string) => api(calls.endOneSession, { params: { session } })
export const nameDevice = (device: string, name: string) =>
  api(calls.nameDevice, { params: { device }, body: { name } })

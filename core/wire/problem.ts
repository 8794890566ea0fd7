import type { InferType } from 'yup'
import * as yup from 'yup'
import { shape, wholeWithin } from '../schema/atoms.ts'

/** What the server says when it does not do what was asked (RFC 9457): `detail` says what to do, `problems` where in what was sent. */
export const problem = shape({
  type: yup.string().required(),
  title: yup.string().required(),
  status: wholeWithin(0, 599).required(),
  detail: yup.string().required(),
  problems: yup.array(shape({ path: yup.string().defined(), message: yup.string().required() }).required()),
})
/** A problem document. */
export type ProblemDocument = InferType<typeof problem>

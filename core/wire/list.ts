import * as yup from 'yup'

/** A list of any length, as a reply. */
export const list = <S extends yup.ISchema<unknown>>(of: S) =>
  yup.array(of as never).required() as unknown as yup.Schema<yup.InferType<S>[]>

import * as yup from 'yup'

/** The form of the name of a device, as it stands in the log of a job. */
export const deviceForm = /^[\w-]{1,64}$/
/** The name of a device. */
export const device = () => yup.string().matches(deviceForm, '${path} is the name of a device')

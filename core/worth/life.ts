/**
 * How long machines serve, as a Weibull curve (Weibull, Journal of Applied Mechanics 18, 1951). Wang, Huisman, Stevels and Baldé (Enhancing e-waste
 * estimates, Waste Management 33:11, 2013) fit one to each kind of appliance in homes; for washing machines shape about 2.2 and scale about 13.8 years,
 * half of them given up by nearly twelve. It is where a shop starts, and can be set.
 */
export interface Survival {
  /** Years by which 63 % have been given up. */
  scale: number
  /** Above one: the older, the likelier to be given up in the next year. */
  shape: number
}
export const washers: Survival = { scale: 13.8, shape: 2.2 }

/** Share that serves at least so many years. */
export const survivesTo = (years: number, { scale, shape }: Survival): number =>
  Math.exp(-((Math.max(0, years) / scale) ** shape))

/** Years are summed in steps of this length, up to this age. */
const step = 0.25
const oldest = 60

/** Years that a machine of this age is expected to serve on: the area under its survival curve from that age, over the share that reached it. */
export function yearsLeft(age: number, of: Survival): number {
  const here = survivesTo(age, of)
  let [area, before] = [0, here]
  for (let t = age; t < age + oldest; t += step) {
    const after = survivesTo(t + step, of)
    area += ((before + after) / 2) * step
    before = after
  }
  return here > 0 ? area / here : 0
}

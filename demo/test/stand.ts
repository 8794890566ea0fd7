import { after, type Homography } from '@dialytica/core/then-and-now'
import type { Dice } from '@dialytica/core/test/dice.ts'
import { frame } from '../camera/light.ts'

/** How a camera in the hand stands before a place: degrees off the straight view, a share of nearer or farther, pixels aside. */
export interface Stand {
  yaw: number
  pitch: number
  roll: number
  zoom: number
  dx: number
  dy: number
}

/** Units from the camera to the ground of the place: about a forearm where the frame is as wide as a hand and a half. */
const far = 2000
const radians = (degrees: number) => (degrees * Math.PI) / 180

/** Where a plane of the place, so many units nearer to the camera than its ground, lies on the photo, in pixels of the frame. */
export function planeAt({ yaw, pitch, roll, zoom, dx, dy }: Stand, height: number): Homography {
  const [cy, sy] = [Math.cos(radians(yaw)), Math.sin(radians(yaw))]
  const [cp, sp] = [Math.cos(radians(pitch)), Math.sin(radians(pitch))]
  const [cr, sr] = [Math.cos(radians(roll)), Math.sin(radians(roll))]
  // Turned about the upright axis, then the level one, then the axis of the lens.
  const turned = ([x, y, z]: readonly [number, number, number]) => {
    const [x1, z1] = [cy * x + sy * z, -sy * x + cy * z]
    const [y2, z2] = [cp * y - sp * z1, sp * y + cp * z1]
    return [cr * x1 - sr * y2, sr * x1 + cr * y2, z2] as const
  }
  const [right, down, off] = [turned([1, 0, 0]), turned([0, 1, 0]), turned([0, 0, -height])]
  const [w, h] = [frame.width, frame.height]
  const f = far * zoom
  const lens: Homography = [f, 0, w / 2 + dx, 0, f, h / 2 + dy, 0, 0, 1]
  const seen: Homography = [right[0], down[0], off[0], right[1], down[1], off[1], right[2], down[2], off[2] + far]
  return after(lens, after(seen, [1, 0, -w / 2, 0, 1, -h / 2, 0, 0, 1]))
}

/** A stand no farther than so many degrees from the straight one, in any direction, and turned about the lens by as much. */
export function standWithin(d: Dice, degrees: number): Stand {
  const about = (spread: number) => (d() * 2 - 1) * spread
  const way = d() * 2 * Math.PI
  const tilt = degrees * Math.sqrt(d())
  return {
    yaw: tilt * Math.cos(way),
    pitch: tilt * Math.sin(way),
    roll: about(degrees),
    zoom: 1.05 + about(0.07),
    dx: about(40),
    dy: about(30),
  }
}

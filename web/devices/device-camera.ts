import type { Camera } from './camera.ts'
import { jpegOf } from './jpeg-of.ts'

/** What browsers give beside what TypeScript knows of them. */
interface StillCapture {
  takePhoto(): Promise<Blob>
}
type WithStill = typeof globalThis & { ImageCapture?: new (track: MediaStreamTrack) => StillCapture }
type WithTorch = MediaTrackCapabilities & { torch?: boolean }

const reasons: Record<string, string> = {
  NotAllowedError: 'The browser does not let the camera be used: allow it at the address, then try again.',
  NotFoundError: 'This device has no camera: take the photo with a phone, or choose a file.',
  NotReadableError: 'Another program holds the camera: close it there, then try again.',
  OverconstrainedError: 'This lens is no longer there: choose another.',
}

/** The picture of a moving image as it is now. */
async function still(stream: MediaStream): Promise<Blob> {
  const video = document.createElement('video')
  video.muted = true
  video.playsInline = true
  video.srcObject = stream
  await video.play()
  const canvas = document.createElement('canvas')
  canvas.width = video.videoWidth
  canvas.height = video.videoHeight
  canvas.getContext('2d')!.drawImage(video, 0, 0)
  video.srcObject = null
  return jpegOf(canvas, 0.92)
}

/**
 * Opens the camera of this device: the given lens, else the one that looks away from the person. Throws with what to do where there
 * is none, or it may not be used.
 */
export async function openCamera(lens?: string): Promise<Camera> {
  if (!navigator.mediaDevices?.getUserMedia)
    throw new Error(
      'The camera needs https, or this very machine: open Dialytica by its https address, or choose a file.',
    )
  const which = lens ? { deviceId: { exact: lens } } : { facingMode: 'environment' }
  const video = { ...which, width: { ideal: 4096 }, height: { ideal: 3072 } }
  const stream = await navigator.mediaDevices.getUserMedia({ video }).catch((error: Error) => {
    throw new Error(reasons[error.name] ?? `The camera does not open: ${error.message}.`)
  })
  const track = stream.getVideoTracks()[0]!
  const devices = await navigator.mediaDevices.enumerateDevices().catch(() => [])
  const lenses = devices
    .filter(d => d.kind === 'videoinput')
    .map((d, i) => ({ id: d.deviceId, name: d.label || `Lens ${i + 1}` }))
  const Still = (globalThis as WithStill).ImageCapture
  const hasTorch = Boolean((track.getCapabilities?.() as WithTorch | undefined)?.torch)
  return {
    stream,
    lenses,
    lens: track.getSettings().deviceId,
    ...(hasTorch && {
      torch: on => track.applyConstraints({ advanced: [{ torch: on } as MediaTrackConstraintSet] }),
    }),
    // A still is sharper than a frame; where it fails, or comes without bytes, the frame serves.
    async shoot() {
      const photo = Still && (await new Still(track).takePhoto().catch(() => null))
      return photo && photo.size > 0 ? photo : still(stream)
    },
    close: () => stream.getTracks().forEach(t => t.stop()),
  }
}

/** How Chromium is started without a monitor and without a network: for the browser tests, the pictures and the drills. */
export const flags = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
]
/** The same with a camera that shows a moving test picture, and may be used without asking. */
export const withCamera = [...flags, '--use-fake-ui-for-media-stream', '--use-fake-device-for-media-stream']

import type { DrawCode } from '@dialytica/core/labels'

let writer: Promise<DrawCode> | undefined

/** What draws square codes (QR, level M) as SVG documents; it is loaded when it is first needed. */
export const squareCodes = (): Promise<DrawCode> =>
  (writer ??= import('bwip-js/browser').then(
    ({ qrcode, drawingSVG }) =>
      text =>
        qrcode(
          { bcid: 'qrcode', text, eclevel: 'M', scale: 4, padding: 0 } as never,
          drawingSVG(),
        ) as unknown as string,
  ))

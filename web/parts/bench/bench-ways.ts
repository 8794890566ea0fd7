/** What is done on the bench with a part: point by point, on photos at one scale, or taken to pieces. */
export const benchWays = { points: 'Point by point', photos: 'Side by side', pieces: 'In pieces' } as const
export type BenchWay = keyof typeof benchWays

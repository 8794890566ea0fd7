import type { Page } from '@playwright/test'
import { expect } from './test.ts'

/**
 * Inputs from one finished step to the next: a tap, a stroke and a key count one each, the quick line counts its words. Letters do
 * not count, waiting does not count.
 */
export class Hand {
  private inputs = 0
  private readonly page: Page
  constructor(page: Page) {
    this.page = page
  }
  async key(...keys: string[]): Promise<void> {
    for (const key of keys) await this.page.keyboard.press(key)
    this.inputs += keys.length
  }
  async photo(): Promise<void> {
    await this.key('p')
    await expect(this.page.locator('[data-stage] img')).toHaveJSProperty('complete', true)
  }
  private async at([x, y]: readonly [number, number]): Promise<[number, number]> {
    const box = (await this.page.locator('[data-stage]').boundingBox())!
    return [box.x + box.width * x, box.y + box.height * y]
  }
  async tap(...points: (readonly [number, number])[]): Promise<void> {
    for (const point of points) await this.page.mouse.click(...(await this.at(point)))
    this.inputs += points.length
  }
  async stroke(...points: (readonly [number, number])[]): Promise<void> {
    const [first, ...rest] = await Promise.all(points.map(p => this.at(p)))
    await this.page.mouse.move(...first!)
    await this.page.mouse.down()
    for (const point of rest) await this.page.mouse.move(...point, { steps: 8 })
    await this.page.mouse.up()
    this.inputs += 1
  }
  async line(words: string): Promise<void> {
    await this.key('/')
    await this.page.keyboard.type(words)
    this.inputs += words.split(/\s+/).length
  }
  async press(name: string | RegExp): Promise<void> {
    await this.page.getByRole('button', { name, exact: typeof name === 'string' }).click()
    this.inputs += 1
  }
  /** What was counted since the last time. */
  counted(): number {
    const n = this.inputs
    this.inputs = 0
    return n
  }
}

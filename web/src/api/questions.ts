/** Questions asked one after the other: of their answers only the last one's counts. */
export class Questions {
  private asked = 0

  /** Another question. What it gives back tells whether it still is the last. */
  ask(): () => boolean {
    const mine = ++this.asked
    return () => mine === this.asked
  }
}

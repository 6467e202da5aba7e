/** Sessions the database has found lately, by their hash: whoever is among them is let on to the next check without being asked for again. What is done is asked for anew all the same. */
export class Recent {
  private readonly until = new Map<string, number>()

  /**
   * @param keep_ms how long one stays
   * @param most how many there may be
   */
  constructor(
    private readonly keep_ms = 30_000,
    private readonly most = 20_000,
  ) {}

  has(key: string, now = Date.now()): boolean {
    return (this.until.get(key) ?? 0) > now
  }

  add(key: string, now = Date.now()): void {
    this.until.delete(key)
    this.until.set(key, now + this.keep_ms)
    for (const oldest of this.until.keys()) {
      if (this.until.size <= this.most) break
      this.until.delete(oldest)
    }
  }

  forget(key: string): void {
    this.until.delete(key)
  }
}

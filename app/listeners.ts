/** Who wants to hear of something that changes outside of any screen; `subscribe` as React's external stores want it. */
export class Listeners<T = void> {
  private readonly all = new Set<(what: T) => void>();

  subscribe = (listener: (what: T) => void): (() => void) => {
    this.all.add(listener);
    return () => this.all.delete(listener);
  };

  tell(what: T): void {
    for (const listener of this.all) listener(what);
  }
}

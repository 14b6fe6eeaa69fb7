/** How much room the browser gives, in bytes; undefined where it does not say. */
export interface Room {
  readonly used: number;
  readonly given: number;
}

export async function readRoom(): Promise<Room | undefined> {
  const { usage, quota } = (await navigator.storage?.estimate?.().catch(() => undefined)) ?? {};
  return usage === undefined || quota === undefined || quota === 0 ? undefined : { used: usage, given: quota };
}

/** Asks the browser not to clear what is stored when it runs short of room. True where it will not. */
export async function askToKeep(): Promise<boolean> {
  const { storage } = navigator;
  // Not there on pages that came over plain http from another machine.
  if (!storage?.persist) return false;
  return (await storage.persisted()) || (await storage.persist());
}

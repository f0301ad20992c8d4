/** How full the browser's store is, and asking it to keep what is there. Refuses: deleting anything. */
export interface Fullness {
  readonly usedBytes: number;
  readonly ofBytes: number;
  /** True when so little is left that a photograph may not fit. */
  readonly nearlyFull: boolean;
}
const NEARLY = 0.9;

/** Null where the browser does not say. */
export async function fullness(): Promise<Fullness | null> {
  const estimate = await globalThis.navigator?.storage?.estimate?.();
  if (!estimate?.quota || estimate.usage === undefined) return null;
  return { usedBytes: estimate.usage, ofBytes: estimate.quota, nearlyFull: estimate.usage > estimate.quota * NEARLY };
}

/** Asks the browser not to clear this store by itself; false when it will not promise. */
export async function keepStored(): Promise<boolean> {
  return (await globalThis.navigator?.storage?.persist?.()) ?? false;
}

/** Whether it has promised so already. */
export async function isKept(): Promise<boolean> {
  return (await globalThis.navigator?.storage?.persisted?.()) ?? false;
}

type Thrown = {
  readonly name?: unknown;
  readonly message?: unknown;
  readonly inner?: unknown;
  readonly failures?: readonly unknown[];
};
/** A fault and those inside it. */
function* within(error: unknown, depth = 0): Generator<string> {
  if (typeof error !== 'object' || error === null || depth > 3) return;
  const { name, message, inner, failures } = error as Thrown;
  yield `${String(name)} ${String(message)}`;
  yield* within(inner, depth + 1);
  for (const one of (failures ?? []).slice(0, 3)) yield* within(one, depth + 1);
}
/** True for the fault a full store throws. */
export const isFull = (error: unknown): boolean => [...within(error)].some((text) => /quota/i.test(text));
/** True for the fault of a store that was closed under this page. */
export const isShut = (error: unknown): boolean => [...within(error)].some((text) => /DatabaseClosed|VersionChange/.test(text));

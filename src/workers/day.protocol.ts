import type { DayRequest, WashDay } from '../core/washday';

/** What the wash day worker can be asked. It is stopped by ending it. */
export interface DayApi {
  /** @param onBetter called with the end and the verdict of every better day while it is looked for. */
  plan(request: DayRequest, onBetter: (finish: string, verdict: string) => void): Promise<WashDay>;
}

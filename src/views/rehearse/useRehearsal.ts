import { useEffect, useState } from 'react';
import { writeChoices, type Choices, type Stage } from '../../core/rehearse';
import { tell } from '../../app/session';
import { rehearseWorker, type SideBySide } from '../../workers';

/** Said when the worker could not do it. */
export const NOT_RUN = 'The rehearsal could not be run. Nothing of yours was changed; load the page again.';

/** Both courses from the worker; the older ones stand until the newer are there, and a late answer to an older question is dropped. */
export function useRehearsal(stage: Stage | null, choices: Choices | null, seed: number): SideBySide | null {
  const [answer, setAnswer] = useState<{ readonly stage: Stage; readonly both: SideBySide } | null>(null);
  const key = stage && choices ? JSON.stringify(writeChoices(stage, choices)) : '';
  useEffect(() => {
    if (!stage || !choices) return;
    let stale = false;
    void rehearseWorker()
      .run({ stage, choices, seed })
      .then(
        (both) => {
          if (!stale) setAnswer({ stage, both });
        },
        () => tell(NOT_RUN),
      );
    return () => {
      stale = true;
    };
    // `key` stands for the choices, which are made anew at every drawing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [stage, key, seed]);
  return answer && answer.stage === stage ? answer.both : null;
}

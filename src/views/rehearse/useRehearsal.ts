import { useEffect, useState } from 'react';
import { writeChoices, type Choices, type Setup } from '../../core/rehearse';
import { notify } from '../../app/session';
import { rehearseWorker, type SideBySide } from '../../workers';

/** Said when the worker could not do it. */
export const NOT_RUN = 'The rehearsal could not be run. Nothing of yours was changed; load the page again.';

/** Both courses from the worker; the older ones stand until the newer are there, and a late answer to an older question is dropped. */
export function useRehearsal(setup: Setup | null, choices: Choices | null, seed: number): SideBySide | null {
  const [answer, setAnswer] = useState<{ readonly setup: Setup; readonly both: SideBySide } | null>(null);
  const key = setup && choices ? JSON.stringify(writeChoices(setup, choices)) : '';
  useEffect(() => {
    if (!setup || !choices) return;
    let stale = false;
    void rehearseWorker()
      .run({ setup, choices, seed })
      .then(
        (both) => {
          if (!stale) setAnswer({ setup, both });
        },
        () => notify(NOT_RUN),
      );
    return () => {
      stale = true;
    };
    // `key` stands for the choices, which are made anew at every drawing.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [setup, key, seed]);
  return answer && answer.setup === setup ? answer.both : null;
}

import { useEffect, useSyncExternalStore } from 'react';

const voice = (): SpeechSynthesis | undefined => globalThis.speechSynthesis;
function watch(changed: () => void): () => void {
  voice()?.addEventListener('voiceschanged', changed);
  return () => voice()?.removeEventListener('voiceschanged', changed);
}
/** True where the browser has a voice of its own; some bring theirs only after a moment. */
export const useVoice = (): boolean => useSyncExternalStore(watch, () => (voice()?.getVoices().length ?? 0) > 0);

/** Reads each new text aloud while `on`, and stops in the middle of a sentence when it no longer is. */
export function useReading(text: string, on: boolean): void {
  useEffect(() => {
    const speaks = voice();
    if (!on || !speaks) return;
    const said = new SpeechSynthesisUtterance(text);
    said.lang = 'en-GB';
    speaks.speak(said);
    return () => speaks.cancel();
  }, [text, on]);
}

import { useOfThing } from '../../app/OfThing';
import { useState } from 'react';
import { useReading, useVoice } from '../../app/voice';
import { nowMs } from '../../app/now';
import { canGoBack, isUntouched, photographed, skipStep } from '../../core/run';
import { changeRun } from '../../data/repo';
import { TextButton } from '../../ui/Button';
import { PhotoTaker } from '../../app/PhotoTaker';
import { usePhone } from '../../ui/phone';
import { AtHand, Rarer } from './parts';
import { type LiveRun } from './useLive';

/** The step as it is read aloud: what it is, what to do, with what care, and what to look for. */
const spoken = ({ step, words, ready }: LiveRun, says: (text: string) => string): string =>
  ready.length > 0
    ? [says('Make it ready.'), ...ready.filter((r) => !r.done).map((r) => `${r.step.title}. ${r.step.text}`)].join(' ')
    : [`${words.title}.`, words.text, ...step.cautions, step.check?.look ?? ''].filter(Boolean).join(' ');
/** What is rarer: back, hold, skip, weigh, note, photograph, stop. Below what stands over the text on a small screen. */
export function Foot({ live }: { live: LiveRun }) {
  const says = useOfThing();
  const small = usePhone();
  const {
    run,
    stored,
    item,
    open,
    toggle,
    step,
    damp,
    act,
    back,
    shared,
    running,
    clash,
    weighsDry,
    asking,
    gate,
    answering,
    stop,
  } = live;
  const stands = !clash && !asking && !gate;
  const voice = useVoice();
  const [aloud, setAloud] = useState(false);
  useReading(spoken(live, says), aloud);
  const rarer = (
    <>
      {clash && (
        <TextButton onPress={() => act((r) => skipStep(r, nowMs(), 'would have met what it must not'))}>
          Leave this step out
        </TextButton>
      )}
      {voice && <TextButton onPress={() => setAloud(!aloud)}>{aloud ? 'Stop reading' : 'Read it to me'}</TextButton>}
      {stands && <TextButton onPress={() => toggle('skip')}>Skip</TextButton>}
      {stands && shared === null && !running && !weighsDry && !damp && answering && (
        <TextButton onPress={() => toggle('weigh')}>{says('Weigh it')}</TextButton>
      )}
      {stands && <TextButton onPress={() => toggle('note')}>Note</TextButton>}
      {item && shared === null && (
        <PhotoTaker
          itemId={item.id}
          step={step.title}
          onTaken={(photoId) => void changeRun(run.id, (r) => photographed(r, photoId, step.id, nowMs()))}
        />
      )}
      {item && shared === null && (
        <TextButton onPress={() => void import('../../app/copy').then(({ saveRunFor }) => saveRunFor(run))}>
          Hand it over
        </TextButton>
      )}
      <TextButton onPress={() => (isUntouched(run) || run.machineId ? stop() : toggle('stop'))}>
        {shared === null ? 'Stop the programme' : 'Stop it for all'}
      </TextButton>
    </>
  );
  return (
    <AtHand>
      {canGoBack(stored) && <TextButton onPress={back}>One step back</TextButton>}
      {small ? (
        <>
          <TextButton aria-expanded={open === 'more'} onPress={() => toggle('more')}>
            {open === 'more' ? 'Less' : 'More'}
          </TextButton>
          {open === 'more' && <Rarer>{rarer}</Rarer>}
        </>
      ) : (
        rarer
      )}
    </AtHand>
  );
}

export function placeName(
  settings: { readonly washerId?: string; readonly dryerId?: string; readonly place?: string; readonly tool?: string },
  equipment: {
    readonly washers?: readonly { id: string; name?: string }[];
    readonly dryers?: readonly { id: string; name?: string }[];
  },
): string {
  const { washerId, dryerId, place, tool } = settings;
  if (dryerId !== undefined) return equipment.dryers?.find((d) => d.id === dryerId)?.name ?? 'the dryer';
  if (washerId !== undefined) return equipment.washers?.find((w) => w.id === washerId)?.name ?? 'the machine';
  return place ? `the ${place}` : `the ${tool ?? 'place'}`;
}

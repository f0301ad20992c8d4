import { useEffect, useEffectEvent } from 'react';
import { connectDevices, disconnectDevices, useDevices } from '../../app/devices';
import type { DeviceId } from '../../core/devices';
import type { Heat } from '../../core/gear';
import { HEAT_WORDS } from '../../core/words';
import { Note, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';

/** A device that fell silent: what is not known any more, and what to do. */
const SILENT_WORDS: Readonly<Record<DeviceId, string>> = {
  scale: 'The scale is not heard any more: weigh by hand.',
  dryer: 'The dryer is not heard any more: look yourself where its knob stands and whether it turns.',
  room: 'The room sensor is not heard any more: warmth and humidity stay as they were entered.',
};
/** From here on it is said that a weight does not stand still. */
const SWAYS_FROM = { g: 5, lb: 0.02 } as const;

/** What scale, dryer and room say, and what is wrong with it. Everything can be done by hand without them. */
export function DeviceLine({
  heat,
  running,
  onTake,
  onRoom,
  onHeard,
}: {
  heat: Heat | undefined;
  running: boolean;
  onTake: (value: number) => void;
  onRoom: (airC: number, rhPercent: number) => void;
  /** They are heard (again): tell them what is being done. */
  onHeard: () => void;
}) {
  const { state, scale, dryer, room, scaleStuck, silent } = useDevices();
  const hear = useEffectEvent(onHeard);
  useEffect(() => {
    if (state === 'on') hear();
  }, [state]);
  if (state === 'off')
    return (
      <p>
        <TextButton onPress={connectDevices}>Connect scale, dryer and room sensor</TextButton>
      </p>
    );
  if (state === 'connecting') return <Quiet role="status">Listening for the devices …</Quiet>;
  if (state === 'lost')
    return (
      <Note tone="alarm">
        The devices are not heard. Nothing is lost: weigh and look by hand; they are tried again by themselves.{' '}
        <TextButton onPress={disconnectDevices}>Leave them off</TextButton>
      </Note>
    );
  const slipped = dryer && heat && dryer.running && dryer.knob !== heat;
  return (
    <div aria-live="polite">
      {slipped && (
        <Note tone="alarm">
          <strong>
            The knob stands on {HEAT_WORDS[dryer.knob].toUpperCase()}. Set it to {HEAT_WORDS[heat].toUpperCase()} now.
          </strong>
        </Note>
      )}
      {running && dryer && !dryer.running && <Note tone="alarm">The dryer does not turn. Look what is wrong.</Note>}
      {silent.map((device) => (
        <Note key={device} tone={device === 'room' ? 'quiet' : 'alarm'}>
          {SILENT_WORDS[device]}
        </Note>
      ))}
      {scaleStuck && (
        <Note tone="alarm">The scale has said the same for a while: it may be stuck. Lift the thing off and on.</Note>
      )}
      <Row $wrap $gap={16}>
        {scale && (
          <span>
            Scale <strong>{`${scale.value} ${scale.unit}`}</strong>{' '}
            {scale.sways > SWAYS_FROM[scale.unit] && <Quiet>swaying by {`${scale.sways} ${scale.unit}`}</Quiet>}{' '}
            {scale.value > 0 ? (
              <TextButton onPress={() => onTake(scale.value)}>Take this weight</TextButton>
            ) : (
              <Quiet>nothing on it</Quiet>
            )}
          </span>
        )}
        {dryer && (
          <Quiet>
            dryer on {HEAT_WORDS[dryer.knob]}, {Math.round(dryer.airC)} °C
          </Quiet>
        )}
        {room && (
          <Quiet>
            room {Math.round(room.airC)} °C, {room.rhPercent} %{' '}
            <TextButton onPress={() => onRoom(Math.round(room.airC * 10) / 10, room.rhPercent)}>Use it</TextButton>
          </Quiet>
        )}
        <TextButton onPress={disconnectDevices}>Disconnect</TextButton>
      </Row>
    </div>
  );
}

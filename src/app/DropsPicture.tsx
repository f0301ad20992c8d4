import { Said } from '../ui/said';
import { useState } from 'react';
import type { Point } from '../core/picture';
import { BACK_TEXT, wettingText } from '../core/telling/drops';
import type { WettingMarks, WettingResult } from '../core/wetting';
import { Column, Note, Quiet, Row } from '../ui/basics';
import { Button, TextButton } from '../ui/Button';
import { Disclosure } from '../ui/Disclosure';
import { FilePick } from '../ui/FilePick';
import { PictureMark, PictureStage } from '../ui/PictureStage';
import { Progress } from '../ui/Progress';
import { color } from '../ui/theme';
import { pictureWorker } from '../workers';
import { usePictureReading } from './pictureReading';
import { keepPhotos } from './photos';
import { TakePhoto, useAddress, usePhotos } from './pictures';
import { notify } from './session';

/** Wet on the right, dry cloth beside it on the left, until a hand moves them. */
const START: WettingMarks = {
  wet: [
    [0.34, 0.08],
    [0.96, 0.92],
  ],
  dry: [
    [0.04, 0.1],
    [0.26, 0.9],
  ],
};
const measure = async (slot: 'drops', marks: WettingMarks): Promise<WettingResult | null> => pictureWorker().wetting(slot, marks);
const NAMES = { wet: 'the wetted place', dry: 'dry cloth' } as const;
/** From the top down, as they lie at first. */
const CORNERS = [
  ['wet', 0],
  ['dry', 0],
  ['dry', 1],
  ['wet', 1],
] as const;
const TONES = { wet: color.water, dry: color.finish } as const;

/** A grade suggested from a close picture of one zone; it is taken with a press or not at all. */
export function DropsPicture({ itemId, zone, onGrade }: { itemId: string; zone: string; onGrade: (grade: number) => void }) {
  const { busy, take, photo, earlier, show, fault, reading, address, step, marks, setMarks, result } = useDropsPicture(
    itemId,
    zone,
  );
  return (
    <Disclosure title={`From a picture of the ${zone}`}>
      <Column $gap={12}>
        <p style={{ margin: 0 }}>
          Shake the drops off, lay it flat, and go close: the wetted place and dry cloth beside it in one picture, daylight, no
          flash, nothing mirrored in it.
        </p>
        <Row $wrap>
          <FilePick accept={['image/*']} camera look="quiet" disabled={busy} onFiles={(files) => void take(files)}>
            {busy ? 'Making it small …' : photo ? 'Another picture' : 'Take the picture'}
          </FilePick>
          {!photo &&
            earlier.map((p) => <TakePhoto key={p.id} photo={p} as="the picture of its drops" onTake={() => show(p.id)} />)}
        </Row>
        {fault && <Note tone="alarm">{fault}</Note>}
        {reading.fault === 'unreadable' && <Note tone="alarm">This picture cannot be read. It is kept; take another.</Note>}
        {reading.share !== null && (
          <Progress
            what="Reading the picture"
            done={Math.round(100 * reading.share)}
            of={100}
            onStop={() => void pictureWorker().stop('drops')}
          />
        )}
        {photo && address && (
          <>
            <Rectangles address={address} step={step} marks={marks} setMarks={setMarks} />
            <Quiet>Drag w to two corners of the wetted place, d to two of dry cloth.</Quiet>
            {result && (
              <p style={{ margin: 0 }} aria-live="polite">
                <strong>
                  <Said>{wettingText(result)}</Said>
                </strong>
              </p>
            )}
            {result?.status === 'read' && (
              <>
                {result.grade.low === 0 && <Quiet>{BACK_TEXT}</Quiet>}
                <Row $wrap>
                  <Button look="quiet" onPress={() => onGrade(result.grade.value)}>
                    Take the {result.grade.value} for the {zone}
                  </Button>
                  {result.grade.low === 0 && <TextButton onPress={() => onGrade(0)}>The back is wet: 0</TextButton>}
                </Row>
                <Quiet>A suggestion from one picture; your own eye overrules it.</Quiet>
              </>
            )}
          </>
        )}
      </Column>
    </Disclosure>
  );
}

/** The picture of one zone, what is marked in it, and what it says. */
function useDropsPicture(itemId: string, zone: string) {
  const [photoId, setPhotoId] = useState<string | null>(null);
  const [marks, setMarks] = useState(START);
  const [fault, setFault] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const photos = usePhotos(itemId) ?? [];
  const photo = photos.find((p) => p.id === photoId);
  const address = useAddress(photo?.blob ?? null);
  const reading = usePictureReading('drops', photo?.id, marks, measure);
  const result = reading.answer?.result ?? null;
  const step = `Drops on the ${zone}`;
  const show = (id: string): void => {
    setPhotoId(id);
    setMarks(START);
  };
  const take = async (files: readonly File[]): Promise<void> => {
    setBusy(true);
    const kept = await keepPhotos(itemId, files.slice(0, 1), { step });
    setBusy(false);
    setFault(kept.fault);
    const [id] = kept.ids;
    if (!id) return;
    notify('The photograph is kept with it.', kept.undo);
    show(id);
  };
  const earlier = photos.filter((p) => p.step === step && p.id !== photoId);
  return { busy, take, photo, earlier, show, fault, reading, address, step, marks, setMarks, result };
}

/** The wetted place and the dry cloth, each by two corners. */
function Rectangles({
  address,
  step,
  marks,
  setMarks,
}: {
  address: string;
  step: string;
  marks: WettingMarks;
  setMarks: (next: WettingMarks) => void;
}) {
  return (
    <PictureStage>
      <img src={address} alt={step} />
      <svg viewBox="0 0 1 1" preserveAspectRatio="none" aria-hidden="true">
        {(['wet', 'dry'] as const).map((which) => {
          const [a, b] = marks[which];
          return (
            <rect
              key={which}
              x={Math.min(a[0], b[0])}
              y={Math.min(a[1], b[1])}
              width={Math.abs(a[0] - b[0])}
              height={Math.abs(a[1] - b[1])}
              fill="none"
              stroke={TONES[which]}
              strokeWidth={3}
              vectorEffect="non-scaling-stroke"
              {...(which === 'dry' ? { strokeDasharray: '8 6' } : {})}
            />
          );
        })}
      </svg>
      {CORNERS.map(([which, n]) => (
        <PictureMark
          key={`${which} ${n}`}
          at={marks[which][n]}
          corner
          tone={TONES[which]}
          label={`${n === 0 ? 'First' : 'Second'} corner of ${NAMES[which]}`}
          onMove={(to) => {
            const [a, b] = marks[which];
            const next: readonly [Point, Point] = n === 0 ? [to, b] : [a, to];
            setMarks({ ...marks, [which]: next });
          }}
        >
          {which === 'wet' ? 'w' : 'd'}
        </PictureMark>
      ))}
    </PictureStage>
  );
}

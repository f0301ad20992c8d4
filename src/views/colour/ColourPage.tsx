import { Said } from '../../ui/said';
import { Camera } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { useItem } from '../../app/kit';
import { keepPhotos } from '../../app/photos';
import { TakePhoto, useAddress, usePhotos } from '../../app/pictures';
import { toThing, useIdHere } from '../../app/routes';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import { UnderWayOf } from '../../app/UnderWay';
import { changeOf, type ColourChange, type ColourMarks } from '../../core/colour';
import { changeText, COLOUR_BASIS, estimateText, foremost } from '../../core/telling/colour';
import { KIND_WORDS } from '../../core/words';
import type { Photo } from '../../data/db';
import { changePhoto } from '../../data/repo';
import { Column, Note, NotInKit, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Crumbs } from '../../ui/Crumbs';
import { Disclosure } from '../../ui/Disclosure';
import { FilePick } from '../../ui/FilePick';
import { PictureAnswer } from '../../ui/PictureStage';
import { ColourStage, letterOf } from './ColourStage';
import { Faults, NAMES, Readings } from './Readings';
import { Sessions } from './Sessions';
import { readingsIn, useMarks, type ColourPicture } from './useMarks';
import { Wipe } from './Wipe';

const START: ColourMarks = { spots: [{ id: 's1', name: 'Spot A', at: [0.5, 0.5] }] };
const CORNERS: NonNullable<ColourMarks['corners']> = [
  [0.2, 0.2],
  [0.8, 0.2],
  [0.8, 0.8],
  [0.2, 0.8],
];
const WHICH: readonly ColourPicture[] = ['before', 'after'];
/** The colour of a thing before and after: two pictures with a white sheet in them, the same places marked in both. */
export function ColourPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const photos = usePhotos(id);
  if (!kit || (item && !photos)) return <Page aria-busy="true" />;
  if (!item || !photos) return <NotInKit />;
  return <Colours key={item.id} itemId={item.id} name={item.name ?? KIND_WORDS[item.kind]} photos={photos} />;
}

function Colours({ itemId, name, photos }: { itemId: string; name: string; photos: readonly Photo[] }) {
  const [search, setSearch] = useSearchParams();
  const [chosen, setView] = useState<ColourPicture | 'both' | null>(null);
  const [fault, setFault] = useState<string | null>(null);
  const [making, setMaking] = useState(false);
  const read = photos.filter((p) => p.colour);
  const photoOf = (which: ColourPicture): Photo | undefined =>
    photos.find((p) => p.id === search.get(which)) ?? (which === 'before' ? read[0] : read.length > 1 ? read.at(-1) : undefined);
  const [first, second] = [photoOf('before'), photoOf('after')];
  const before = useMarks('before', first, START);
  const begin = useMemo(() => ({ ...before.marks, sheet: undefined }), [before.marks]);
  const after = useMarks('after', second, begin);
  const addresses = { before: useAddress(first?.blob ?? null), after: useAddress(second?.blob ?? null) };
  // What has been marked already is looked at, what has not is marked.
  const laid = before.placed && after.placed && before.marks.corners !== undefined && after.marks.corners !== undefined;
  const view = chosen ?? (laid ? 'both' : 'before');
  const here = view === 'after' && second ? after : before;
  const which: ColourPicture = view === 'after' && second ? 'after' : 'before';
  const [olds, news] = [readingsIn(before), readingsIn(after)];
  const changes = useMemo(
    () =>
      olds.flatMap((one): ColourChange[] => {
        const other = news.find((r) => r.id === one.id);
        return other ? [changeOf(one, other)] : [];
      }),
    [olds, news],
  );
  const take = (slot: ColourPicture, photo: Photo): void => {
    setSearch(
      (now) => {
        now.set(slot, photo.id);
        return now;
      },
      { replace: true },
    );
    setView(slot);
  };
  const add = async (slot: ColourPicture, file: File | undefined): Promise<void> => {
    if (!file) return;
    setMaking(true);
    const kept = await keepPhotos(itemId, [file], {});
    setMaking(false);
    setFault(kept.fault);
    const [photoId] = kept.ids;
    if (!photoId) return;
    notify('The photograph is kept.', kept.undo);
    setSearch(
      (now) => {
        now.set(slot, photoId);
        return now;
      },
      { replace: true },
    );
    setView(slot);
  };
  const both = (change: (marks: ColourMarks) => ColourMarks): void => {
    before.setMarks(change(before.marks), false);
    // Where nothing is placed yet it begins as the other is.
    if (after.placed) after.setMarks(change(after.marks));
  };
  const addSpot = (): void => {
    const n = before.marks.spots.length;
    const spotId = `s${1 + Math.max(0, ...before.marks.spots.map((s) => Number(s.id.slice(1)) || 0))}`;
    both((m) => ({
      ...m,
      spots: [...m.spots, { id: spotId, name: `Spot ${letterOf(n)}`, at: [Math.min(0.9, 0.3 + 0.1 * n), 0.4] }],
    }));
  };
  const rename = (spotId: string, to: string): void =>
    both((m) => ({ ...m, spots: m.spots.map((s) => (s.id === spotId ? { ...s, name: to } : s)) }));
  const best = foremost(changes);
  const nameOf = (spotId: string): string => before.marks.spots.find((s) => s.id === spotId)?.name ?? spotId;
  const [single] = olds;
  const answer = !first
    ? 'Lay it on a white sheet, and take one picture before the work and one after.'
    : best
      ? changeText(nameOf(best.id), best)
      : second
        ? 'Move the letters onto the same places in both pictures.'
        : single
          ? `${nameOf(single.id)}: yellowness ${estimateText(single.yellow)}. Take the second picture after the work.`
          : 'Move the letter onto the place that is to be read.';
  const crumbs = (
    <Crumbs
      trail={[
        { to: '/kit', name: 'Kit' },
        { to: toThing(itemId), name },
      ]}
      here="Colour, before and after"
    />
  );
  const pick = (slot: ColourPicture) => {
    const others = photos.filter((p) => p !== first && p !== second);
    return (
      <Column $gap={8}>
        <Row $wrap>
          <FilePick
            accept={['image/*']}
            look={(slot === 'before' ? first : second) ? 'text' : 'main'}
            main={slot === 'before' ? !first : !second}
            disabled={making}
            onFiles={([file]) => void add(slot, file)}
          >
            <Camera size={18} aria-hidden="true" />
            {making ? 'Making it small …' : slot === 'before' ? 'Choose the picture before' : 'Choose the picture after'}
          </FilePick>
          {!first && <Quiet>It stays on this device.</Quiet>}
        </Row>
        {others.length > 0 && (
          <Row $wrap $gap={8}>
            {others.map((photo) => (
              <TakePhoto
                key={photo.id}
                photo={photo}
                as={slot === 'before' ? 'before' : 'after'}
                onTake={() => take(slot, photo)}
              />
            ))}
          </Row>
        )}
      </Column>
    );
  };
  if (!first || !addresses.before) {
    return (
      <Page>
        {crumbs}
        <h1>{answer}</h1>
        <p style={{ maxWidth: '40em' }}>
          Plain white paper under it and beside what matters, daylight from a window, no flash, nothing of the sheet glaring. The
          same sheet, and much the same place, the second time.
        </p>
        {pick('before')}
        {fault && <Note tone="alarm">{fault}</Note>}
      </Page>
    );
  }
  const { sheet, corners } = here.marks;
  const address = addresses[which];
  return (
    <Page>
      <UnderWayOf itemId={itemId} />
      {crumbs}
      <PictureAnswer aria-live="polite" data-read={changes.length}>
        {answer}
      </PictureAnswer>
      {fault && <Note tone="alarm">{fault}</Note>}
      <TwoColumns $left={1.3}>
        <Column $gap={12}>
          {second && (
            <OneOf
              label="Picture"
              hideLabel
              value={view}
              options={[...WHICH.map((w) => ({ id: w, name: NAMES[w] })), { id: 'both', name: 'Over each other' }]}
              onChange={(next) => setView(next === 'both' ? 'both' : next === 'after' ? 'after' : 'before')}
            />
          )}
          {view === 'both' && second && addresses.after ? (
            <Wipe
              before={{ address: addresses.before, width: first.width, height: first.height, corners: before.marks.corners }}
              after={{ address: addresses.after, width: second.width, height: second.height, corners: after.marks.corners }}
            />
          ) : (
            address && (
              <ColourStage
                address={address}
                name={`${NAMES[which]}, ${whenText((which === 'after' ? second : first)?.at ?? '')}`}
                marks={here.marks}
                result={here.colours.answer?.result ?? null}
                onMarks={here.setMarks}
              />
            )
          )}
          <Faults which="before" colours={before.colours} marks={before.marks} />
          {second && <Faults which="after" colours={after.colours} marks={after.marks} />}
          {view !== 'both' && (
            <>
              <Quiet>
                Letters are the places that are read; blue lines lie on the sheet. Arrow keys move a mark a little, with shift
                further.
              </Quiet>
              <Row $wrap>
                {!here.placed && <TextButton onPress={() => here.setMarks({ ...here.marks })}>They lie right</TextButton>}
                <TextButton onPress={addSpot}>One more place</TextButton>
                {before.marks.spots.length > 1 && (
                  <TextButton onPress={() => both((m) => ({ ...m, spots: m.spots.slice(0, -1) }))}>
                    Take the last place away
                  </TextButton>
                )}
                <TextButton
                  onPress={() =>
                    here.setMarks({
                      ...here.marks,
                      sheet: [...(sheet ?? []), [0.1 + 0.8 * ((sheet?.length ?? 0) % 2), 0.1 + 0.2 * (sheet?.length ?? 0)]],
                    })
                  }
                >
                  {sheet?.length ? 'Show more of the sheet' : 'Show where the sheet is'}
                </TextButton>
                {sheet && sheet.length > 0 && (
                  <TextButton onPress={() => here.setMarks({ ...here.marks, sheet: undefined })}>
                    Look for the sheet again
                  </TextButton>
                )}
                {second && (
                  <TextButton onPress={() => both((m) => ({ ...m, corners: corners ? undefined : CORNERS }))}>
                    {corners ? 'Without the four points' : 'Four points, to lay them over each other'}
                  </TextButton>
                )}
              </Row>
            </>
          )}
        </Column>
        <Column $gap={20}>
          <Readings marks={before.marks} changes={changes} before={olds} onRename={rename} />
          {!second && pick('after')}
          <Disclosure title="What the figures rest on">
            <ul style={{ paddingLeft: 20 }}>
              {COLOUR_BASIS.map((text) => (
                <li key={text}>
                  <Said>{text}</Said>
                </li>
              ))}
            </ul>
          </Disclosure>
          <Disclosure title="Other pictures">
            <Column $gap={16}>
              {pick('before')}
              {second && pick('after')}
            </Column>
          </Disclosure>
        </Column>
      </TwoColumns>
      <Sessions
        photos={photos}
        spots={before.marks.spots}
        first={best?.id}
        after={second}
        onSession={(photo, session) => {
          if (!photo.colour) return;
          const { session: _before, ...rest } = photo.colour;
          void changePhoto(photo.id, { colour: { ...rest, ...(session ? { session } : {}) } });
        }}
      />
    </Page>
  );
}

import { OfThing, useOfThing } from '../../app/OfThing';
import { SaidList } from '../../ui/SaidList';
import { Camera } from 'lucide-react';
import { useItem } from '../../app/kit';
import { TakePhoto, usePhotos } from '../../app/pictures';
import { useIdHere } from '../../app/routes';
import { whenText } from '../../app/time';
import { UnderWayOf } from '../../app/UnderWay';
import { COLOUR_BASIS } from '../../core/telling/colour';
import type { Photo } from '../../data/db';
import { changePhoto } from '../../data/repo';
import { Column, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { TextButton } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { Disclosure } from '../../ui/Disclosure';
import { FilePick } from '../../ui/FilePick';
import { InTurn } from '../../ui/InTurn';
import { PictureAnswer } from '../../ui/PictureStage';
import { ColourStage } from './ColourStage';
import { Faults, NAMES, Readings } from './Readings';
import { Sessions } from './Sessions';
import { type ColourPicture } from './useMarks';
import { Wipe } from './Wipe';
import { type Colours as Model, useColours, WHICH } from './useColours';
import { ThingCrumbs } from '../../app/ThingCrumbs';
import type { Item } from '../../core/gear';
/** The colour of a thing before and after: two pictures with a white sheet in them, the same places marked in both. */
export function ColourPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const photos = usePhotos(id);
  if (!kit || (item && !photos)) return <Page aria-busy="true" />;
  if (!item || !photos) return <NotInKit />;
  return (
    <OfThing item={item}>
      <Colours key={item.id} item={item} photos={photos} />
    </OfThing>
  );
}

/** Where a picture is chosen, or taken from those that are kept. */
function Pick({ slot, colours }: { slot: ColourPicture; colours: Model }) {
  const { first, second, making, add, take, photos } = colours;
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
}

/** Before there is a picture: how one is taken. */
function Empty({ item, colours }: { item: Item; colours: Model }) {
  const says = useOfThing();
  return (
    <Page>
      <Trail item={item} />
      <h1>{colours.answer}</h1>
      <p style={{ maxWidth: '40em' }}>
        {says('Plain white paper under it')} and beside what matters, daylight from a window, no flash, nothing of the sheet
        glaring. The same sheet, and much the same place, the second time.
      </p>
      <Pick slot="before" colours={colours} />
      {colours.fault && <Note tone="alarm">{colours.fault}</Note>}
    </Page>
  );
}

function Trail({ item }: { item: Item }) {
  return <ThingCrumbs item={item} here="Colour, before and after" />;
}

/** What can be shown to the picture. */
function Marking({ colours }: { colours: Model }) {
  const { before, second, here, addSpot, dropSpot, toggleCorners } = colours;
  const { sheet, corners } = here.marks;
  return (
    <>
      <Quiet>
        Letters are the places that are read; blue lines lie on the sheet. Arrow keys move a mark a little, with shift further.
      </Quiet>
      <Row $wrap>
        {!here.placed && <TextButton onPress={() => here.setMarks({ ...here.marks })}>They lie right</TextButton>}
        <TextButton onPress={addSpot}>One more place</TextButton>
        {before.marks.spots.length > 1 && <TextButton onPress={dropSpot}>Take the last place away</TextButton>}
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
          <TextButton onPress={() => here.setMarks({ ...here.marks, sheet: undefined })}>Look for the sheet again</TextButton>
        )}
        {second && (
          <TextButton onPress={() => toggleCorners(!corners)}>
            {corners ? 'Without the four points' : 'Four points, to lay them over each other'}
          </TextButton>
        )}
      </Row>
    </>
  );
}

function Pictures({ colours, first }: { colours: Model; first: Photo }) {
  const { second, view, setView, which, here, before, after, addresses } = colours;
  const address = addresses[which];
  const shown = addresses.before;
  return (
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
      {view === 'both' && second && addresses.after && shown ? (
        <Wipe
          before={{ address: shown, width: first.width, height: first.height, corners: before.marks.corners }}
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
      {view !== 'both' && <Marking colours={colours} />}
    </Column>
  );
}

/** About what the readings take of a page, px. */
const READINGS_PX = 400;
function Colours({ item, photos }: { item: Item; photos: readonly Photo[] }) {
  const colours = useColours(item.id, photos);
  const { first, second, before, olds, changes, best, answer, fault } = colours;
  if (!first || !colours.addresses.before) return <Empty item={item} colours={colours} />;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <Trail item={item} />
      <PictureAnswer aria-live="polite" data-read={changes.length}>
        {answer}
      </PictureAnswer>
      {fault && <Note tone="alarm">{fault}</Note>}
      <TwoColumns $left={1.3}>
        <Pictures colours={colours} first={first} />
        <InTurn height={READINGS_PX}>
          <Column $gap={20}>
            <Readings marks={before.marks} changes={changes} before={olds} onRename={colours.rename} />
            {!second && <Pick slot="after" colours={colours} />}
            <Disclosure title="What the figures rest on">
              <SaidList lines={COLOUR_BASIS} />
            </Disclosure>
            <Disclosure title="Other pictures">
              <Column $gap={16}>
                <Pick slot="before" colours={colours} />
                {second && <Pick slot="after" colours={colours} />}
              </Column>
            </Disclosure>
          </Column>
        </InTurn>
      </TwoColumns>
      <InTurn>
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
      </InTurn>
    </Page>
  );
}

import { Said } from '../../ui/said';
import { Camera } from 'lucide-react';
import { Link } from 'react-router';
import { toCorrect, toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { TakePhoto, usePhotos } from '../../app/pictures';
import { drawnBaffles, fillGrams } from '../../core/loft';
import { type Point } from '../../core/loft/light';
import { lightText } from '../../core/telling/loft';
import type { Photo } from '../../data/db';
import { Column, Note, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { TextButton } from '../../ui/Button';
import { PictureAnswer } from '../../ui/PictureStage';
import { Progress } from '../../ui/Progress';
import { lightWorker } from '../../workers';
import { LightSketch } from './LightSketch';
import { LightStage } from './LightStage';
import { FilePick } from '../../ui/FilePick';
import { type LightPicture, useLightPicture, type Which } from './useLightPicture';
import { LightMeasured } from './LightMeasured';
import type { Item, FillMap } from '../../core/gear';
import { ThingCrumbs } from '../../app/ThingCrumbs';

/** Down by light: one picture against a lamp or a window, and grams in each baffle. */
export function LightPage() {
  const { kit, item } = useItem(useIdHere());
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  const map = item.fillMap;
  const fillG = fillGrams(item);
  if (map && drawnBaffles(map).length > 0 && fillG > 0) return <AgainstLight item={item} map={map} fillG={fillG} />;
  return (
    <Page>
      <Trail item={item} />
      <h1>{fillG > 0 ? 'First its baffles.' : 'First how much down is in it.'}</h1>
      <p>
        {fillG > 0 ? (
          <Link to={toThing(item.id, 'fill')}>Lay them out</Link>
        ) : (
          <Link to={toCorrect(item.id)}>Write it under its layers</Link>
        )}
        : the picture says how it is shared out, not how much there is.
      </p>
    </Page>
  );
}

function Trail({ item }: { item: Item }) {
  return <ThingCrumbs item={item} through={{ page: 'fill', name: 'Where its down is' }} here="Against the light" />;
}

function AgainstLight({ item, map, fillG }: { item: Item; map: FillMap; fillG: number }) {
  const picture = useLightPicture(item, map, fillG);
  const { source, address } = picture;
  const photos = usePhotos(item.id) ?? [];
  const others = photos.filter((photo) => photo.id !== source?.photo?.id);
  return source && address ? (
    <Marking item={item} map={map} picture={picture} address={address} others={others} />
  ) : (
    <Taking item={item} map={map} picture={picture} photos={others} />
  );
}

/** Its photographs that may serve. */
function Offered({ which, photos, picture }: { which: Which; photos: readonly Photo[]; picture: LightPicture }) {
  return (
    <Row $wrap $gap={8}>
      {which === 'alone' && <Quiet>The light alone may be one of its photographs:</Quiet>}
      {photos.map((photo) => (
        <TakePhoto
          key={photo.id}
          photo={photo}
          as={which === 'thing' ? 'its picture' : 'the light alone'}
          onTake={() => void picture.take(which, { file: photo.blob, name: 'The photograph', photo })}
        />
      ))}
    </Row>
  );
}

/** How far a picture is read, and what was wrong with it. */
function Busy({ picture: { reading, fault } }: { picture: LightPicture }) {
  return (
    <>
      {reading && (
        <Progress
          what={reading.what === 'thing' ? 'Reading the picture, %' : 'Reading the light, %'}
          done={Math.round(reading.share * 100)}
          of={100}
          onStop={() => void lightWorker().stop()}
        />
      )}
      {fault && <Note tone="alarm">{fault}</Note>}
    </>
  );
}

/** Before there is a picture: how one is taken. */
function Taking({ item, map, picture, photos }: { item: Item; map: FillMap; picture: LightPicture; photos: readonly Photo[] }) {
  return (
    <Page>
      <Trail item={item} />
      <h1>Hold it against one lamp or window, and take one picture.</h1>
      <TwoColumns>
        <Column $gap={20}>
          <p>
            Behind it one even light, everything else dark; all of it and a hand’s width of bare light around it in the picture;
            no flash. Where it is bright there is little down, where it is dark there is much. Keep the lamp cool and clear of the
            cloth.
          </p>
          <Row $wrap>
            <FilePick
              accept={['image/*']}
              look="main"
              main
              disabled={picture.reading !== null}
              onFiles={([one]) => one && picture.file('thing', one)}
            >
              <Camera size={18} aria-hidden="true" /> Choose a picture
            </FilePick>
            <Quiet>It stays on this device.</Quiet>
          </Row>
          <Busy picture={picture} />
          {photos.length > 0 && (
            <section aria-labelledby="kept">
              <h2 id="kept" style={{ marginBottom: 8 }}>
                Or one of its photographs
              </h2>
              <Offered which="thing" photos={photos} picture={picture} />
            </section>
          )}
        </Column>
        <LightSketch map={map} />
      </TwoColumns>
    </Page>
  );
}

/** The marks on the picture, and what else may be shown to it. */
function Marks({
  map,
  picture,
  address,
  others,
}: {
  map: FillMap;
  picture: LightPicture;
  address: string;
  others: readonly Photo[];
}) {
  const { marks, setMarks, measured, stale, alone, file } = picture;
  const worst = measured && measured.spread.reduce((a, b) => (b.grams - b.target < a.grams - a.target ? b : a));
  const moveIn = (list: readonly Point[], n: number, to: Point): Point[] => list.map((p, k) => (k === n ? to : p));
  const cloth = marks.cloth ?? [];
  return (
    <Column $gap={12}>
      <LightStage
        address={address}
        map={map}
        corners={marks.corners}
        cloth={cloth}
        grams={measured && !stale ? new Map(measured.spread.map((s) => [s.baffle, s.grams])) : null}
        thin={worst?.baffle ?? null}
        onCorner={(n, to) => setMarks({ ...marks, corners: moveIn(marks.corners, n, to) })}
        onCloth={(n, to) => setMarks({ ...marks, cloth: moveIn(cloth, n, to) })}
      />
      <Quiet>
        Set 1 to 4 on the outer corners of its baffles, upper left, upper right, lower right, lower left, until the lines lie on
        the seams. Arrow keys move a mark a little, with shift further.
      </Quiet>
      <Row $wrap>
        <FilePick accept={['image/*']} look="text" onFiles={([one]) => one && file('thing', one)}>
          Another picture
        </FilePick>
        <FilePick accept={['image/*']} look="text" onFiles={([one]) => one && file('alone', one)}>
          {alone ? 'Another picture of the light alone' : 'Add a picture of the light alone'}
        </FilePick>
        <TextButton onPress={() => setMarks({ ...marks, cloth: [...cloth, [0.5, 0.08 + 0.06 * cloth.length]] })}>
          Show a spot of bare cloth
        </TextButton>
        {cloth.length > 0 && (
          <TextButton onPress={() => setMarks({ ...marks, cloth: cloth.slice(0, -1) })}>Take the last spot away</TextButton>
        )}
      </Row>
      {!alone && others.length > 0 && <Offered which="alone" photos={others} picture={picture} />}
    </Column>
  );
}

function Marking({
  item,
  map,
  picture,
  address,
  others,
}: {
  item: Item;
  map: FillMap;
  picture: LightPicture;
  address: string;
  others: readonly Photo[];
}) {
  const { placed, result, measured } = picture;
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      <Trail item={item} />
      <PictureAnswer aria-live="polite" data-measured={result?.status}>
        <Said>{!placed ? 'Put 1 to 4 on its outer corners.' : result ? lightText(result) : 'Reading it …'}</Said>
      </PictureAnswer>
      <Busy picture={picture} />
      <TwoColumns $left={1.5}>
        <Marks map={map} picture={picture} address={address} others={others} />
        <Column $gap={20}>{measured && <LightMeasured map={map} picture={picture} measured={measured} />}</Column>
      </TwoColumns>
    </Page>
  );
}

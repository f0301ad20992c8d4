import { Said } from '../../ui/said';
import { proxy } from 'comlink';
import { Camera } from 'lucide-react';
import { useEffect, useMemo, useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { toCorrect, toThing, useIdHere } from '../../app/routes';
import { useItem } from '../../app/kit';
import { UnderWayOf } from '../../app/UnderWay';
import { keepPhotos } from '../../app/photos';
import { TakePhoto, useAddress, usePhotos } from '../../app/pictures';
import { notify } from '../../app/session';
import { drawnBaffles, fillGrams } from '../../core/loft';
import { LIGHT_MODELS, type LightMarks, type LightModel, type Point } from '../../core/loft/light';
import { KIND_WORDS } from '../../core/words';
import { LIGHT_MODEL_WORDS, lightBasis, lightText, SURE_WORDS } from '../../core/telling/loft';
import type { Photo } from '../../data/db';
import { changePhoto } from '../../data/repo';
import { Column, Figure, Note, NotInKit, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { PictureAnswer } from '../../ui/PictureStage';
import { Progress } from '../../ui/Progress';
import { Select } from '../../ui/Select';
import { lightWorker } from '../../workers';
import { LightSketch } from './LightSketch';
import { LightStage } from './LightStage';
import { useLight } from './useLight';
import { FigureTable } from '../../ui/FigureTable';
import { FilePick } from '../../ui/FilePick';

const START: readonly Point[] = [
  [0.15, 0.15],
  [0.85, 0.15],
  [0.85, 0.85],
  [0.15, 0.85],
];
interface Source {
  readonly file: Blob;
  readonly name: string;
  /** The photograph that it is already kept as. */
  readonly photo: Photo | null;
}

/** Down by light: one picture against a lamp or a window, and grams in each baffle. */
export function LightPage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const photos = usePhotos(id) ?? [];
  const navigate = useNavigate();
  const [source, setSource] = useState<Source | null>(null);
  const [alone, setAlone] = useState<string | null>(null);
  const [reading, setReading] = useState<{ what: 'thing' | 'alone'; share: number } | null>(null);
  const [read, setRead] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const [marks, setMarks] = useState<LightMarks>({ corners: START });
  const address = useAddress(source?.file ?? null);
  const map = item?.fillMap;
  const fillG = item ? fillGrams(item) : 0;
  const asked = useMemo(() => (read > 0 && map && fillG > 0 ? { map, fillG, marks, read } : null), [read, map, fillG, marks]);
  const { result, stale } = useLight(asked);
  useEffect(
    () => () => {
      void lightWorker().stop();
      void lightWorker().forget('thing');
      void lightWorker().forget('alone');
    },
    [],
  );
  if (!kit) return <Page aria-busy="true" />;
  if (!item) return <NotInKit />;
  const name = item.name ?? KIND_WORDS[item.kind];
  const crumbs = (
    <Crumbs
      trail={[
        { to: '/kit', name: 'Kit' },
        { to: toThing(item.id), name: name },
        { to: toThing(item.id, 'fill'), name: 'Where its down is' },
      ]}
      here="Against the light"
    />
  );
  if (!map || drawnBaffles(map).length === 0 || !(fillG > 0)) {
    return (
      <Page>
        {crumbs}
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
  const take = async (which: 'thing' | 'alone', next: Source): Promise<void> => {
    setFault(null);
    setReading({ what: which, share: 0 });
    const answer = await lightWorker().read(
      which,
      next.file,
      proxy((share: number) => setReading({ what: which, share })),
    );
    setReading(null);
    if (answer.status === 'stopped') return;
    if (answer.status === 'unreadable') return setFault(`${next.name} is no picture that can be read. Nothing else was changed.`);
    setRead((n) => n + 1);
    if (which === 'alone') setAlone(next.name);
    else {
      setSource(next);
      if (next.photo?.light) setMarks(next.photo.light.marks);
    }
  };
  const file = (which: 'thing' | 'alone', one: File): void => void take(which, { file: one, name: one.name, photo: null });
  // Nobody's corners lie where they begin: no answer before they are set.
  const placed = marks.corners !== START;
  const measured = placed && result?.status === 'measured' ? result : null;
  const keep = async (): Promise<void> => {
    if (!source || !measured) return;
    const light = { marks, spread: measured.spread.map(({ baffle, grams, sd }) => ({ baffle, grams, sd })) };
    if (source.photo) notify('The grams are kept with the photograph.', await changePhoto(source.photo.id, { light }));
    else {
      const kept = await keepPhotos(item.id, [new File([source.file], source.name)], { light });
      if (kept.fault) return setFault(kept.fault);
      notify('The photograph and its grams are kept.', kept.undo);
    }
    void navigate(toThing(item.id, 'fill'));
  };
  const others = photos.filter((photo) => photo.id !== source?.photo?.id);
  const offered = (which: 'thing' | 'alone') =>
    others.map((photo) => (
      <TakePhoto
        key={photo.id}
        photo={photo}
        as={which === 'thing' ? 'its picture' : 'the light alone'}
        onTake={() => void take(which, { file: photo.blob, name: 'The photograph', photo })}
      />
    ));
  const busy = reading && (
    <Progress
      what={reading.what === 'thing' ? 'Reading the picture, %' : 'Reading the light, %'}
      done={Math.round(reading.share * 100)}
      of={100}
      onStop={() => void lightWorker().stop()}
    />
  );
  if (!source || !address) {
    return (
      <Page>
        {crumbs}
        <h1>Hold it against one lamp or window, and take one picture.</h1>
        <TwoColumns>
          <Column $gap={20}>
            <p>
              Behind it one even light, everything else dark; all of it and a hand’s width of bare light around it in the picture;
              no flash. Where it is bright there is little down, where it is dark there is much. Keep the lamp cool and clear of
              the cloth.
            </p>
            <Row $wrap>
              <FilePick
                accept={['image/*']}
                look="main"
                main
                disabled={reading !== null}
                onFiles={([one]) => one && file('thing', one)}
              >
                <Camera size={18} aria-hidden="true" /> Choose a picture
              </FilePick>
              <Quiet>It stays on this device.</Quiet>
            </Row>
            {busy}
            {fault && <Note tone="alarm">{fault}</Note>}
            {photos.length > 0 && (
              <section aria-labelledby="kept">
                <h2 id="kept" style={{ marginBottom: 8 }}>
                  Or one of its photographs
                </h2>
                <Row $wrap $gap={8}>
                  {offered('thing')}
                </Row>
              </section>
            )}
          </Column>
          <LightSketch map={map} />
        </TwoColumns>
      </Page>
    );
  }
  const worst = measured && measured.spread.reduce((a, b) => (b.grams - b.target < a.grams - a.target ? b : a));
  const moveIn = (list: readonly Point[], n: number, to: Point): Point[] => list.map((p, k) => (k === n ? to : p));
  const cloth = marks.cloth ?? [];
  return (
    <Page>
      <UnderWayOf itemId={item.id} />
      {crumbs}
      <PictureAnswer aria-live="polite" data-measured={result?.status}>
        <Said>{!placed ? 'Put 1 to 4 on its outer corners.' : result ? lightText(result) : 'Reading it …'}</Said>
      </PictureAnswer>
      {busy}
      {fault && <Note tone="alarm">{fault}</Note>}
      <TwoColumns $left={1.5}>
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
            Set 1 to 4 on the outer corners of its baffles, upper left, upper right, lower right, lower left, until the lines lie
            on the seams. Arrow keys move a mark a little, with shift further.
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
          {!alone && others.length > 0 && (
            <Row $wrap $gap={8}>
              <Quiet>The light alone may be one of its photographs:</Quiet>
              {offered('alone')}
            </Row>
          )}
        </Column>
        <Column $gap={20}>
          {measured && (
            <>
              <Row $wrap>
                <Button data-main-action isDisabled={stale} onPress={() => void keep()}>
                  Keep it and plan the evening
                </Button>
              </Row>
              <Row $wrap $gap={12}>
                <Select
                  label="Holds what it should"
                  value={marks.right}
                  options={drawnBaffles(map).map((b) => b.id)}
                  words={Object.fromEntries(map.baffles.map((b) => [b.id, b.id]))}
                  blank="no baffle is known to be right"
                  onChange={(right) => setMarks({ ...marks, right })}
                />
                <Select
                  label="Light is taken to be"
                  value={marks.model}
                  options={LIGHT_MODELS.filter((m) => m !== 'fitted' || marks.right !== undefined)}
                  words={LIGHT_MODEL_WORDS}
                  blank={`best by what is shown (${measured.model})`}
                  onChange={(model: LightModel | undefined) => setMarks({ ...marks, model })}
                />
              </Row>
              <ul style={{ paddingLeft: 20 }}>
                {lightBasis(measured).map((text) => (
                  <li key={text}>
                    <Said>{text}</Said>
                  </li>
                ))}
              </ul>
              <FigureTable
                label="Down in each baffle"
                rows={measured.spread}
                rowKey={(r) => r.baffle}
                columns={[
                  { id: 'baffle', head: 'Baffle', cell: (r) => r.baffle },
                  {
                    id: 'holds',
                    head: 'Holds',
                    cell: (r) => (
                      <Figure>
                        {Math.round(r.grams)} ± {Math.max(1, Math.round(r.sd))} g
                      </Figure>
                    ),
                  },
                  { id: 'even', head: 'Even', cell: (r) => <Figure>{Math.round(r.target)} g</Figure> },
                  { id: 'sure', head: 'How sure', cell: (r) => SURE_WORDS[r.sure] },
                ]}
              />
            </>
          )}
        </Column>
      </TwoColumns>
    </Page>
  );
}

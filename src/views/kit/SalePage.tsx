import { Of, OfThing, useOfThing } from '../../app/OfThing';
import { allInUnits } from '../../core/units/said';
import { SaidList } from '../../ui/SaidList';
import { Printer } from 'lucide-react';
import { useMemo, useState, type SetStateAction, type Dispatch } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { downloadBlob } from '../../app/download';
import { useItem } from '../../app/kit';
import { useAddress, usePhotos } from '../../app/pictures';
import { toThing, useIdHere } from '../../app/routes';
import { dayText, whenText } from '../../app/time';
import { changeOf, type ColourChange } from '../../core/colour';
import { saleMarkdown, saleSheet, type SaleSheet } from '../../core/telling/sale';
import { dayOf } from '../../core/units/day';
import type { Photo } from '../../data/db';
import { Column, Empty, Page, Quiet, Row, TwoColumns } from '../../ui/basics';
import { NotInKit } from '../../app/NotHere';
import { Button } from '../../ui/Button';
import { Checkbox } from '../../ui/Checkbox';
import type { Item } from '../../core/gear';
import { ThingCrumbs } from '../../app/ThingCrumbs';

const Pictures = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(220px, 1fr));
  gap: 16px;
  figure {
    margin: 0;
    break-inside: avoid;
  }
  img {
    display: block;
    width: 100%;
    height: auto;
  }
  figcaption {
    font-size: 14px;
    padding-top: 4px;
  }
  @media print {
    grid-template-columns: 1fr 1fr;
    [data-out] {
      display: none;
    }
  }
`;
const captionOf = (photo: Photo): string => `${photo.step ?? 'Photograph'}, ${dayText(dayOf(photo.at))}`;
/** The places that its first and its last picture both show, and how they changed. */
function coloursOf(photos: readonly Photo[]): { name: string; change: ColourChange }[] {
  const read = photos.filter((p) => (p.colour?.readings.length ?? 0) > 0);
  const [first, last] = [read[0], read.at(-1)];
  if (!first?.colour || !last?.colour || first === last) return [];
  const { readings, marks } = first.colour;
  const after = last.colour.readings;
  return readings.flatMap((one) => {
    const other = after.find((r) => r.id === one.id);
    return other ? [{ name: marks.spots.find((s) => s.id === one.id)?.name ?? one.id, change: changeOf(one, other) }] : [];
  });
}
function Shown({ photo, out, onOut }: { photo: Photo; out: boolean; onOut: (out: boolean) => void }) {
  const address = useAddress(photo.blob);
  const caption = captionOf(photo);
  return (
    <figure {...(out ? { 'data-out': true } : {})}>
      {address && <img src={address} alt={caption} style={out ? { opacity: 0.35 } : {}} />}
      <figcaption>{caption}</figcaption>
      <div className="no-print">
        <Checkbox selected={!out} onChange={(on) => onOut(!on)} aria-label={`Show the picture of ${whenText(photo.at)}`}>
          On the sheet
        </Checkbox>
      </div>
    </figure>
  );
}
function Part({ title, lines }: { title: string; lines: readonly string[] }) {
  const name = useOfThing()(title);
  return lines.length === 0 ? null : (
    <section aria-label={name}>
      <h2>{name}</h2>
      <SaidList lines={lines} />
    </section>
  );
}

/** What can honestly be said of a thing that is for sale: pictures, what was done, what was measured, what is still there. */
export function SalePage() {
  const id = useIdHere();
  const { kit, item } = useItem(id);
  const photos = usePhotos(id);
  const [out, setOut] = useState<ReadonlySet<string>>(new Set());
  const sheet: SaleSheet | null = useMemo(
    () =>
      kit && item && photos
        ? allInUnits(saleSheet(kit, item, coloursOf(photos), dayText), kit.preferences?.units ?? 'metric')
        : null,
    [kit, item, photos],
  );
  if (!kit || (item && !photos)) return <Page aria-busy="true" />;
  if (!item || !photos || !sheet) return <NotInKit />;
  const chosen = photos.filter((p) => !out.has(p.id)).map((photo) => ({ photo, caption: captionOf(photo) }));
  const markdown = (): void => downloadBlob('sale.md', new Blob([saleMarkdown(sheet, [])], { type: 'text/markdown' }));
  const zip = async (): Promise<void> => {
    const { saleZip } = await import('../../app/saleFiles');
    downloadBlob('sale.zip', await saleZip(sheet, chosen));
  };
  return (
    <OfThing item={item}>
      <Page>
        <div className="no-print">
          <ThingCrumbs item={item} here="Sale sheet" />
        </div>
        <h1>
          {sheet.title}
          {sheet.price === null ? '' : `, ${sheet.price}`}
        </h1>
        <Row $wrap className="no-print">
          <Button onPress={() => window.print()}>
            <Printer size={18} aria-hidden="true" /> Print
          </Button>
          <Button look="quiet" onPress={() => void zip()}>
            With pictures (ZIP)
          </Button>
          <Button look="quiet" onPress={markdown}>
            As Markdown
          </Button>
          <Quiet>Nothing stands here that no look has seen.</Quiet>
        </Row>
        <TwoColumns $left={1.2}>
          <Shots photos={photos} item={item} out={out} setOut={setOut} />
          <Column $gap={20}>
            <Part title="What it is" lines={sheet.about} />
            <Part title="How it is" lines={[...sheet.seen, ...sheet.measured]} />
            <Part title="What is still there" lines={sheet.flaws} />
            <Part title="What was done" lines={sheet.done.map(({ on, text }) => `${on}: ${text}`)} />
            <Part title="Not looked at" lines={sheet.unseen} />
            {sheet.unseen.length > 0 && (
              <p className="no-print">
                <Link to={toThing(item.id, 'look-over')}>
                  <Of>Look it over</Of>
                </Link>
                , and this is said too.
              </p>
            )}
          </Column>
        </TwoColumns>
      </Page>
    </OfThing>
  );
}

/** The pictures that go with it. */
function Shots({
  photos,
  item,
  out,
  setOut,
}: {
  photos: Photo[];
  item: Item;
  out: ReadonlySet<string>;
  setOut: Dispatch<SetStateAction<ReadonlySet<string>>>;
}) {
  return (
    <>
      {photos.length === 0 ? (
        <Empty title="No photograph yet.">
          <Link to={toThing(item.id)}>Add one before the work and one after</Link>
        </Empty>
      ) : (
        <Pictures>
          {photos.map((photo) => (
            <Shown
              key={photo.id}
              photo={photo}
              out={out.has(photo.id)}
              onOut={(gone) => setOut((was) => new Set(gone ? [...was, photo.id] : [...was].filter((one) => one !== photo.id)))}
            />
          ))}
        </Pictures>
      )}
    </>
  );
}

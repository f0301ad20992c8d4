import { useAllPhotos } from '../../app/stored';
import { toThing, readList, PATHS } from '../../app/routes';
import { dayOf } from '../../core/units/day';
import { toDataURL } from 'qrcode';
import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import styled from 'styled-components';
import { useKit } from '../../app/kit';
import { dayText } from '../../app/time';
import { isEntry, type Item, type Kit } from '../../core/gear';
import { AIM_WORDS, KIND_WORDS } from '../../core/words';
import { type Photo } from '../../data/db';
import { Empty, Page, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Crumbs } from '../../ui/Crumbs';
import { color } from '../../ui/theme';

const Sheet = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(min(320px, 100%), 1fr));
  gap: 12px;
`;
const Label = styled.li`
  border: 1px solid ${color.ink};
  border-radius: 4px;
  padding: 12px;
  display: grid;
  grid-template-columns: 104px minmax(0, 1fr);
  gap: 12px;
  break-inside: avoid;
  background: #fff;
  color: #18211f;
  img {
    width: 104px;
    height: 104px;
    object-fit: cover;
  }
  strong {
    font-size: 18px;
    line-height: 1.2;
    display: block;
  }
  small {
    font-size: 13px;
    display: block;
    overflow-wrap: anywhere;
  }
  figure {
    margin: 8px 0 0;
  }
`;

function useQr(text: string): string | null {
  const [address, setAddress] = useState<string | null>(null);
  useEffect(() => {
    let stale = false;
    void toDataURL(text, { margin: 0, width: 208, errorCorrectionLevel: 'M' }).then((url) => {
      if (!stale) setAddress(url);
    });
    return () => {
      stale = true;
    };
  }, [text]);
  return address;
}

function OneLabel({ kit, item, photo }: { kit: Kit; item: Item; photo: Photo | undefined }) {
  const link = `${window.location.origin}${toThing(item.id)}`;
  const qr = useQr(link);
  const picture = useMemo(() => (photo ? URL.createObjectURL(photo.blob) : null), [photo]);
  useEffect(() => () => (picture ? URL.revokeObjectURL(picture) : undefined), [picture]);
  const care = (kit.log ?? [])
    .filter(isEntry('care'))
    .filter((e) => e.itemId === item.id)
    .sort((a, b) => (a.at < b.at ? 1 : -1))[0];
  return (
    <Label>
      {qr ? <img src={qr} alt={`Code that opens ${item.name ?? KIND_WORDS[item.kind]}`} /> : <span />}
      <div>
        <strong>{item.name ?? KIND_WORDS[item.kind]}</strong>
        <small>
          {[item.jobClass ? `class: ${item.jobClass}` : KIND_WORDS[item.kind], item.owner].filter(Boolean).join(', ')}
        </small>
        <small>
          {care
            ? `Last care ${dayText(dayOf(care.at))}: ${(care.aims ?? []).map((a) => AIM_WORDS[a]).join(', ')}`
            : 'No care recorded'}
        </small>
        {/* What a phone without a camera, or a smudged code, needs. */}
        <small>{item.id}</small>
      </div>
      {picture && <img src={picture} alt={item.name ?? KIND_WORDS[item.kind]} />}
    </Label>
  );
}

/** Storage labels to print: name, class, last care, a code that opens the thing, and its name in the files as text. */
export function Labels() {
  const kit = useKit();
  const [params] = useSearchParams();
  const ids = params.get('ids') === null ? null : readList(params.get('ids'));
  const photos = useAllPhotos() ?? [];
  if (!kit) return <Page aria-busy="true" />;
  const items = ids ? kit.items.filter((i) => ids.includes(i.id)) : kit.items.filter((i) => !i.archivedOn);
  return (
    <Page>
      <Crumbs trail={[{ to: PATHS.kit, name: 'Kit' }]} here="Labels" />
      <Row $between $wrap className="no-print">
        <div>
          <h1>{items.length === 1 ? 'One label' : `${items.length} labels`}</h1>
          <Quiet>The code opens the thing in this browser’s kit; the small text under it finds it by search.</Quiet>
        </div>
        <Button data-main-action onPress={() => window.print()} isDisabled={items.length === 0}>
          Print
        </Button>
      </Row>
      {items.length === 0 && <Empty title="None of these things is in your kit." />}
      <Sheet>
        {items.map((item) => (
          <OneLabel key={item.id} kit={kit} item={item} photo={photos.filter((p) => p.itemId === item.id).at(-1)} />
        ))}
      </Sheet>
    </Page>
  );
}

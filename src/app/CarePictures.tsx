import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo } from 'react';
import styled from 'styled-components';
import { type CareEntry } from '../core/gear';
import { db, type Photo } from '../data/db';
import { color } from '../ui/theme';
import { whenText } from './time';

export const Pictures = styled.section`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  figure {
    margin: 0;
    max-width: 240px;
  }
  img {
    display: block;
    width: 100%;
    height: auto;
    border-radius: 3px;
  }
  figcaption {
    font-size: 14px;
    color: ${color.quiet};
  }
`;

/** Photographs side by side: the last before the work, then those taken in it, each with its step. */
export function Photos({ entry }: { entry: CareEntry }) {
  const ids = entry.photos ?? [];
  const found = useLiveQuery(async () => {
    const taken = (await db.photos.bulkGet([...ids])).filter((p): p is Photo => p !== undefined);
    if (taken.length === 0) return [];
    const all = await db.photos
      .where('itemId')
      .equals(entry.itemId ?? '')
      .sortBy('at');
    const before = all.filter((p) => p.at < (entry.startedAt ?? entry.at) && !ids.includes(p.id)).at(-1);
    return [...(before ? [{ ...before, step: 'Before' }] : []), ...taken];
  }, [ids.join(), entry.itemId]);
  const photos = useMemo(() => found ?? [], [found]);
  const urls = useMemo(() => new Map(photos.map((p) => [p.id, URL.createObjectURL(p.blob)])), [photos]);
  useEffect(
    () => () => {
      for (const url of urls.values()) URL.revokeObjectURL(url);
    },
    [urls],
  );
  if (photos.length === 0) return null;
  return (
    <Pictures>
      {photos.map((p) => (
        <figure key={p.id}>
          <img src={urls.get(p.id)} width={p.width} height={p.height} alt={`At “${p.step ?? 'this work'}”`} />
          <figcaption>
            {p.step}, {whenText(p.at)}
          </figcaption>
        </figure>
      ))}
    </Pictures>
  );
}

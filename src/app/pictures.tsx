import { useLiveQuery } from 'dexie-react-hooks';
import { useEffect, useMemo } from 'react';
import styled from 'styled-components';
import { db, type Photo } from '../data/db';
import { PressArea } from '../ui/Button';
import { color } from '../ui/theme';
import { whenText } from './time';

/** The photographs of a thing, oldest first; undefined until they are known. */
export const usePhotos = (itemId: string | undefined): Photo[] | undefined =>
  useLiveQuery(
    () =>
      db.photos
        .where('itemId')
        .equals(itemId ?? '')
        .sortBy('at'),
    [itemId],
  );
/** An address for a stored picture, given back when it is no longer shown. */
export function useAddress(blob: Blob | null): string | null {
  const address = useMemo(() => (blob ? URL.createObjectURL(blob) : null), [blob]);
  useEffect(
    () => () => {
      if (address) URL.revokeObjectURL(address);
    },
    [address],
  );
  return address;
}
const Thumb = styled.img`
  width: 104px;
  height: 78px;
  object-fit: cover;
  display: block;
`;
/** One of a thing's photographs, to be taken for something. @param as what it would be taken as: "its picture". */
export function TakePhoto({ photo, as, onTake }: { photo: Photo; as: string; onTake: () => void }) {
  const address = useAddress(photo.blob);
  return (
    <PressArea
      style={{ border: `1px solid ${color.line}` }}
      aria-label={`Take the photograph of ${whenText(photo.at)}${photo.step ? `, ${photo.step},` : ''} as ${as}`}
      onPress={onTake}
    >
      {address && <Thumb src={address} alt="" />}
      <small style={{ display: 'block', padding: 4, color: color.quiet }}>{photo.step ?? whenText(photo.at)}</small>
    </PressArea>
  );
}

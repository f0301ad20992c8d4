import { Camera } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { keepPhotos } from '../../app/photos';
import { useAddress, usePhotos } from '../../app/pictures';
import { toThing } from '../../app/routes';
import { notify } from '../../app/session';
import { whenText } from '../../app/time';
import type { Photo } from '../../data/db';
import { deletePhoto } from '../../data/repo';
import { Note, Quiet, Row } from '../../ui/basics';
import { Button, PressArea } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { color } from '../../ui/theme';
import { FilePick } from '../../ui/FilePick';
import { BYTES_PER_MB } from '../../core/units';

const Grid = styled.ul`
  margin-top: 8px;
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  button {
    border: 1px solid ${color.line};
    padding: 0;
    background: ${color.panel};
    border-radius: 4px;
    cursor: pointer;
    overflow: hidden;
    width: 112px;
    height: 112px;
  }
  img {
    width: 100%;
    height: 100%;
    object-fit: cover;
    display: block;
  }
`;
const Large = styled.img`
  max-width: 100%;
  max-height: 60vh;
  object-fit: contain;
`;

function Picture({ photo, name, large }: { photo: Photo; name: string; large?: boolean }) {
  const address = useAddress(photo.blob) ?? '';
  const said = `${name}, ${whenText(photo.at)}`;
  return large ? <Large src={address} alt={said} /> : <img src={address} alt={said} />;
}

/**
 * Photographs of a thing: taken or chosen, made small off the page, freed of place and camera, kept in this browser. They come late, and
 * stand below all that is pressed.
 */
export function Photos({ itemId, name }: { itemId: string; name: string }) {
  const photos = usePhotos(itemId) ?? [];
  const [busy, setBusy] = useState(0);
  const [fault, setFault] = useState<string | null>(null);
  const [open, setOpen] = useState<string | null>(null);
  const shown = photos.find((p) => p.id === open);
  const add = async (files: readonly File[]): Promise<void> => {
    setBusy(files.length);
    setFault((await keepPhotos(itemId, files, {}, () => setBusy((n) => n - 1))).fault);
  };
  const bytes = photos.reduce((sum, p) => sum + p.bytes, 0);
  return (
    <section aria-labelledby="photos">
      <h2 id="photos" style={{ marginBottom: 8 }}>
        Photographs
      </h2>
      <Row $wrap>
        <FilePick accept={['image/*']} multiple disabled={busy > 0} onFiles={(files) => void add(files)}>
          <Camera size={18} aria-hidden="true" /> {busy > 0 ? `Making ${busy} small …` : 'Add a photograph'}
        </FilePick>
        <Link to={toThing(itemId, 'colour')}>Colour, before and after</Link>
      </Row>
      {fault && <Note tone="alarm">{fault}</Note>}
      <Grid>
        {photos.map((photo) => (
          <li key={photo.id}>
            <PressArea aria-label={`Open the photograph of ${whenText(photo.at)}`} onPress={() => setOpen(photo.id)}>
              <Picture photo={photo} name={name} />
            </PressArea>
          </li>
        ))}
      </Grid>
      {photos.length > 0 && (
        <Quiet>
          {photos.length === 1 ? 'One' : `${photos.length} of them`}, {(bytes / BYTES_PER_MB).toFixed(1)} MB in this browser;
          place and camera are taken out
        </Quiet>
      )}
      {shown && (
        <Sheet title={`${name}, ${whenText(shown.at)}`} open wide onClose={() => setOpen(null)}>
          <Picture photo={shown} name={name} large />
          {shown.step && <p>Taken at “{shown.step}”.</p>}
          <Row>
            <Button
              look="danger"
              onPress={() => {
                setOpen(null);
                void deletePhoto(shown.id).then((undo) => notify('The photograph is deleted.', undo));
              }}
            >
              Delete it
            </Button>
          </Row>
        </Sheet>
      )}
    </section>
  );
}

import { SaidList } from '../../ui/SaidList';
import { Said } from '../../ui/said';
import { useState } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { CLOTHS, DIDS, type Cloth, type Did } from '../../core/gear';
import type { MarkAt, RungAt } from '../../core/surfaces';
import { markName, rungSaid } from '../../core/telling/surfaces';
import { CLOTH_WORDS, DID_WORDS, TRIED_WORDS } from '../../core/words/marks';
import { capital } from '../../core/words/text';
import { PhotoTaker } from '../../app/PhotoTaker';
import { Column, FactList, Note, Quiet, Row } from '../../ui/basics';
import { TextField } from '../../ui/TextField';
import { Button } from '../../ui/Button';
import { Sheet } from '../../ui/Sheet';
import { toHandbook } from '../../app/routes';

const Answers = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
`;

/** What a hidden place showed: where it is, how the white cloth is, and a picture of it. */
export interface HiddenAnswer {
  readonly cloth: Cloth;
  readonly place: string;
  readonly photos: readonly string[];
}
/** A hidden place first: what was tried where, and what the white cloth shows. */
function HiddenPlace({
  agent,
  itemId,
  onAnswer,
}: {
  agent: NonNullable<RungAt['testFirst']>;
  itemId: string;
  onAnswer: (answer: HiddenAnswer) => void;
}) {
  const [place, setPlace] = useState('');
  const [photos, setPhotos] = useState<readonly string[]>([]);
  return (
    <Column $gap={12}>
      <p>
        {capital(TRIED_WORDS[agent])} has not been tried on this part. Dab a little on a place that nobody sees, wait two minutes,
        and press a white cloth on it.
        {agent === 'warm-water' && ' Go cold first, then cool, then warm.'}
      </p>
      <Row $wrap>
        <TextField label="Which place, if you like" value={place} maxLength={200} onChange={setPlace} />
        <span style={{ marginTop: 26 }}>
          <PhotoTaker
            itemId={itemId}
            step={`Hidden place: ${TRIED_WORDS[agent]}`}
            onTaken={(id) => setPhotos((all) => [...all, id])}
          />
        </span>
      </Row>
      {photos.length > 0 && <Quiet role="status">A picture of it is kept.</Quiet>}
      <h3>How is the white cloth?</h3>
      <Answers>
        {CLOTHS.map((cloth) => (
          <Button
            key={cloth}
            look={cloth === 'clean' ? 'main' : 'quiet'}
            onPress={() => onAnswer({ cloth, place: place.trim(), photos })}
          >
            {CLOTH_WORDS[cloth].asked}
          </Button>
        ))}
      </Answers>
    </Column>
  );
}

/** One rung on one mark: all that a hand needs, in its order, then what it did. Cautions stand above the work. */
export function RungSheet({
  mark,
  rung,
  itemId,
  onCloth,
  onDid,
  onClose,
}: {
  mark: MarkAt;
  rung: RungAt;
  itemId: string;
  onCloth: (answer: HiddenAnswer) => void;
  onDid: (did: Did) => void;
  onClose: () => void;
}) {
  const said = rungSaid(mark, rung);
  return (
    <Sheet title={rung.testFirst ? 'First on a hidden place' : said.name} open onClose={onClose}>
      <Quiet as="p">{capital(markName(mark))}</Quiet>
      {said.cautions.map((text) => (
        <Note key={text} tone="alarm">
          {text}
        </Note>
      ))}
      {rung.testFirst ? (
        <HiddenPlace agent={rung.testFirst} itemId={itemId} onAnswer={onCloth} />
      ) : (
        <>
          <FactList $name={88}>
            {said.rows.map(({ name, text }) => (
              <div key={name} style={{ display: 'contents' }}>
                <dt>{name}</dt>
                <dd>
                  <Said>{text}</Said>
                </dd>
              </div>
            ))}
          </FactList>
          <SaidList lines={said.lines} />
          <Link to={toHandbook(`rung/${rung.rung}`)}>This rung in the handbook</Link>
          <h3>What did it do?</h3>
          <Answers>
            {DIDS.map((did) => (
              <Button key={did} look="quiet" onPress={() => onDid(did)}>
                {DID_WORDS[did].asked}
              </Button>
            ))}
          </Answers>
        </>
      )}
    </Sheet>
  );
}

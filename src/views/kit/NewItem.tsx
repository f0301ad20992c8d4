import { useId, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import styled from 'styled-components';
import { readList, toCorrect, toThing } from '../../app/routes';
import { notify } from '../../app/session';
import { newId } from '../../app/now';
import { BOUNDS } from '../../core/knowledge/bounds';
import { COLOURS, JOB_CLASSES, type Item, type JobClass } from '../../core/gear';
import { find } from '../../core/find';
import type { Archetype } from '../../core/knowledge';
import { ARCHETYPE_GROUPS, ARCHETYPES, isShoe } from '../../core/knowledge';
import { envelopeFor } from '../../core/programme';
import { JOB_WORDS, KIND_ALSO, KIND_WORDS, madeOf } from '../../core/words';
import { saveItem } from '../../data/repo';
import { keepStored } from '../../data/storage';
import { Column, Page, Quiet, Row } from '../../ui/basics';
import { Button, NamePress } from '../../ui/Button';
import { OneOf } from '../../ui/Choices';
import { KindPicture } from '../../ui/KindPicture';
import { QuantityField } from '../../ui/NumberField';
import { Stack } from '../../ui/Stack';
import { color, phone } from '../../ui/theme';
import { isClothLike } from './edit';
import { SearchField, TextField } from '../../ui/TextField';

const ALL = 'all';
const Grid = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(250px, 1fr));
  gap: 0 24px;
`;
const Section = styled.section`
  display: grid;
  grid-template-columns: 190px minmax(0, 1fr);
  gap: 8px 24px;
  h2 {
    padding-top: 12px;
  }
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;
const Pick = styled.div`
  position: relative;
  border-top: 1px solid ${color.line};
  padding: 10px 0;
  min-height: 64px;
  display: grid;
  grid-template-columns: 74px minmax(0, 1fr);
  gap: 10px;
  align-items: center;
  > span:last-child {
    display: flex;
    flex-direction: column;
  }
  strong {
    font-size: 17px;
  }
  &:has([data-hovered]) strong {
    text-decoration: underline;
  }
`;
const Two = styled.div`
  display: grid;
  grid-template-columns: minmax(0, 1fr) minmax(0, 1fr);
  gap: 48px;
  ${phone} {
    grid-template-columns: minmax(0, 1fr);
  }
`;

const FINDABLE = ARCHETYPES.map((of) => ({
  id: of.id,
  name: of.name,
  also: `${of.hint} ${of.group} ${KIND_WORDS[of.item.kind]} ${KIND_ALSO[of.item.kind] ?? ''} ${of.item.components.map(madeOf).join(' ')}`,
  of,
}));
/** What a family is recognised by. */
const faceOf = (group: string): Archetype | undefined => ARCHETYPES.find((a) => a.group === group);
const isFilled = (a: Archetype): boolean => a.item.components.some((c) => c.part === 'fill');
const COLOUR_WORDS: Readonly<Record<(typeof COLOURS)[number], string>> = {
  white: 'White',
  light: 'Light',
  dark: 'Dark',
  vivid: 'Bright',
};

/** Choose a construction that looks like yours, then correct it. */
export function NewItem() {
  const [chosen, setChosen] = useState<Archetype | null>(null);
  return chosen ? <Named chosen={chosen} onAnother={() => setChosen(null)} /> : <Choosing onChoose={setChosen} />;
}

function OfKind({ of, onChoose }: { of: Archetype; onChoose: (a: Archetype) => void }) {
  const more = useId();
  return (
    <Pick>
      <KindPicture kind={of.item.kind} layers={of.item.components} />
      <span>
        <NamePress aria-describedby={more} onPress={() => onChoose(of)}>
          <strong>{of.name}</strong>
        </NamePress>
        <Quiet id={more}>{of.hint}</Quiet>
      </span>
    </Pick>
  );
}
/** The constructions of one family. */
function Family({ group, of, onChoose }: { group: string; of: readonly Archetype[]; onChoose: (a: Archetype) => void }) {
  return (
    <Section aria-label={group}>
      <h2>{group}</h2>
      <Grid>
        {of.map((a) => (
          <li key={a.id}>
            <OfKind of={a} onChoose={onChoose} />
          </li>
        ))}
      </Grid>
    </Section>
  );
}

function Choosing({ onChoose }: { onChoose: (a: Archetype) => void }) {
  const [query, setQuery] = useState('');
  const [family, setFamily] = useState<string | null>(null);
  const [search] = useSearchParams();
  // What was asked for on the way here comes first.
  const wanted = readList(search.get('for'));
  const groups = [...ARCHETYPE_GROUPS].sort((a, b) => Number(wanted.includes(b)) - Number(wanted.includes(a)));
  const listed = query.trim() === '' ? [...ARCHETYPES] : find(FINDABLE, query, FINDABLE.length).map(({ of }) => of);
  const found = listed.filter((a) => family === null || a.group === family);
  return (
    <Page>
      <Row $between $wrap $top>
        <div>
          <h1>Which of these is built like yours?</h1>
          <p>Take the nearest; every layer can be corrected afterwards.</p>
        </div>
        <SearchField
          label="Search the constructions"
          placeholder="Search, such as wool"
          width={280}
          value={query}
          onChange={setQuery}
        />
      </Row>
      <OneOf
        label="Which family?"
        value={family ?? ALL}
        options={[
          { id: ALL, name: 'All' },
          ...groups.map((group) => {
            const shown = faceOf(group);
            return {
              id: group,
              name: group,
              ...(shown ? { picture: <KindPicture kind={shown.item.kind} layers={shown.item.components} /> } : {}),
            };
          }),
        ]}
        onChange={(id) => setFamily(id === ALL ? null : id)}
      />
      {found.length === 0 && <p>Nothing is called that. Take what is nearest in layers, whatever it is for.</p>}
      {groups
        .filter((group) => found.some((a) => a.group === group))
        .map((group) => (
          <Family key={group} group={group} of={found.filter((a) => a.group === group)} onChoose={onChoose} />
        ))}
    </Page>
  );
}

/** What is written of a thing before it is added. */
function useNewItem(chosen: Archetype) {
  const [name, setName] = useState('');
  const [job, setJob] = useState<JobClass | null>(null);
  const [colour, setColour] = useState<(typeof COLOURS)[number] | null>(null);
  const [massG, setMassG] = useState<number | undefined>(undefined);
  const navigate = useNavigate();
  const item: Item = {
    ...chosen.item,
    ...(job ? { jobClass: job } : {}),
    ...(colour ? { colour: { ...chosen.item.colour, class: colour } } : {}),
    ...(massG ? { massG } : {}),
    id: newId('itm'),
    name: name.trim() || chosen.name,
    label: null,
  };
  const add = async (next: 'look-over' | 'correct'): Promise<void> => {
    // From now on the store holds something of the user's own.
    void keepStored();
    const undo = await saveItem(item);
    notify(`${item.name} is in your kit.`, undo);
    await navigate(next === 'look-over' ? toThing(item.id, 'look-over') : toCorrect(item.id));
  };
  return { item, name, setName, job, setJob, colour, setColour, massG, setMassG, add };
}

function Named({ chosen, onAnother }: { chosen: Archetype; onAnother: () => void }) {
  const { item, name, setName, job, setJob, colour, setColour, massG, setMassG, add } = useNewItem(chosen);
  return (
    <Page>
      <h1>{chosen.name}</h1>
      <Two>
        <Column $gap={20}>
          <TextField
            label="What do you call it?"
            autoFocus
            value={name}
            placeholder={chosen.name}
            maxLength={200}
            onChange={(text) => setName(text)}
          />
          {isClothLike(chosen.item.kind) && (
            <OneOf
              label="What is it for?"
              value={job ?? chosen.item.jobClass ?? null}
              options={JOB_CLASSES.map((j) => ({ id: j, name: JOB_WORDS[j] }))}
              onChange={(id) => setJob(id as JobClass)}
            />
          )}
          {isFilled(chosen) && (
            <QuantityField
              label="Dry weight, if you have a scale"
              value={massG}
              unit="g"
              what="its dry weight"
              {...BOUNDS.dryMassG}
              onChange={setMassG}
            />
          )}
          {isShoe(chosen.item.kind) && (
            <OneOf
              label="Its colour"
              value={colour}
              options={COLOURS.map((id) => ({ id, name: COLOUR_WORDS[id] }))}
              onChange={(id) => setColour(id as (typeof COLOURS)[number])}
            />
          )}
          <p>
            I take it to be made of {[...new Set(item.components.map(madeOf))].join(', ')}. Its label is not recorded yet, so I
            will be careful until you copy it.
          </p>
          <Row $wrap>
            <Button data-main-action onPress={() => void add('look-over')}>
              Add it and look it over
            </Button>
            <Button look="quiet" onPress={() => void add('correct')}>
              Add it and correct it
            </Button>
            <Button look="quiet" onPress={onAnother}>
              Another construction
            </Button>
          </Row>
        </Column>
        <Stack item={item} envelope={envelopeFor(item)} />
      </Two>
    </Page>
  );
}

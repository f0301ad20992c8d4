import { useOfThing } from '../../app/OfThing';
import { Said } from '../../ui/said';
import styled from 'styled-components';
import { offered, planned, type ChoiceId, type Choices, type Setup } from '../../core/rehearse';
import { CHOICE_WORDS, chosenText } from '../../core/telling/rehearse';
import { Quiet } from '../../ui/basics';
import { phone } from '../../ui/theme';
import { OneSelect } from '../../ui/Select';

const Grid = styled.div`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(180px, 1fr));
  gap: 12px 16px;
`;
/** Keeps its line on a desk, so that the form does not jump; on a phone it only takes one when it has something to say. */
const Planned = styled(Quiet)<{ $same: boolean }>`
  font-weight: 400;
  visibility: ${(p) => (p.$same ? 'hidden' : 'visible')};
  ${phone} {
    display: ${(p) => (p.$same ? 'none' : 'inline')};
  }
`;

/** The choices of a rehearsal, each with what the plan says. */
export function Chosen({ setup, choices, onChange }: { setup: Setup; choices: Choices; onChange: (next: Choices) => void }) {
  const says = useOfThing();
  const can = offered(setup);
  const own = planned(setup);
  return (
    <Grid>
      {(Object.keys(can) as ChoiceId[]).map((id) => {
        const values = can[id] as readonly Choices[ChoiceId][];
        return (
          <div key={id}>
            <OneSelect
              label={says(CHOICE_WORDS[id])}
              value={String(choices[id])}
              options={values.map(String)}
              words={Object.fromEntries(values.map((v) => [String(v), says(chosenText(id, v))]))}
              onChange={(said) => {
                const value = values.find((v) => String(v) === said);
                if (value !== undefined) onChange({ ...choices, [id]: value });
              }}
            />
            <Planned $same={choices[id] === own[id]}>
              planned: <Said>{says(chosenText(id, own[id]))}</Said>
            </Planned>
          </div>
        );
      })}
    </Grid>
  );
}

import { SOIL_GRADE_WORDS } from '../../core/words';
import styled from 'styled-components';
import { notify } from '../../app/session';
import type { Kit } from '../../core/gear';
import { THRESHOLDS, type Thresholds as Values } from '../../core/knowledge';
import { savePreferences } from '../../data/repo';
import { Quiet } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { color } from '../../ui/theme';
import { OneSelect } from '../../ui/Select';

const Box = styled.fieldset`
  border: 1px solid ${color.line};
  border-radius: 4px;
  padding: 12px 16px 16px;
  margin: 16px 0;
  legend {
    font-weight: 650;
    padding: 0 6px;
  }
  > div {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(170px, 1fr));
    gap: 12px;
    margin-top: 8px;
  }
`;
const SOIL = SOIL_GRADE_WORDS.map((word, grade) => (grade === 0 ? '' : `${grade}, ${word}`));
const ODOUR = ['', '1, faint', '2, clear', '3, strong'];
const percent = (share: number): string => `${Math.round(share * 100)} %`;
const LOFTS = [0.7, 0.75, 0.8, 0.85, 0.9, 0.95, 0.97, 1];

interface Choice {
  readonly key: keyof Values;
  readonly label: string;
  readonly values: readonly number[];
  readonly name: (value: number) => string;
}
/** Which values are open depends on the neighbour, so that two thresholds never cross. */
const choices = (t: Values): Choice[] => [
  { key: 'soilWash', label: 'Wash from soil', values: [1, 2, 3, 4], name: (n) => SOIL[n] ?? String(n) },
  { key: 'odourWash', label: 'Wash from smell', values: [1, 2, 3], name: (n) => ODOUR[n] ?? String(n) },
  { key: 'dropFine', label: 'Finish is fine from grade', values: [1, 2, 3, 4, 5].filter((n) => n > t.dropPoor), name: String },
  {
    key: 'dropPoor',
    label: 'Renew if heat fails, up to grade',
    values: [0, 1, 2, 3, 4].filter((n) => n < t.dropFine),
    name: String,
  },
  { key: 'loftWash', label: 'Wash below loft', values: LOFTS.filter((n) => n <= t.loftFluff), name: percent },
  { key: 'loftFluff', label: 'Fluff up to loft', values: LOFTS.filter((n) => n >= t.loftWash), name: percent },
];

/** The user's own lines between leaving alone, the small things, and a wash. They hold for everything in the kit. */
export function Thresholds({ kit }: { kit: Kit }) {
  const moved = kit.preferences?.thresholds;
  const now: Values = { ...THRESHOLDS, ...moved } as Values;
  const set = async (key: keyof Values, value: number): Promise<void> => {
    const next = { ...moved, [key]: value };
    if (value === THRESHOLDS[key]) delete next[key];
    notify(
      'The threshold is moved, for everything you have.',
      await savePreferences({ thresholds: Object.keys(next).length > 0 ? next : undefined }),
    );
  };
  return (
    <Box>
      <legend>Your thresholds</legend>
      <Quiet>From memory, so move them where your things tell you otherwise. Hard limits and cautions do not move.</Quiet>
      <div>
        {choices(now).map(({ key, label, values, name }) => (
          <OneSelect
            key={key}
            label={label}
            value={String(now[key])}
            options={[...new Set([...values, now[key]])].sort((a, b) => a - b).map(String)}
            words={Object.fromEntries(
              [...values, now[key]].map((x) => [String(x), `${name(x)}${x === THRESHOLDS[key] ? ', ours' : ''}`]),
            )}
            onChange={(x) => void set(key, Number(x))}
          />
        ))}
      </div>
      {moved && (
        <TextButton
          onPress={() => void savePreferences({ thresholds: undefined }).then((undo) => notify('Our thresholds are back.', undo))}
        >
          Back to ours
        </TextButton>
      )}
    </Box>
  );
}

import { useState } from 'react';
import { useNavigate } from 'react-router';
import { begin } from '../../app/begin';
import { useKit } from '../../app/kit';
import { CurrencyField, UnitsChoice } from '../../app/KitFigures';
import { toNewThing, PATHS } from '../../app/routes';
import { notify } from '../../app/session';
import { DRYER_KINDS, RACK_KINDS, WASHER_KINDS } from '../../core/gear/vocabulary';
import { ARCHETYPE_GROUPS } from '../../core/knowledge';
import { DRYER_WORDS, WASHER_WORDS } from '../../core/words';
import { currencyIn } from '../../core/units/money';
import { capital } from '../../core/words/text';
import { RACK_WORDS } from '../../core/words/upkeep';
import { Column, Note, Page, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { AnyOf } from '../../ui/Choices';
import { Form } from '../../ui/Form';
import { TextField } from '../../ui/TextField';

const GROUPS = ARCHETYPE_GROUPS.map((id) => ({ id, name: id }));
const WASH_IN = WASHER_KINDS.map((id) => ({ id, name: capital(WASHER_WORDS[id]) }));
const DRY_IN = [
  ...DRYER_KINDS.filter((id) => id !== 'commercial').map((id) => ({ id, name: capital(DRYER_WORDS[id]) })),
  ...RACK_KINDS.map((id) => ({ id, name: capital(RACK_WORDS[id]) })),
];

/** Begin with one's own: three questions, then the first thing. */
export function Begin() {
  const kit = useKit();
  const navigate = useNavigate();
  const [groups, setGroups] = useState<readonly string[]>([]);
  const [washIn, setWashIn] = useState<readonly string[]>([]);
  const [dryIn, setDryIn] = useState<readonly string[]>([]);
  const [title, setTitle] = useState('');
  const [units, setUnits] = useState('metric');
  const [currency, setCurrency] = useState('EUR');
  const [busy, setBusy] = useState(false);
  if (!kit) return <Page aria-busy="true" />;
  const money = currencyIn(currency);
  const go = async (): Promise<void> => {
    if (!money || busy) return;
    setBusy(true);
    try {
      await begin({ title, washIn, dryIn, units, currency: money });
      void navigate(groups.length > 0 ? toNewThing(groups) : PATHS.newThing);
    } catch {
      setBusy(false);
      notify('It could not be begun just now. What is here stays as it is; try again.');
    }
  };
  return (
    <Page>
      <h1>What do you want to look after?</h1>
      <p style={{ maxWidth: '40em' }}>
        Three questions, none of which must be answered. What you leave open is taken for unknown, and can be said later under
        Cupboard.
      </p>
      <Form onSubmit={() => void go()}>
        <Column $gap={28} style={{ maxWidth: 760 }}>
          <AnyOf label="What is it?" values={groups} options={GROUPS} onChange={setGroups} />
          <AnyOf label="What can you wash in?" values={washIn} options={WASH_IN} onChange={setWashIn} />
          <AnyOf label="What can you dry in, or on?" values={dryIn} options={DRY_IN} onChange={setDryIn} />
          <Row $wrap $top>
            <TextField label="A name for your kit, if you like" value={title} maxLength={80} width={280} onChange={setTitle} />
            <CurrencyField value={currency} onChange={setCurrency} />
          </Row>
          <UnitsChoice value={units} onChange={setUnits} />
          {kit.items.length > 0 && (
            <Note>
              {kit.invented
                ? 'The invented club goes as a whole. For 30 days it can be brought back, under Record.'
                : `What is here goes as a whole, ${kit.items.length === 1 ? 'one thing' : `${kit.items.length} things`} with all that was recorded. For 30 days it can be brought back, under Record; save a copy to keep it.`}
            </Note>
          )}
          <Row $wrap>
            <Button type="submit" isDisabled={busy}>
              {busy ? 'Keeping what is here …' : 'Begin, and add the first thing'}
            </Button>
          </Row>
        </Column>
      </Form>
    </Page>
  );
}

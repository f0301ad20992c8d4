import { notify } from '../../app/session';
import type { Item, Learned, OwnFigures as Figures, SupplyClass } from '../../core/gear';
import { SUPPLY_WORDS } from '../../core/words';
import { saveItem } from '../../data/repo';
import { Figure, Quiet, Row } from '../../ui/basics';
import { TextButton } from '../../ui/Button';
import { withField } from '../../ui/fields';
import { Fold } from '../../ui/Disclosure';
import { Link } from 'react-router';
import { toBench } from '../../app/routes';

function withoutRinses({ handRelease: _hand, drumRelease: _drum, rinseRuns: _runs, ...rest }: Learned): Learned | undefined {
  return Object.keys(rest).length > 0 ? rest : undefined;
}
function withoutDrying({ dryRate: _rate, dryExchange: _exchange, dryRuns: _runs, ...rest }: Learned): Learned | undefined {
  return Object.keys(rest).length > 0 ? rest : undefined;
}

/** What the user worked out for this thing, and what its runs taught; each can be forgotten. */
export function OwnFigures({ item }: { item: Item }) {
  const { lines, forget } = linesOf(item);
  if (lines.length === 0) return null;
  return (
    <Fold head="Your own figures" more={<Quiet>: {lines.length}</Quiet>}>
      {lines.map(({ name, value, next }) => (
        <Row key={name} $between>
          <span>
            {name} <Figure>{value}</Figure>
          </span>
          <TextButton aria-label={`Forget ${name}`} onPress={() => void forget(next, name)}>
            Forget
          </TextButton>
        </Row>
      ))}
      <Quiet>
        Used inside what label and material allow. <Link to={toBench('dose', item.id)}>Work them out again</Link>
      </Quiet>
    </Fold>
  );
}

/** Each figure of its own, and the thing without it. */
function linesOf(item: Item) {
  const { own, learned } = item;
  const forget = async (next: Item, what: string): Promise<void> => notify(`${what}: forgotten.`, await saveItem(next));
  const without = (figures: Figures): Item => withField(item, 'own', Object.keys(figures).length > 0 ? figures : undefined);
  const lines: { readonly name: string; readonly value: string; readonly next: Item }[] = [
    ...Object.entries(own?.dosesMl ?? {}).flatMap(([cls, ml]) => {
      if (ml === undefined) return [];
      const doses = withField(own?.dosesMl ?? {}, cls, undefined);
      return [
        {
          name: `Dose of ${SUPPLY_WORDS[cls as SupplyClass]}`,
          value: `${ml} mL`,
          next: without(withField({ ...own }, 'dosesMl', Object.keys(doses).length > 0 ? doses : undefined)),
        },
      ];
    }),
    ...(own?.drumRinses === undefined
      ? []
      : [
          {
            name: 'Rinses in a drum',
            value: String(own.drumRinses),
            next: without(withField({ ...own }, 'drumRinses', undefined)),
          },
        ]),
    ...(own?.bathRinses === undefined
      ? []
      : [
          {
            name: 'Fresh fills in a bath',
            value: String(own.bathRinses),
            next: without(withField({ ...own }, 'bathRinses', undefined)),
          },
        ]),
    ...(own?.tempC === undefined
      ? []
      : [{ name: 'Wash at', value: `${own.tempC} °C`, next: without(withField({ ...own }, 'tempC', undefined)) }]),
    ...(learned?.rinseRuns
      ? [
          {
            name: `How its cleaner lets go, learned from ${learned.rinseRuns === 1 ? 'one run' : `${learned.rinseRuns} runs`}`,
            value: [learned.handRelease, learned.drumRelease]
              .filter((r) => r !== undefined)
              .map((r) => `${Math.round(r * 100)} %`)
              .join(', '),
            next: withField(item, 'learned', withoutRinses(learned)),
          },
        ]
      : []),
  ];
  if (learned?.dryRuns)
    lines.push({
      name: `How fast it dries beside its kind, learned from ${learned.dryRuns === 1 ? 'one run' : `${learned.dryRuns} runs`}`,
      value: `× ${Math.exp(learned.dryRate ?? 0).toFixed(2)}`,
      next: withField(item, 'learned', withoutDrying(learned)),
    });
  return { lines, forget };
}

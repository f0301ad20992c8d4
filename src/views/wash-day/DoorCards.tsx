import { hourAsWritten } from '../../core/units/day';
import { useEffect } from 'react';
import styled from 'styled-components';
import type { Kit } from '../../core/gear';
import { cushionText, momentText } from '../../core/telling/wash-day';
import type { DayLoad, WashDay } from '../../core/washday';
import { Page, Quiet, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { color } from '../../ui/theme';
import { letterOf, namesIn, placeName, settingsText, VERBS } from './parts';

const Card = styled.section`
  border: 2px solid ${color.ink};
  border-radius: 4px;
  padding: 20px 24px;
  max-width: 760px;
  break-inside: avoid;
  break-after: page;
  ol > li {
    border-top: 1px solid ${color.line};
    padding: 12px 0;
    font-size: 18px;
    break-inside: avoid;
  }
  strong {
    font-size: 20px;
  }
`;
/** When a load begins in its machine. */
const beginOf = (day: WashDay, load: DayLoad): string =>
  day.tasks
    .filter((t) => t.loadId === load.id && t.on === load.washerId)
    .reduce((a, t) => (a === '' || t.from < a ? t.from : a), '');

/** A card for each machine's door: what goes in when, at what settings. Printed as it opens. */
export function DoorCards({ day, kit, onClose }: { day: WashDay; kit: Kit; onClose: () => void }) {
  const nameOf = namesIn(kit);
  const machines = [...new Set(day.loads.map((l) => l.washerId))];
  useEffect(() => {
    window.addEventListener('afterprint', onClose);
    const timer = setTimeout(() => window.print(), 100);
    return () => {
      clearTimeout(timer);
      window.removeEventListener('afterprint', onClose);
    };
  }, [onClose]);
  return (
    <Page>
      <Row className="no-print" $between>
        <h1>Cards for the doors</h1>
        <Button look="quiet" onPress={onClose}>
          Back to the day
        </Button>
      </Row>
      {machines.map((id) => (
        <Card key={id} aria-label={placeName(kit, id).name}>
          <h2>{placeName(kit, id).name}</h2>
          <ol>
            {day.loads
              .filter((l) => l.washerId === id)
              .map((load) => (
                <li key={load.id}>
                  <strong>
                    {beginOf(day, load) && `${momentText(beginOf(day, load))} · `}
                    {load.purpose === 'wash'
                      ? `${letterOf(day, load.id)}: ${load.itemIds.map(nameOf).join(', ')}`
                      : load.purpose === 'purge'
                        ? 'Run it empty and hot'
                        : 'Run it hot with towels'}
                  </strong>
                  <br />
                  {settingsText(load)}
                  {day.tasks
                    .filter(
                      (t) =>
                        t.loadId === load.id && t.on === id && t.do !== 'machine-wash' && VERBS[t.do] && load.purpose === 'wash',
                    )
                    .map((t) => ` · ${hourAsWritten(t.from)} ${VERBS[t.do]}${t.do === 'machine-rinse' ? ' once more' : ''}`)}
                  {load.ballast.length > 0 && <Quiet> · with {cushionText(load.ballast)}</Quiet>}
                </li>
              ))}
          </ol>
        </Card>
      ))}
    </Page>
  );
}

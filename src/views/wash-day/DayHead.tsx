import type { ComponentProps } from 'react';
import { allInUnits } from '../../core/units/said';
import { kitOfDay, newWish, unstarted } from '../../app/dayHours';
import { download } from '../../app/download';
import type { DayState } from '../../app/washDay';
import type { Kit } from '../../core/gear';
import { HIRED_WORDS, momentText } from '../../core/telling/wash-day';
import type { DayRequest, DayWish, WashDay } from '../../core/washday';
import { Column, Quiet, Row } from '../../ui/basics';
import { Button, TextButton } from '../../ui/Button';
import { Menu } from '../../ui/Menu';
import { Verdict } from './Outcome';
import { namesIn } from './parts';

function hoursLine(wish: DayWish): string {
  const people = wish.people.map((p) => (p.from && p.to ? `${p.name} ${p.from}–${p.to}` : `${p.name} all day`)).join(', ');
  const quiet = wish.quiet ? ` · quiet ${wish.quiet.from}–${wish.quiet.to}` : '';
  const hired = (wish.hired ?? []).map((one) => ` · ${HIRED_WORDS[one].offer}`).join('');
  return `${people}${quiet}${hired}${wish.until ? ` · done by ${momentText(wish.until)}` : ''}`;
}

/** What the day comes to, how near that is to the best, and the hours that it rests on. */
export function DaySays({
  day,
  busy,
  wish,
  onStop,
  onHours,
}: {
  day: WashDay | null;
  busy: DayState['busy'];
  wish: DayWish;
  onStop: () => void;
  onHours: () => void;
}) {
  return (
    <Column $gap={8} style={{ maxWidth: 820 }}>
      <Verdict aria-live="polite">
        {day ? day.verdict : busy ? busy.verdict || 'Putting the day together …' : 'No day is put together yet.'}
      </Verdict>
      {busy && (
        <Row role="status">
          <Quiet>
            {busy.better > 0 ? `Looking for a better day; ${busy.better} found so far.` : 'Looking for the best day …'}
          </Quiet>
          <TextButton onPress={onStop}>Stop</TextButton>
        </Row>
      )}
      {day && !busy && (
        <Quiet>
          {day.status === 'optimal'
            ? 'No day on these machines and in these hours can be better.'
            : day.status === 'planned'
              ? `No day on these machines and in these hours can be done before ${momentText(day.bound.finish)}.`
              : 'What follows is the best that can be done without the limit.'}
        </Quiet>
      )}
      <Row $wrap>
        <Quiet>{hoursLine(wish)}</Quiet>
        <TextButton onPress={onHours}>Hours and people</TextButton>
      </Row>
    </Column>
  );
}

interface Actions {
  day: WashDay | null;
  /** It is being looked for still. */
  planning: boolean;
  wish: DayWish;
  kit: Kit;
  request: DayRequest | null;
  onLate: () => void;
  onCalendar: () => void;
  onCards: () => void;
  onChange: (next: DayWish, said: string) => void;
}
/** What else can be done with a day: papers, files, and another one. */
function linesOf({ day, wish, kit, request, onCards, onChange }: Actions): ComponentProps<typeof Menu>['lines'] {
  return [
    { id: 'cards', name: 'Print a card for each machine', onPress: onCards },
    {
      id: 'md',
      name: 'Save as Markdown',
      onPress: () =>
        void import('../../app/dayFiles').then(
          ({ dayMarkdown }) =>
            day &&
            download(
              'wash-day.md',
              'text/markdown',
              dayMarkdown(allInUnits(day, kit?.preferences?.units ?? 'metric'), namesIn(kit)),
            ),
        ),
    },
    ...(wish.items.length > 0
      ? [
          {
            id: 'file',
            name: 'As a file for somebody',
            onPress: () => void import('../../app/copy').then(({ saveDayFor }) => saveDayFor(wish)),
          },
        ]
      : []),
    {
      id: 'json',
      name: 'Save for other software',
      onPress: () => day && download('wash-day.json', 'application/json', JSON.stringify(day, null, 2)),
    },
    {
      id: 'request',
      name: 'Save what was asked',
      onPress: () => request && download('day-request.json', 'application/json', JSON.stringify(request, null, 2)),
    },
    ...(wish.started
      ? [
          {
            id: 'open',
            name: 'Plan it anew',
            onPress: () => onChange(unstarted(wish), 'The day is open again.'),
          },
        ]
      : []),
    {
      id: 'new',
      name: 'Begin a new day',
      onPress: () => onChange({ ...newWish(), people: wish.people }, 'The day is empty.'),
    },
  ];
}

/** What can be done with the day as a whole. */
export function DayActions(props: Actions) {
  const { day, planning, wish, kit, onLate, onCalendar, onChange } = props;
  return (
    <Row $wrap className="no-print">
      {wish.started ? (
        <Button data-main-action onPress={onLate}>
          Late: move the rest
        </Button>
      ) : (
        <Button
          isDisabled={!day || planning || day.status === 'impossible'}
          data-main-action
          onPress={() =>
            day &&
            onChange(
              { ...wish, started: { day, begun: [], kit: kitOfDay(kit, wish.items) } },
              'The day is started. Carry out a load, or tick what you have begun.',
            )
          }
        >
          Start the day
        </Button>
      )}
      <Button look="quiet" isDisabled={!day} onPress={onCalendar}>
        To calendar
      </Button>
      <Button look="quiet" isDisabled={!day} onPress={() => window.print()}>
        Print
      </Button>
      <Menu label="More" lines={linesOf(props)} />
    </Row>
  );
}

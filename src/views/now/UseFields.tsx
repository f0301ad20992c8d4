import { WEATHERS, type UseEntry, type Weather } from '../../core/gear';
import { WEATHER_WORDS } from '../../core/words';
import { today } from '../../app/now';
import { Row } from '../../ui/basics';
import { AnyOf, OneOf } from '../../ui/Choices';
import { NumberField, QuantityField } from '../../ui/NumberField';
import { TextField } from '../../ui/TextField';
import { DayField } from '../../ui/dates';
import { BOUNDS } from '../../core/knowledge/bounds';

/** What may be said of a use; everything may stay open. */
export type UseSaid = Pick<UseEntry, 'hours' | 'nights' | 'km' | 'weather' | 'hard' | 'place'>;
/** What of a record is said of a use; what is open is left out. */
export const saidOf = ({
  hours,
  nights,
  km,
  weather,
  hard,
  place,
}: { readonly [K in keyof UseSaid]?: UseSaid[K] | undefined }): UseSaid => ({
  ...(hours === undefined ? {} : { hours }),
  ...(nights === undefined ? {} : { nights }),
  ...(km === undefined ? {} : { km }),
  ...(weather === undefined ? {} : { weather }),
  ...(hard === undefined ? {} : { hard }),
  ...(place === undefined ? {} : { place }),
});
type Counted = 'hours' | 'nights' | 'km';
const COUNTED = {
  hours: { label: 'Hours', what: 'the hours' },
  nights: { label: 'Nights', what: 'the nights' },
} as const;

/** The fields of a use, of one thing or of all that came back together. @param counts what is asked for in figures. */
export function UseFields({
  said,
  day,
  counts,
  onSaid,
  onDay,
}: {
  said: UseSaid;
  day: string;
  counts: readonly Counted[];
  onSaid: (said: UseSaid) => void;
  onDay: (day: string) => void;
}) {
  const set = (patch: { readonly [K in keyof UseSaid]?: UseSaid[K] | undefined }): void => {
    onSaid(saidOf({ ...said, ...patch }));
  };
  return (
    <>
      <OneOf
        label="How hard was it?"
        value={said.hard === undefined ? null : said.hard ? 'yes' : 'no'}
        options={[
          { id: 'no', name: 'As usual' },
          { id: 'yes', name: 'Hard', hint: 'dirt, rubbing, straps' },
        ]}
        onChange={(id) => set({ hard: id === 'yes' })}
      />
      <AnyOf
        label="Weather"
        values={said.weather ?? []}
        options={WEATHERS.map((w) => ({ id: w, name: WEATHER_WORDS[w] }))}
        onChange={(ids) => set({ weather: ids.length > 0 ? (ids as Weather[]) : undefined })}
      />
      <Row $wrap $gap={12} $top>
        <DayField label="Day" value={day} max={today()} width={190} onChange={(next) => next && onDay(next)} />
        <TextField label="Where" value={said.place ?? ''} maxLength={200} onChange={(x) => set({ place: x || undefined })} />
        {counts.map((key) =>
          key === 'km' ? (
            <QuantityField
              key={key}
              label="Distance"
              unit="km"
              what="the distance"
              {...BOUNDS.useKm}
              width={130}
              value={said.km}
              onChange={(n) => set({ km: n })}
            />
          ) : (
            <NumberField
              key={key}
              {...COUNTED[key]}
              {...BOUNDS[key === 'hours' ? 'useHours' : 'useNights']}
              width={110}
              value={said[key]}
              onChange={(n) => set({ [key]: n })}
            />
          ),
        )}
      </Row>
    </>
  );
}

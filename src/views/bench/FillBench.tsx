import { Link } from 'react-router';
import { toThing } from '../../app/routes';
import { useThresholds } from '../../app/thresholds';
import { fillBench, fillFrom, FILL_FIELDS } from '../../core/bench';
import type { Kit } from '../../core/gear';
import { CONDUCTIVITY, SKIN_C } from '../../core/loft';
import { LOFT_VERDICTS } from '../../core/telling/loft';
import { Quiet } from '../../ui/basics';
import { Instrument, useInputs } from './Instrument';
import { Figures, num, Sum } from './parts';

/** A temperature with a true minus, to a tenth. */
const signed = (c: number): string => String(Math.round(c * 10) / 10).replace('-', '−');

/** How much a fill lofts to, whether it is overfilled, what is left of its thickness and what that does to a comfort rating. */
export function FillBench({ kit }: { kit: Kit }) {
  const inputs = useInputs(kit, fillFrom);
  const { read, answer } = fillBench(inputs.get, useThresholds());
  const v = read.values;
  const said = answer && v ? `At ${Math.round(answer.ratio * 100)} % of its loft: ${LOFT_VERDICTS[answer.verdict]}.` : null;
  return (
    <Instrument
      fields={FILL_FIELDS}
      main={['fill', 'now', 'whenNew']}
      read={read}
      inputs={inputs}
      kit={kit}
      answer={said}
      giveBack={null}
      why="A loft is kept by looking the thing over."
    >
      {answer && v && (
        <>
          <Sum>
            {num(v.fill)} g × {num(answer.powers['cm3-per-g'])} cm³/g = {num(answer.litres)} L
          </Sum>
          {answer.overfill !== null && (
            <Sum>
              {num(answer.litres)} L ÷ {num(v.sewn ?? 0)} L sewn = {num(answer.overfill)}
              {answer.overfill >= 1 ? `, overfilled by ${Math.round((answer.overfill - 1) * 100)} %` : ', not full'}
            </Sum>
          )}
          {answer.comfort && v.rated !== undefined && (
            <Sum>
              {SKIN_C.middle} − ({SKIN_C.middle} − {v.rated < 0 ? `(${signed(v.rated)})` : num(v.rated)}) × {num(answer.ratio)} ={' '}
              {signed(answer.comfort.middle)} °C, between {signed(answer.comfort.low)} and {signed(answer.comfort.high)} °C
            </Sum>
          )}
          <Figures
            lines={[
              ['The same power by the ounce', `${Math.round(answer.powers['in3-per-oz'])} in³/oz`],
              ['by 30 g', `${Math.round(answer.powers['in3-per-30g'])} in³`],
              ['in cm³ a gram', `${Math.round(answer.powers['cm3-per-g'])} cm³/g`],
              ['Soaked and drained, the down holds about', `${num(answer.waterG / 1000)} kg`],
            ]}
          />
          <Quiet>
            A comfort rating moves with thickness if all else is as it was; a skin of {SKIN_C.middle} °C ({SKIN_C.low} to{' '}
            {SKIN_C.high} °C) and a conductivity of {CONDUCTIVITY.low} to {CONDUCTIVITY.high} W/(m·K) are from memory.
            {inputs.item && (
              <>
                {' '}
                <Link to={toThing(inputs.item.id, 'fill')}>Where its down is</Link>
              </>
            )}
          </Quiet>
        </>
      )}
    </Instrument>
  );
}

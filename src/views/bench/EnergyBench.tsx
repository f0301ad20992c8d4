import { energyBench, energyFrom, ENERGY_FIELDS } from '../../core/bench';
import { WATER_KJ_PER_KG_K } from '../../core/energy';
import type { Kit } from '../../core/gear';
import { Note, Quiet } from '../../ui/basics';
import { Instrument, useInputs, type GiveBack } from './Instrument';
import { Figures, num, Sum } from './parts';

/** What a wash and its drying cost, and what cooler water saves. */
export function EnergyBench({ kit }: { kit: Kit }) {
  const inputs = useInputs(kit, energyFrom);
  const { read, answer } = energyBench(inputs.get);
  const { item, plan } = inputs;
  const v = read.values;
  const washed = plan?.facts.has('aim:wash') && plan.method !== 'refer';
  const giveBack: GiveBack | null =
    item && v && washed
      ? { label: `Wash it at ${num(v.cooler)} °C`, next: { ...item, own: { ...item.own, tempC: v.cooler } } }
      : null;
  const saved = answer ? Math.round(answer.saving * 100) : 0;
  const said =
    answer && v
      ? `${num(answer.totalKWh)} kWh${answer.money === null ? '' : `, ${answer.money.toFixed(2)} ${kit.preferences?.currency ?? ''}`.trimEnd()}. ${
          saved === 0
            ? `At ${num(v.cooler)}\u00a0°C the wash takes as much.`
            : saved > 0
              ? `At ${num(v.cooler)}\u00a0°C the wash takes ${saved} % less.`
              : `At ${num(v.cooler)}\u00a0°C the wash takes ${-saved} % more.`
        }`
      : null;
  const shows = (Object.keys(ENERGY_FIELDS) as (keyof typeof ENERGY_FIELDS)[]).filter(
    (name) => v?.dried !== 'line' || !['heat', 'water', 'hours'].includes(name),
  );
  return (
    <Instrument
      fields={ENERGY_FIELDS}
      main={['temp', 'litres', 'dried']}
      shows={shows}
      read={read}
      inputs={inputs}
      kit={kit}
      answer={said}
      giveBack={giveBack}
      why="Nothing is washed in its programme as it stands."
    >
      {answer && v && (
        <>
          <Sum>
            {num(v.heated)} L × {WATER_KJ_PER_KG_K} kJ/(kg·K) × ({num(v.temp)} − {num(v.inlet)}) K ÷ 3600 = {num(answer.heatKWh)}{' '}
            kWh
          </Sum>
          <Figures
            lines={[
              ['Heating the water', `${num(answer.heatKWh)} kWh`],
              ['The wash, with drum and pump', `${num(answer.washKWh)} kWh`],
              [`The same wash at ${num(v.cooler)} °C`, `${num(answer.coolerKWh)} kWh`],
              ['Driving the water off', `${num(answer.dryHeatKWh)} kWh`],
              ['Dryer drum and fan', `${num(answer.dryMotorKWh)} kWh`],
              [
                'Money',
                answer.money === null ? 'write both prices' : `${answer.money.toFixed(2)} ${kit.preferences?.currency ?? ''}`,
              ],
            ]}
          />
          {v.dried === 'line' && (
            <Note>In the air it takes nothing from the socket; indoors it takes the room’s warmth instead.</Note>
          )}
          <Quiet>
            Heat of water {WATER_KJ_PER_KG_K} kJ/(kg·K), latent heat FAO-56. Draw of motors and yield of dryers are from memory.
            What it can stand still decides the temperature.
          </Quiet>
        </>
      )}
    </Instrument>
  );
}

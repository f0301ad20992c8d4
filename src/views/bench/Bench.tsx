import { useParams } from 'react-router';
import { useKit } from '../../app/kit';
import { Page } from '../../ui/basics';
import { Lost } from '../../app/Lost';
import { PlaceTabs } from '../../ui/PlaceTabs';
import { DilutionBench } from './DilutionBench';
import { DoseBench } from './DoseBench';
import { EnergyBench } from './EnergyBench';
import { FillBench } from './FillBench';
import { RinseBench } from './RinseBench';
import { PATHS, toBench } from '../../app/routes';

const INSTRUMENTS = [
  { id: 'dose', name: 'Dose', Component: DoseBench },
  { id: 'rinse', name: 'Rinses', Component: RinseBench },
  { id: 'dilution', name: 'Dilution', Component: DilutionBench },
  { id: 'energy', name: 'Energy and water', Component: EnergyBench },
  { id: 'loft', name: 'Loft and fill', Component: FillBench },
] as const;

/** Measure and calculate. Each instrument works alone, and its address carries what was typed. */
export function Bench() {
  const { instrument } = useParams();
  const kit = useKit();
  const here = instrument === undefined ? INSTRUMENTS[0] : INSTRUMENTS.find((i) => i.id === instrument);
  if (!here) return <Lost what="instrument" />;
  if (!kit) return <Page aria-busy="true" />;
  return (
    <Page>
      <PlaceTabs
        label="Instruments"
        parts={INSTRUMENTS.map(({ id, name }, n) => ({ to: n === 0 ? PATHS.bench : toBench(id), name }))}
      >
        <here.Component key={here.id} kit={kit} />
      </PlaceTabs>
    </Page>
  );
}

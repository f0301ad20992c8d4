import { SaidList } from '../../ui/SaidList';
import { drawnBaffles } from '../../core/loft';
import { LIGHT_MODELS, type LightModel } from '../../core/loft/light';
import { LIGHT_MODEL_WORDS, lightBasis, SURE_WORDS } from '../../core/telling/loft';
import { Figure, Row } from '../../ui/basics';
import { Button } from '../../ui/Button';
import { Select } from '../../ui/Select';
import { FigureTable } from '../../ui/FigureTable';
import type { LightPicture } from './useLightPicture';
import type { FillMap } from '../../core/gear';

type Measured = NonNullable<LightPicture['measured']>;

function Grams({ measured }: { measured: Measured }) {
  return (
    <FigureTable
      label="Down in each baffle"
      rows={measured.spread}
      rowKey={(r) => r.baffle}
      columns={[
        { id: 'baffle', head: 'Baffle', cell: (r) => r.baffle },
        {
          id: 'holds',
          head: 'Holds',
          cell: (r) => (
            <Figure>
              {Math.round(r.grams)} ± {Math.max(1, Math.round(r.sd))} g
            </Figure>
          ),
        },
        { id: 'even', head: 'Even', cell: (r) => <Figure>{Math.round(r.target)} g</Figure> },
        { id: 'sure', head: 'How sure', cell: (r) => SURE_WORDS[r.sure] },
      ]}
    />
  );
}

/** What the light says, on what it rests, and how it is kept. */
export function LightMeasured({ map, picture, measured }: { map: FillMap; picture: LightPicture; measured: Measured }) {
  const { marks, setMarks, stale, keep } = picture;
  return (
    <>
      <Row $wrap>
        <Button data-main-action isDisabled={stale} onPress={() => void keep()}>
          Keep it and plan the moves
        </Button>
      </Row>
      <Row $wrap $gap={12}>
        <Select
          label="Holds what it should"
          value={marks.right}
          options={drawnBaffles(map).map((b) => b.id)}
          words={Object.fromEntries(map.baffles.map((b) => [b.id, b.id]))}
          blank="no baffle is known to be right"
          onChange={(right) => setMarks({ ...marks, right })}
        />
        <Select
          label="Light is taken to be"
          value={marks.model}
          options={LIGHT_MODELS.filter((m) => m !== 'fitted' || marks.right !== undefined)}
          words={LIGHT_MODEL_WORDS}
          blank={`best by what is shown (${measured.model})`}
          onChange={(model: LightModel | undefined) => setMarks({ ...marks, model })}
        />
      </Row>
      <SaidList lines={lightBasis(measured)} />
      <Grams measured={measured} />
    </>
  );
}

/** How the edge is closed, what lets steam out, what is brushed on: each with what it costs. */
import { EDGES, GLAZE_IDS, GLAZES, VENTS, type VentId } from '@/core/vocabulary/edges';
import { FORMS } from '@/core/forms';
import { METHODS } from '@/core/vocabulary/methods';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { type StationProps } from '../station-props';

export function ClosingPanel({ batch, edit }: StationProps) {
  const { wrap, cook } = batch;
  const { edges, canHaveMouth, isClosed } = FORMS[wrap.form];
  const vents: readonly VentId[] = canHaveMouth ? ['none', 'slit', 'mouth'] : ['none', 'slit'];
  const isGlazed = METHODS[cook.method].isDry;
  if (edges.length <= 1 && !isClosed && !isGlazed) return null;
  const figure = [
    edges.length > 1 ? EDGES[wrap.edge].label : '',
    isClosed ? (wrap.vent === 'none' ? 'no vent' : VENTS[wrap.vent].label) : '',
    isGlazed && wrap.glaze !== 'none' ? GLAZES[wrap.glaze].label : '',
  ]
    .filter((word) => word !== '')
    .join(', ');
  return (
    <Fold title="Closing" figure={figure}>
      {edges.length > 1 && (
        <>
          <Choices
            label="Edge"
            value={wrap.edge}
            options={edges.map((value) => ({ value, label: EDGES[value].label }))}
            onChange={(edge) => edit({ do: 'setWrap', to: { edge } }, 'edge')}
          />
          <Small>{EDGES[wrap.edge].trade}</Small>
        </>
      )}
      {isClosed && (
        <>
          <Choices
            label="Vent"
            value={wrap.vent}
            options={vents.map((value) => ({ value, label: VENTS[value].label }))}
            onChange={(vent) => edit({ do: 'setWrap', to: { vent } }, 'vent')}
          />
          <Small>{VENTS[wrap.vent].trade}</Small>
        </>
      )}
      {isGlazed && (
        <>
          <Choices
            label="Glaze"
            value={wrap.glaze}
            options={GLAZE_IDS.map((value) => ({ value, label: GLAZES[value].label }))}
            onChange={(glaze) => edit({ do: 'setWrap', to: { glaze } }, 'glaze')}
          />
          <Small>{GLAZES[wrap.glaze].trade}</Small>
        </>
      )}
    </Fold>
  );
}

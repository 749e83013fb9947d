/** The vessel: from the side, to be dragged deeper or shallower; and what it is and how large. */
import { LIMITS } from '@/core/vocabulary/limits';
import { useRef, useState } from 'react';
import { PanResponder, View } from 'react-native';
import { type CoolingForecast } from '@/core/cooling/forecast';
import { byDepth } from '@/core/cooling/vessels';
import { type Batch } from '@/core/stored/schema';
import { USUAL_VESSELS, VESSELS } from '@/core/vocabulary/vessels';
import { DANGER } from '@/core/safety/exposure';
import { formatTemperature } from '@/core/units/format';
import { AreaField } from '@/ui/parts/area-field';
import { LengthField } from '@/ui/parts/length-field';
import { Fold } from '@/ui/parts/fold';
import { Choices } from '@/ui/parts/press';
import { Small } from '@/ui/parts/text';
import { useStable } from '@/ui/parts/use-stable';
import { type StationProps } from '../station-props';
import { formatArea } from '@/core/units/lengths';
import * as phrases from './words';
import { VesselDrawing } from './vessel-drawing';
import { scaleFor } from './vessel-size';

type Props = StationProps & { forecast: CoolingForecast };
type Cool = Batch['cool'];

const LEAST_MM = 5;
const MOST_MM = 150;

/** The vessel from the side, where the section stands at other stations. Its surface can be dragged. */
export function VesselSection({ batch, kitchen, assessment, edit }: StationProps) {
  const { cool } = batch;
  const forecast = assessment.heat?.cooling;
  // Until the forecast is there the vessel stands as it is planned, so that nothing moves when it comes.
  if (!forecast)
    return (
      <VesselDrawing
        depthMm={cool.depthMm}
        base={cool.base}
        covered={cool.covered}
        hottest={0.5}
        stirred={cool.stirred}
        lengths={kitchen.lengths}
      />
    );
  const drag = (mm: number) =>
    edit({ do: 'setCool', to: { depthMm: Math.round(mm), vessel: byDepth(cool.vessel) } }, 'drag');
  // Where it is hottest once it is well under way.
  const underWay = forecast.samples[Math.floor(forecast.samples.length / 3)];
  return (
    <Draggable depthMm={forecast.depthMm} onDrag={drag}>
      <VesselDrawing
        depthMm={forecast.depthMm}
        base={cool.base}
        covered={cool.covered}
        hottest={underWay.warmestAt}
        stirred={cool.stirred || forecast.isPourable}
        lengths={kitchen.lengths}
      />
    </Draggable>
  );
}

export function VesselPanel({ batch, kitchen, forecast, edit }: Props) {
  const { cool } = batch;
  const set = (to: Partial<Cool>, what: string) => edit({ do: 'setCool', to }, what);
  const deep = (depthMm: number) => set({ depthMm: Math.round(depthMm), vessel: byDepth(cool.vessel) }, 'depth');
  const own = kitchen.vessels.map(({ id, name, kind, areaCm2 }) => ({ value: id, label: `my ${name}`, kind, areaCm2 }));
  const distinct = own.filter((v, i) => own.findIndex((w) => w.label === v.label && w.areaCm2 === v.areaCm2) === i);
  const usual = USUAL_VESSELS.map(({ kind, label, areaCm2 }) => ({ value: kind, label, kind, areaCm2 }));
  const pan = { value: 'pan', label: VESSELS.pan.label, kind: 'pan' as const, areaCm2: null };
  const all = [pan, ...distinct, ...usual];
  const chosen = all.find((v) => v.kind === cool.vessel.kind && v.areaCm2 === cool.vessel.areaCm2);
  return (
    <Fold title={phrases.WHAT_IT_LIES_IN} figure={phrases.deepIn(forecast.depthMm, kitchen.lengths, chosen?.label)}>
      <Small>
        {phrases.liesOn(forecast.massG, cool.share, formatArea(forecast.areaCm2, kitchen.lengths), forecast.isPourable)}
      </Small>
      <View style={{ flexDirection: 'row', flexWrap: 'wrap', gap: 16 }}>
        <LengthField
          label="Depth"
          unit={kitchen.lengths}
          mm={Math.round(forecast.depthMm * 10) / 10}
          {...LIMITS.depthMm}
          step={5}
          onChange={(depthMm) => depthMm !== null && set({ depthMm, vessel: byDepth(cool.vessel) }, 'depth')}
        />
        <AreaField
          label={phrases.ITS_FLOOR}
          unit={kitchen.lengths}
          cm2={cool.vessel.areaCm2}
          {...LIMITS.areaCm2}
          optional
          onChange={(areaCm2) => set({ vessel: { ...cool.vessel, areaCm2 } }, 'area')}
        />
      </View>
      <Choices
        label="Vessel"
        value={chosen?.value ?? (cool.vessel.areaCm2 === null ? 'depth' : 'own')}
        options={[
          ...all.map(({ value, label }) => ({ value: value as string, label })),
          { value: 'own', label: VESSELS.own.label },
          { value: 'depth', label: phrases.BY_ITS_DEPTH },
        ]}
        onChange={(value) => {
          const vessel = all.find((v) => v.value === value);
          if (vessel) set({ vessel: { kind: vessel.kind, areaCm2: vessel.areaCm2 } }, 'vessel');
          else if (value === 'depth') deep(forecast.depthMm);
          else set({ vessel: { kind: 'own', areaCm2: Math.max(20, Math.round(forecast.areaCm2)) } }, 'vessel');
        }}
      />
      <Choices
        label="Cooled now"
        value={String(cool.share)}
        options={[
          { value: '1', label: phrases.ALL_OF_IT },
          { value: '0.5', label: phrases.HALF_NOW },
          { value: '0.33', label: phrases.THIRD_AT_A_TIME },
        ]}
        onChange={(value) => set({ share: Number(value) }, 'share')}
      />
      {cool.share < 1 && <Small>{phrases.restMeanwhile(formatTemperature(DANGER.toC, kitchen.temperature))}</Small>}
    </Fold>
  );
}

/** Dragging up makes it deeper. Each move is an edit; together they are one step of undo. */
function Draggable(props: { depthMm: number; onDrag: (mm: number) => void; children: React.ReactNode }) {
  const from = useRef(0);
  const scale = useRef(1);
  const begin = useStable(() => {
    from.current = props.depthMm;
    scale.current = scaleFor(props.depthMm);
  });
  const move = useStable((dy: number) => {
    const mm = Math.min(MOST_MM, Math.max(LEAST_MM, Math.round(from.current - dy / scale.current)));
    if (mm !== Math.round(props.depthMm)) props.onDrag(mm);
  });
  const [responder] = useState(() =>
    PanResponder.create({
      onMoveShouldSetPanResponder: (_event, { dx, dy }) => Math.abs(dy) > 3 && Math.abs(dy) > Math.abs(dx),
      onStartShouldSetPanResponder: () => true,
      onPanResponderGrant: begin,
      onPanResponderMove: (_event, { dy }) => move(dy),
      onPanResponderTerminationRequest: () => false,
    }),
  );
  return (
    <View
      {...responder.panHandlers}
      nativeID="vessel"
      // The page must not scroll under the finger.
      style={{ touchAction: 'none', cursor: 'ns-resize' } as object}
    >
      {props.children}
    </View>
  );
}

import { fireEvent, screen } from '@testing-library/react-native';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply, type Operation } from '@/core/stored/operations';
import { comparePreparations } from '@/core/filling/compare-preparations';
import { lanternSupper } from '@/data/demo';
import { FatLine } from '@/screens/batch/fill/fat-line';
import { PreparationTable } from '@/screens/batch/fill/preparation-table';
import { StageHeading } from '@/screens/batch/fill/stage-heading';
import { WaterLine } from '@/ui/parts/water-line';
import { renderPart } from './render';
import { unfold } from './unfold';

const [turkey, , , haddock] = lanternSupper('2026-12-05T15:00:00Z');
const assessed = assess(turkey, DEFAULT_KITCHEN, null);

describe('the water line', () => {
  it('opens a part to its lines and closes it again', () => {
    const { ledger, sources, moisture } = assessed;
    renderPart(<WaterLine ledger={ledger} sources={sources} figures={moisture} width={340} />);
    const part = screen.getByLabelText(/^Where held, \d+ grams, comes from$/);
    fireEvent.press(part);
    expect(screen.getByText('Turkey thigh mince')).toBeTruthy();
    fireEvent.press(part);
    expect(screen.queryByText('Turkey thigh mince')).toBeNull();
  });

  it('says how much is set while cold, only where gelatine is in', () => {
    const jelly = apply(turkey, {
      do: 'addLine',
      line: { ...turkey.lines[0], id: 'gel', ingredientId: 'gelatine', amount: 1, preparation: 'raw', note: '' },
    });
    const { ledger, sources, moisture } = assess(jelly, DEFAULT_KITCHEN, null);
    renderPart(<WaterLine ledger={ledger} sources={sources} figures={moisture} width={340} />);
    expect(screen.getByText('jelly until it is hot')).toBeTruthy();
    expect(screen.getByLabelText(/^Where jelly until it is hot, 3[4-6] grams, comes from$/)).toBeTruthy();
  });
});

describe('preparations', () => {
  it('are radio buttons that say gain and cost; the taken one does nothing', () => {
    const take = jest.fn<void, [Operation]>();
    const options = comparePreparations(turkey, DEFAULT_KITCHEN, 'celeriac', 0);
    renderPart(<PreparationTable options={options} figures={assessed.moisture} onTake={take} />);
    fireEvent.press(screen.getByLabelText(/^grated, raw: /));
    expect(take).not.toHaveBeenCalled();
    fireEvent.press(
      screen.getByLabelText(/^salted and squeezed: [\d.]+ g run in 100 g, 2 min of work, 20 min of waiting$/),
    );
    expect(take).toHaveBeenCalledWith({
      do: 'changeLine',
      id: 'celeriac',
      to: { weighed: 'raw', preparation: 'salted-squeezed' },
    });
  });

  it('show nothing where there is nothing to choose', () => {
    renderPart(<PreparationTable options={[]} figures={assessed.moisture} onTake={() => undefined} />);
    expect(screen.queryByLabelText('Preparation')).toBeNull();
  });
});

describe('fat', () => {
  it('is read as a sentence that adds up', () => {
    const { fat } = assess(haddock, DEFAULT_KITCHEN, null);
    renderPart(<FatLine fat={fat} />);
    unfold();
    expect(
      screen.getByLabelText(/^Of 94\sg of fat, none runs, 50\sg is taken up and the rest stays in the food\.$/),
    ).toBeTruthy();
  });

  it('is not shown of a filling without any', () => {
    renderPart(<FatLine fat={{ ...assessed.fat, totalG: 0 }} />);
    expect(screen.queryByText(/of fat/)).toBeNull();
  });
});

describe('the heading of a stage', () => {
  const progress = { stage: 'raw-mix', ticked: 0, of: 7, isOver: false, chance: 'last chance to season' } as const;

  it('warns of the last chance until the stage is over, and can be ended once something is in', () => {
    const edit = jest.fn<void, [Operation]>();
    const { unmount } = renderPart(<StageHeading progress={progress} edit={edit} />);
    expect(screen.getByText('last chance to season')).toBeTruthy();
    expect(screen.queryByLabelText('Stage is over')).toBeNull();
    unmount();
    const begun = renderPart(<StageHeading progress={{ ...progress, ticked: 3 }} edit={edit} />);
    fireEvent.press(screen.getByLabelText('Stage is over'));
    expect(edit).toHaveBeenCalledWith({ do: 'finishStage', stage: 'raw-mix', done: true });
    begun.unmount();
    renderPart(<StageHeading progress={{ ...progress, ticked: 3, isOver: true }} edit={edit} />);
    expect(screen.queryByText('last chance to season')).toBeNull();
  });
});

/** Note: chips, why and the next version, what is learned, versions, photograph, tables. */
import { fireEvent, screen, within } from '@testing-library/react-native';
import { forecastHeat } from '@/core/forecast/heat';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { type KitchenOperation } from '@/core/stored/kitchen-operations';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { adjusted } from '@/core/notebook/adjust';
import { type NextChange } from '@/core/notebook/next-batch';
import { lanternSupper } from '@/data/demo';
import { DonePanel } from '@/screens/batch/note/done-panel';
import { LearnPanel } from '@/screens/batch/note/learn-panel';
import { MeasuredPanel } from '@/screens/batch/note/measured-panel';
import { OutcomeChips } from '@/screens/batch/note/outcome-chips';
import { PhotographPanel } from '@/screens/batch/note/photograph-panel';
import { ReadingsTable } from '@/screens/batch/note/readings-table';
import { TastersPanel } from '@/screens/batch/note/tasters-panel';
import { VersionsPanel } from '@/screens/batch/note/versions-panel';
import { WhyPanel } from '@/screens/batch/note/why-panel';
import { type StationProps } from '@/screens/batch/station-props';
import { explainBatch, type Why } from '@/workers/notebook';
import { renderPart } from './render';
import { openStation, settled } from './station';
import { unfold } from './unfold';

const AT = '2026-12-05T16:00:00Z';
const [turkey, , duck, haddock] = lanternSupper(AT);
const noting = (batch: Batch, ...whats: ('soggy' | 'pale' | 'just-right')[]): Batch =>
  whats.reduce<Batch>(
    (b, what) =>
      apply(b, {
        do: 'noteOutcome',
        outcome: { what, much: 'clearly', where: what === 'soggy' ? 'bottom' : null },
        at: AT,
      }),
    batch,
  );

const mockEditKitchen = jest.fn<void, [KitchenOperation, string?, string?]>();
let mockWhy: Why | undefined;
let mockVersions: Batch[] = [];
let mockPhotograph: string | null = null;
let mockProblem: string | null = null;
let mockTable: string | null = null;
const mockNext = jest.fn<Promise<string>, [Batch, readonly Batch[], readonly NextChange[]]>(() =>
  Promise.resolve('n1'),
);
const mockRehearsed = jest.fn<Promise<string>, [Batch, unknown, readonly NextChange[]]>(() => Promise.resolve('r1'));
const mockNavigate = jest.fn<void, [string]>();
jest.mock('expo-router', () => ({
  router: { navigate: (to: string) => mockNavigate(to) },
  Link: ({ children }: { children: React.ReactNode }) => children,
}));
jest.mock('@/data/hooks', () => ({
  editKitchen: (operation: KitchenOperation, where?: string, of?: string) => {
    mockEditKitchen(operation, where, of);
    return Promise.resolve({ ok: true, step: null });
  },
  now: () => '2026-12-05T16:00:00Z',
  messageOf: String,
}));
jest.mock('@/data/notebook', () => ({
  useWhy: () => ({ data: mockWhy, error: undefined, mutate: jest.fn() }),
  useVersions: () => mockVersions,
  useTried: (_b: unknown, _k: unknown, change: NextChange) => change,
  makeNext: (...args: [Batch, readonly Batch[], readonly NextChange[]]) => mockNext(...args),
  makeRehearsed: (...args: [Batch, unknown, readonly NextChange[]]) => mockRehearsed(...args),
}));
jest.mock('@/data/photographs', () => ({
  usePhotograph: () => ({ data: mockPhotograph }),
  keepPhotograph: () => Promise.resolve(mockProblem),
  dropPhotograph: () => Promise.resolve(() => Promise.resolve()),
}));
jest.mock('@/data/files', () => ({
  pickPicture: () => Promise.resolve({}),
  pickText: () => Promise.resolve(mockTable === null ? null : { ok: true, value: mockTable }),
  exportReadings: jest.fn(),
  readReadings: async (text: string, batch: Batch, as: 'cooling' | 'core') =>
    (await import('@/core/formats/readings-csv')).readingsFromCsv(text, batch, as),
}));
beforeEach(() => {
  mockEditKitchen.mockClear();
  mockNext.mockClear();
  mockRehearsed.mockClear();
  mockNavigate.mockClear();
  mockVersions = [];
  mockPhotograph = null;
  mockProblem = null;
  mockTable = null;
});

const press = (label: string | RegExp) => fireEvent.press(screen.getByLabelText(label));
const stationProps = (batch: Batch) => ({ batch, kitchen: DEFAULT_KITCHEN }) as StationProps;

describe('outcomes', () => {
  const Bottom = ({ batch, edit }: StationProps) => (
    <OutcomeChips batch={batch} edit={edit} label="Found here" options={['soggy', 'crisp']} where="bottom" />
  );

  it('one tap is clearly, a second a little, a third takes it back', async () => {
    const { batch } = openStation(Bottom, haddock);
    press('soggy, bottom');
    expect(batch().note.outcomes).toEqual([{ what: 'soggy', much: 'clearly', where: 'bottom' }]);
    press('soggy, bottom: clearly');
    expect(batch().note.outcomes).toMatchObject([{ much: 'little' }]);
    press('soggy, bottom: a little');
    expect(batch().note.outcomes).toEqual([]);
    await settled();
  });

  it('two taps before anything is drawn again are two taps', async () => {
    const edit = jest.fn(() => Promise.resolve({ ok: true as const, step: 1 }));
    renderPart(<OutcomeChips batch={haddock} edit={edit} label="Here" options={['soggy']} where="bottom" />);
    const chip = screen.getByLabelText('soggy, bottom');
    fireEvent.press(chip);
    fireEvent.press(chip);
    fireEvent.press(chip);
    expect(edit.mock.calls.map(([one]: unknown[]) => one)).toMatchObject([
      { do: 'noteOutcome', outcome: { much: 'clearly' } },
      { do: 'noteOutcome', outcome: { much: 'little' } },
      { do: 'dropOutcome' },
    ]);
    await settled();
  });
});

describe('why, and the next version', () => {
  const soggy = noting(haddock, 'soggy', 'pale');

  it('says how sure, what speaks for it and against; of two that do the same the first is taken', async () => {
    mockWhy = explainBatch(soggy, DEFAULT_KITCHEN);
    renderPart(<WhyPanel {...stationProps(soggy)} />);
    const [first] = mockWhy.explained[0].causes;
    const card = within(screen.getByLabelText('Why soggy (bottom)'));
    expect(card.getByText(new RegExp(`^${first.title}, (very likely|likely|possible)$`))).toBeTruthy();
    // What speaks against it is said where something does.
    expect(card.queryAllByText(/^against it: nothing/)).toHaveLength(0);
    const alone = mockWhy.changes.filter(({ insteadOf }) => insteadOf === null);
    expect(alone.length).toBeLessThan(mockWhy.changes.length);
    press(`Begin the next version with ${alone.length} of ${mockWhy.changes.length}`);
    await settled();
    expect(mockNext.mock.calls[0][2].map(({ id }) => id)).toEqual(alone.map(({ id }) => id));
    expect(mockNavigate).toHaveBeenCalledWith('/batch/n1/fill');
  });

  it('a line is taken with another number, and left', async () => {
    mockWhy = explainBatch(soggy, DEFAULT_KITCHEN);
    renderPart(<WhyPanel {...stationProps(soggy)} />);
    const flour = mockWhy.changes.find(({ label }) => /more flour/.test(label));
    const off = mockWhy.changes.find(({ label }) => /^Cook off/.test(label));
    if (!flour || !off) throw new Error('no such changes');
    press(`Change: ${flour.label}`);
    fireEvent.changeText(screen.getByLabelText(/flour.* instead, g$/), '70');
    press(/^Begin the next version with/);
    await settled();
    const taken = mockNext.mock.calls[0][2];
    expect(taken).toContainEqual(adjusted(flour, soggy, 70));
    expect(taken.map(({ id }) => id)).not.toContain(off.id);
  });

  it('a rehearsed batch is rehearsed again, and never becomes a real one', async () => {
    const rehearsed = { ...soggy, id: 'rehearsal-x' };
    mockWhy = explainBatch(soggy, DEFAULT_KITCHEN);
    renderPart(<WhyPanel {...stationProps(rehearsed)} />);
    press(/^Rehearse it again with/);
    await settled();
    expect(mockNext).not.toHaveBeenCalled();
    expect(mockRehearsed).toHaveBeenCalledTimes(1);
    expect(mockNavigate).toHaveBeenCalledWith('/batch/r1/fill');
  });

  it('nothing in the numbers explains it: it says so; of good things nobody asks why', () => {
    mockWhy = { explained: [{ outcome: soggy.note.outcomes[0], causes: [] }], changes: [], lessons: [] };
    const view = renderPart(<WhyPanel {...stationProps(soggy)} />);
    expect(screen.getByText(/^None of your numbers explains this\. Common advice:/)).toBeTruthy();
    expect(within(screen.getByLabelText('Common advice')).getAllByText(/^· /).length).toBeGreaterThanOrEqual(2);
    view.unmount();
    renderPart(<WhyPanel {...stationProps(noting(haddock, 'just-right'))} />);
    expect(screen.queryByText(/explains/)).toBeNull();
  });
});

it('what a batch teaches is learned only on a tap, in the kitchen it was made in', async () => {
  const soggy = { ...noting(turkey, 'soggy'), id: 'own-purses' };
  mockWhy = explainBatch(soggy, DEFAULT_KITCHEN);
  const view = renderPart(<LearnPanel {...stationProps(noting(turkey, 'soggy'))} />);
  // A demo says beforehand that it teaches nothing.
  expect(screen.getByText(/^A demo batch teaches your kitchen nothing\./)).toBeTruthy();
  expect(screen.queryByLabelText('Let the kitchen learn it')).toBeNull();
  view.unmount();
  renderPart(<LearnPanel {...stationProps(soggy)} />);
  expect(mockEditKitchen).not.toHaveBeenCalled();
  expect(screen.getByText(/^Most loose liquid, .*: 18\.0.* → 1[67]\.\d/)).toBeTruthy();
  press('Let the kitchen learn it');
  await settled();
  expect(mockEditKitchen.mock.calls[0]).toMatchObject([
    {
      do: 'learn',
      lesson: { what: 'wet-edge', because: expect.stringContaining('still too wet') },
      batchId: soggy.id,
    },
    'foot',
    soggy.id,
  ]);
});

it('what was weighed is refused beside its field where it cannot be, and who ate it is kept', async () => {
  const { batch } = openStation(
    (props) => (
      <>
        <MeasuredPanel {...props} />
        <TastersPanel {...props} />
      </>
    ),
    duck,
  );
  fireEvent.changeText(screen.getByLabelText('One before cooking, g'), '99999');
  expect(batch().note.measured.parcelBeforeG).toBeNull();
  fireEvent.changeText(screen.getByLabelText('One before cooking, g'), '131');
  expect(batch().note.measured.parcelBeforeG).toBe(131);
  fireEvent.changeText(screen.getByLabelText('Cooking time, min'), '28');
  fireEvent.changeText(screen.getByLabelText('Cooking time, min'), '29');
  expect(batch().taken).toEqual([{ what: 'load', minutes: 29, planned: 34, at: AT }]);
  fireEvent.changeText(screen.getByLabelText('Somebody else'), 'Aunt');
  press('Add');
  await settled();
  expect(batch().note.tasters).toMatchObject([{ who: 'Aunt' }]);
});

it('done, it leaves the Bench, and comes back; it can be rehearsed', async () => {
  const { batch } = openStation(DonePanel, duck);
  press('Done: into the Notebook');
  expect(batch().doneAt).toBe(AT);
  press('Back to the Bench');
  expect(batch().doneAt).toBeNull();
  press('Rehearse it');
  expect(mockNavigate).toHaveBeenCalledWith(`/rehearse?of=${duck.id}`);
  await settled();
});

it('versions stand in a row, any beside this one', () => {
  const second: Batch = {
    ...apply(duck, { do: 'setWrap', to: { portionG: 70 } }),
    id: 'two',
    lineage: { thing: duck.id, number: 2, parentId: duck.id, changed: ['70 g of filling in each'] },
  };
  mockVersions = [noting(duck, 'pale'), second];
  renderPart(<VersionsPanel batch={second} kitchen={DEFAULT_KITCHEN} />);
  unfold();
  expect(screen.getByText('70 g of filling in each')).toBeTruthy();
  expect(screen.getByText('pale')).toBeTruthy();
  press('Version 1: side by side with this one');
  expect(screen.getByText('Filling in each')).toBeTruthy();
});

describe('a photograph', () => {
  it('is shown, and taken away; one that has no room is refused kindly', async () => {
    mockProblem = 'This browser’s store has no room for a photograph. Everything else is kept.';
    const view = renderPart(<PhotographPanel batch={duck} />);
    unfold();
    press('Add a photograph');
    await settled();
    await settled();
    expect(screen.getByText(/has no room for a photograph\. Everything else is kept/)).toBeTruthy();
    view.unmount();
    mockPhotograph = 'data:image/jpeg;base64,AAAA';
    renderPart(<PhotographPanel batch={duck} />);
    expect(screen.getByLabelText(`Photograph of ${duck.title}`)).toBeTruthy();
    expect(screen.getByLabelText('Take it away')).toBeTruthy();
  });
});

it('readings come from a table, or it is said what is wrong with it', async () => {
  const { batch } = openStation(ReadingsTable, { ...duck, cool: { ...duck.cool, run: null, earlierRuns: [] } });
  mockTable = 'time,celsius\nnoon,44';
  press('Readings from a table');
  await settled();
  await settled();
  expect(screen.getByText(/^Nothing was changed\. line 2: “noon” isn’t a time/)).toBeTruthy();
  mockTable = `time,celsius\n${AT},81`;
  press('Readings from a table');
  await settled();
  await settled();
  expect(batch().cool.earlierRuns.at(-1)?.readings).toMatchObject([{ c: 81 }]);
  expect(forecastHeat(batch(), DEFAULT_KITCHEN, 'first').cooling).not.toBeNull();
});

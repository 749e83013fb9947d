import { act, fireEvent, renderHook, screen } from '@testing-library/react-native';
import { type Check } from '@/core/checks/check';
import { AmountField } from '@/ui/parts/amount-field';
import { CheckBar } from '@/ui/parts/check-bar';
import { CheckPanel } from '@/ui/parts/check-panel';
import { Fold } from '@/ui/parts/fold';
import { HouseWord } from '@/ui/parts/house-word';
import { Choices, Toggles } from '@/ui/parts/press';
import { Body } from '@/ui/parts/text';
import { TemperatureField } from '@/ui/parts/temperature-field';
import { useHandedOver } from '@/ui/parts/use-handed-over';
import { LIGHT, DARK, type Palette } from '@/ui/theme/palette';
import { scatter } from '@/ui/section/scatter';
import { renderPart } from './render';

let mockKnown: readonly string[] | undefined = [];
const mockLearned = jest.fn<void, [string]>();
jest.mock('@/data/known-words', () => ({
  useKnownWords: () => mockKnown,
  learnWord: (id: string) => {
    mockLearned(id);
    return Promise.resolve();
  },
}));

describe('a temperature in °F', () => {
  const shown = (c: number) => {
    renderPart(<TemperatureField label="Freezer" c={c} least={-30} most={0} scale="F" onChange={() => undefined} />);
    return screen.getByLabelText('Freezer, °F').props.value as unknown;
  };
  it('set in whole °C is in whole °F, and a zero has no minus', () => {
    expect(shown(-18)).toBe('0');
    expect(shown(-17.8)).toBe('0');
  });
  it('typed in °F it stays as typed', () => expect(shown(-17.2222)).toBe('1'));
});

describe('a word of the house', () => {
  const ask = (text: string, known: readonly string[] | undefined) => {
    mockKnown = known;
    renderPart(<HouseWord text={text} />);
  };

  it('is explained by a tap, and known from then on', () => {
    ask('6 h 38 until *wrap-ready* at 25 °C.', []);
    fireEvent.press(screen.getByText('What’s “wrap-ready”?'));
    expect(screen.getByText(/^wrap-ready: Cold enough/)).toBeTruthy();
    expect(mockLearned).toHaveBeenCalledWith('wrap-ready');
  });

  it.each([
    ['of a word that is known already', '6 h until wrap-ready', ['wrap-ready']],
    ['of none', '1.3 % salt in the filling', []],
    ['while nobody knows what is known', '6 h until wrap-ready', undefined],
  ])('is not offered %s', (_why, text, known) => {
    ask(text, known);
    expect(screen.queryByText(/^What’s/)).toBeNull();
  });

  it('one at a time: the first that is not known', () => {
    ask('2 g in 100 g are loose, in the bite 0.9 %', ['loose']);
    expect(screen.getByText('What’s “the bite”?')).toBeTruthy();
  });
});

describe('an amount field', () => {
  const field = (props: Partial<Parameters<typeof AmountField>[0]> = {}) => {
    const onChange = jest.fn();
    renderPart(<AmountField label="Leek" unit="g" value={150} least={1} most={5000} onChange={onChange} {...props} />);
    return { onChange, input: screen.getByLabelText('Leek, g') };
  };

  it.each([
    ['1½', 1.5],
    ['1 1/2', 1.5],
    ['0,5', null],
    ['2,5', 2.5],
    ['312', 312],
  ])('“%s”', (text, value) => {
    const { onChange, input } = field();
    fireEvent.changeText(input, text);
    if (value === null) expect(onChange).not.toHaveBeenCalled();
    else expect(onChange).toHaveBeenLastCalledWith(value);
  });

  it('says what is wrong beside it, keeps what was typed, and changes nothing', () => {
    const { onChange, input } = field();
    fireEvent.changeText(input, '-20');
    expect(screen.getByText('Type a number, such as 1½.')).toBeTruthy();
    expect(input.props.value).toBe('-20');
    fireEvent.changeText(input, '900000');
    expect(screen.getByText(/At most 5\s000 g/)).toBeTruthy();
    fireEvent.changeText(input, '');
    expect(screen.getByText(/the last one is kept/)).toBeTruthy();
    fireEvent(input, 'blur');
    expect(screen.getByText(/the last one is kept/)).toBeTruthy();
    expect(onChange).not.toHaveBeenCalled();
  });

  it('steps within its limits, in the direction of its buttons', () => {
    const { onChange } = field({ value: 4995, step: 10 });
    fireEvent.press(screen.getByLabelText('Leek: more'));
    expect(onChange).toHaveBeenLastCalledWith(5000);
    // Before the first tap is drawn the second one goes on from it.
    fireEvent.press(screen.getByLabelText('Leek: less'));
    expect(onChange).toHaveBeenLastCalledWith(4990);
  });

  it('takes a minus where the cold is meant', () => {
    const { onChange, input } = field({ signed: true, least: -30 });
    fireEvent.changeText(input, '−18');
    expect(onChange).toHaveBeenLastCalledWith(-18);
  });

  it('may be left empty where that means something', () => {
    const { onChange, input } = field({ optional: true });
    fireEvent.changeText(input, '');
    expect(onChange).toHaveBeenLastCalledWith(null);
  });
});

describe('choices', () => {
  it('are radio buttons that say which is chosen', () => {
    const onChange = jest.fn();
    renderPart(
      <Choices
        label="Place"
        value="fridge"
        options={[
          { value: 'fridge', label: 'fridge' },
          { value: 'counter', label: 'counter' },
        ]}
        onChange={onChange}
      />,
    );
    fireEvent.press(screen.getByLabelText('counter'));
    expect(onChange).toHaveBeenCalledWith('counter');
  });
  it('toggles call with the one tapped', () => {
    const onToggle = jest.fn();
    renderPart(
      <Toggles
        label="Outcomes"
        values={['soggy']}
        options={[
          { value: 'soggy', label: 'soggy' },
          { value: 'dry', label: 'dry' },
        ]}
        onToggle={onToggle}
      />,
    );
    fireEvent.press(screen.getByLabelText('dry'));
    expect(onToggle).toHaveBeenCalledWith('dry');
  });
});

describe('a check panel', () => {
  const check: Check = {
    id: 'moisture',
    state: 'fix',
    headline: 'Moisture: too wet',
    sentence: 'Free liquid *8.8 g* per 100 g.',
    figure: '8.8',
    value: 8.8,
    band: [1, 6],
    unit: 'g per 100 g',
    fixes: [{ id: 'bind', label: 'Add 2 g cornflour', effect: '8.8 → 3.5', change: [], promise: 3.5, but: null }],
    why: [{ text: 'Celeriac lets go of', figure: '22 g', source: 'our estimate' }],
    cautions: ['Never taste it raw.'],
    pending: false,
    isEmpty: false,
  };

  it('reads as a sentence, offers its fix with what it does, and opens its arithmetic', () => {
    const onFix = jest.fn();
    renderPart(<CheckPanel check={check} onFix={onFix} />);
    expect(screen.getByLabelText('Moisture: too wet. Fix.')).toBeTruthy();
    expect(screen.queryByText('our estimate')).toBeNull();
    fireEvent.press(screen.getByLabelText('Why? Moisture: too wet'));
    expect(screen.getByText('our estimate')).toBeTruthy();
    expect(screen.getByText('Never taste it raw.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Add 2 g cornflour: 8.8 → 3.5 g per 100 g'));
    expect(onFix).toHaveBeenCalledWith(check.fixes[0]);
  });

  it('what is only estimated is marked, and said once for all of it', () => {
    const estimates = [
      { text: 'Celeriac lets go of', figure: '22 g', source: 'our estimate' },
      { text: 'The skin takes', figure: '4 g', source: 'our estimate' },
      { text: 'Pork brings', figure: '31 g', source: 'food tables' },
    ];
    renderPart(<CheckPanel check={{ ...check, why: estimates }} onFix={jest.fn()} />);
    fireEvent.press(screen.getByLabelText('Why? Moisture: too wet'));
    expect(screen.getByText('≈ 22 g')).toBeTruthy();
    expect(screen.getByText('≈ 4 g')).toBeTruthy();
    expect(screen.getByText('31 g')).toBeTruthy();
    expect(screen.getAllByText(/our estimate/)).toHaveLength(1);
  });

  it('as a bar it is its verdict and figure; tapped, all that it says', () => {
    const onFix = jest.fn();
    renderPart(<CheckBar check={check} onFix={onFix} />);
    expect(screen.getByLabelText('Moisture: too wet. Fix.')).toBeTruthy();
    expect(screen.queryByText('Never taste it raw.')).toBeNull();
    fireEvent.press(screen.getByLabelText(`Moisture: too wet, ${check.figure}`));
    expect(screen.getByText('Never taste it raw.')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Why? Moisture: too wet'));
    expect(screen.getByText('our estimate')).toBeTruthy();
    fireEvent.press(screen.getByLabelText('Add 2 g cornflour: 8.8 → 3.5 g per 100 g'));
    expect(onFix).toHaveBeenCalledWith(check.fixes[0]);
  });
});

describe('a panel that is folded', () => {
  const shown = (isUnderWay: boolean) => (
    <Fold title="Bench clock" figure="3 of 24" isOpenAtFirst={isUnderWay}>
      <Body>Filling out 12 min</Body>
    </Fold>
  );
  it('is a line with its key figure until it is tapped', () => {
    renderPart(shown(false));
    expect(screen.getByText('3 of 24')).toBeTruthy();
    expect(screen.queryByText('Filling out 12 min')).toBeNull();
    fireEvent.press(screen.getByTestId('fold'));
    expect(screen.getByText('Filling out 12 min')).toBeTruthy();
    fireEvent.press(screen.getByTestId('fold'));
    expect(screen.queryByText('Filling out 12 min')).toBeNull();
  });

  it('what is under way is open, and may be folded', () => {
    renderPart(shown(true));
    expect(screen.getByText('Filling out 12 min')).toBeTruthy();
    fireEvent.press(screen.getByTestId('fold'));
    expect(screen.queryByText('Filling out 12 min')).toBeNull();
  });
});

describe('colours', () => {
  /** Contrast ratio by WCAG 2.2. */
  const luminance = (hex: string): number => {
    const [r, g, b] = [1, 3, 5].map((i) => {
      const c = parseInt(hex.slice(i, i + 2), 16) / 255;
      return c <= 0.04045 ? c / 12.92 : ((c + 0.055) / 1.055) ** 2.4;
    });
    return 0.2126 * r + 0.7152 * g + 0.0722 * b;
  };
  const contrast = (a: string, b: string): number => {
    const [x, y] = [luminance(a), luminance(b)].sort((m, n) => n - m);
    return (x + 0.05) / (y + 0.05);
  };
  it.each([
    ['light', LIGHT],
    ['dark', DARK],
  ])('%s: text 4.5 : 1, marks 3 : 1', (_name, p: Palette) => {
    for (const text of [p.ink, p.soft, p.beet, p.leek, p.turmeric, p.steam]) {
      expect(contrast(text, p.ground)).toBeGreaterThanOrEqual(4.5);
      expect(contrast(text, p.paper)).toBeGreaterThanOrEqual(4.5);
    }
    expect(contrast(p.onBeet, p.beet)).toBeGreaterThanOrEqual(4.5);
    expect(contrast(p.leek, p.goodBand)).toBeGreaterThanOrEqual(3);
    expect(contrast(p.beet, p.fixBand)).toBeGreaterThanOrEqual(3);
  });
});

describe('what is in the filling', () => {
  it('lies inside it, in the same places each time', () => {
    const ellipse = { cx: 3, cy: -9, rx: 12, ry: 7 };
    const points = scatter(40, ellipse);
    expect(points).toHaveLength(40);
    expect(points).toEqual(scatter(40, ellipse));
    for (const { x, y } of points) {
      expect(((x - 3) / 12) ** 2 + ((y + 9) / 7) ** 2).toBeLessThanOrEqual(1);
    }
  });
});

describe('what is typed and handed over', () => {
  it('leaves its field; what has been typed meanwhile stays in it', () => {
    const { result } = renderHook(() => useHandedOver(''));
    act(() => result.current.type('150 g leek'));
    const { handedOver } = result.current;
    act(() => result.current.type('120 ml stock'));
    act(() => handedOver(Promise.resolve({ ok: true })));
    expect(result.current.value).toBe('120 ml stock');
    act(() => result.current.handedOver(Promise.resolve({ ok: true })));
    expect(result.current.value).toBe('');
  });
});

import { screen } from '@testing-library/react-native';
import { assess } from '@/core/checks/assess';
import { DEFAULT_KITCHEN } from '@/core/stored/kitchen';
import { apply } from '@/core/stored/operations';
import { type Batch } from '@/core/stored/schema';
import { lanternSupper } from '@/data/demo';
import { SectionDrawing } from '@/ui/section/section-drawing';
import { FORMS } from '@/core/forms';
import { WaterLine } from '@/ui/parts/water-line';
import { renderPart } from './render';

const [turkey, pumpkin] = lanternSupper('2026-12-05T15:00:00Z');
const assessed = (batch: Batch) => assess(batch, DEFAULT_KITCHEN, null);
const draw = (batch: Batch) =>
  renderPart(<SectionDrawing batch={batch} assessment={assessed(batch)} width={360} lengths="mm" />);

describe('the section', () => {
  it('says in words what it draws', () => {
    draw(turkey);
    expect(
      screen.getByLabelText(
        /^Section of one piece, 5\d mm across: skin 3 mm, 34 g; filling 28 g with 7\.\d g of loose liquid/,
      ),
    ).toBeTruthy();
  });

  it('is to scale: a larger skin and more filling make a larger piece', () => {
    const width = (change: object) => {
      const batch = apply(turkey, { do: 'setWrap', to: change });
      return FORMS['purse'].section(assessed(batch).fit, batch.wrap).widthMm;
    };
    expect(width({ portionG: 40 })).toBeGreaterThan(width({}));
    expect(width({ thicknessMm: 5 })).toBeGreaterThan(width({}));
    const { fit } = assessed(pumpkin);
    const moon = FORMS['half-moon'].section(fit, pumpkin.wrap);
    // Fold to rim: the bulge, and the rim beyond it.
    expect(moon.widthMm).toBeGreaterThan(2 * fit.body.fillingMm + pumpkin.wrap.rimMm);
    expect(moon.heightMm).toBeLessThan(moon.widthMm);
  });

  it('draws more drops the wetter the filling, and a crack when it would split', () => {
    // Each drop is a path that curves so.
    const drops = (batch: Batch) => JSON.stringify(draw(batch).toJSON()).split(' q 0.95 1.25 0 1.7 ').length;
    const wetter = apply(turkey, { do: 'changeLine', id: 'soy', to: { amount: 5 } });
    expect(drops(wetter)).toBeGreaterThan(drops(turkey));
    const split = apply(turkey, { do: 'setWrap', to: { portionG: 60 } });
    expect(JSON.stringify(draw(split).toJSON())).toContain(String(parseInt('8c1c4b', 16) + 0xff000000));
  });
});

describe('the water line', () => {
  it('reads as a sentence that adds up', () => {
    const { ledger, moisture, sources } = assessed(turkey);
    renderPart(<WaterLine ledger={ledger} sources={sources} figures={moisture} width={340} />);
    const label = screen.getByLabelText(/^Of \d+ grams of water brought in/).props['aria-label'] as string;
    const [broughtIn, ...parts] = (label.split('. ')[0].match(/\d+/g) ?? []).map(Number);
    expect(Math.abs(broughtIn - parts.reduce((a, b) => a + b, 0))).toBeLessThanOrEqual(2);
  });
});

/** Cards as they lie in a drawer: short, without headings, the wrapper alone on a line, the number in the title. */
import '@/core/food/catalogue/more';
import { planOf } from '@/core/recipe/plan';

describe('a card as it is kept in a drawer', () => {
  const FRESH = { id: () => 'card', at: '2026-12-05T15:00:00Z' };
  const readAs = (text: string) => {
    const [{ batch, asks }] = planOf(text, FRESH).plans;
    return {
      count: batch.count,
      form: batch.wrap.form,
      dough: batch.wrap.dough,
      lines: batch.lines.map(({ ingredientId }) => ingredientId),
      asked: asks.filter(({ question }) => question !== null).length,
    };
  };

  it('a number at the end of its title is how many', () => {
    expect(readAs('Turkey turnovers 12\n500 g cooked turkey\nBake 20 min').count).toBe(12);
    expect(readAs('Raw pork pies, 4 large\n800 g pork mince\nBake 50 min').count).toBe(4);
    expect(readAs('Empanadas x 16\n500 g minced beef\nBake 20 min').count).toBe(16);
    expect(readAs('Pasties for 4\n500 g minced beef\n8 rounds of shortcrust pastry\nBake 20 min').count).toBe(8);
  });

  it.each([
    ['puff pastry', 'bake', 'rough-laminated'],
    ['short crust pastry', 'bake', 'short'],
    ['Dumpling wrappers', 'steam', 'bought-skin'],
    ['filo pastry', 'bake', 'bought-sheets'],
  ])('“%s” alone on a line is what it is wrapped in, and what stands below it goes in', (line, how, dough) => {
    const read = readAs(
      `Turkey triangles 12\n500 g cooked turkey\n${line}\n1 leek, sweated\n1 tsp salt\n${how} 20 min`,
    );
    expect(read).toMatchObject({ dough, asked: 0, count: 12 });
    expect(read.lines).toContain('leek');
  });

  it('with a formula below it, it is the heading of that', () => {
    const read = readAs(
      'Turkey pies, 6\n500 g cooked turkey\nShortcrust pastry\n300 g flour\n150 g butter\n60 ml water\nBake 30 min',
    );
    expect(read).toMatchObject({ dough: 'short', asked: 0 });
    expect(read.lines).toEqual(['turkey-cooked']);
  });

  it('butter beside the sheets is brushed on, unless a sentence says what it is for', () => {
    const pie = (how: string) =>
      readAs(`Spinach pie, a 30 x 20 cm tin\n800 g spinach, wilted and squeezed\n10 sheets filo\n80 g butter\n${how}`)
        .lines;
    expect(pie('Bake at 180 for 45 minutes.')).not.toContain('butter');
    expect(pie('Stir the butter into the spinach. Bake at 180 for 45 minutes.')).toContain('butter');
  });

  it('the number is no part of the name', () => {
    const named = (text: string) => planOf(text, FRESH).plans[0].batch.title;
    expect(named('Turkey turnovers 12\n500 g cooked turkey\nBake 20 min')).toBe('Turkey turnovers');
    expect(named('Empanadas x 16\n500 g minced beef\nBake 20 min')).toBe('Empanadas');
    expect(named('Raw pork pies, 4 large\n800 g pork mince\nBake 50 min')).toBe('Raw pork pies');
  });

  it('“dough from …” is the dough, and fresh pasta goes round what is filled', () => {
    expect(
      readAs(
        'Pierogi, 50\n700 g potatoes, boiled and mashed\nDough from 500 g flour, 250 ml hot water, 1 tbsp oil\nBoil 5 minutes.',
      ),
    ).toMatchObject({ dough: 'hot-water', lines: ['potato'], asked: 0 });
    expect(readAs('Ravioli, 32\n300 g ricotta\n300 g fresh pasta\nBoil 4 minutes.')).toMatchObject({
      dough: 'noodle',
      lines: ['ricotta'],
    });
  });
});

import { spoken, spokenFirst } from '@/core/food/spoken-name';

it.each([
  ['Spinach, frozen', 'frozen spinach'],
  ['Chicken stock, unsalted', 'unsalted chicken stock'],
  ['White sauce, made', 'white sauce'],
  ['Cherries, from the jar', 'cherries, from the jar'],
  ['Meat, not said which', 'meat, not said which'],
  ['Leek', 'leek'],
])('%s is said %s', (name, said) => expect(spoken(name)).toBe(said));

it('begins a sentence with a capital', () => expect(spokenFirst('Tomatoes, tinned')).toBe('Tinned tomatoes'));

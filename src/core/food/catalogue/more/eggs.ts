/** Eggs that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_EGGS: Table = {
  family: 'egg',
  rows: `
egg-white | Egg white | 87.6 10.9 0.2 0.7 0 0.6 | 1.03 | 0.42 | release=egg hazard=egg allergens=egg binder=egg piece=32
egg-yolk | Egg yolk | 52.3 15.9 26.5 3.6 0 1.7 | 1.03 | 0.12 | release=egg hazard=egg allergens=egg binder=egg piece=18
egg-yolk-salted | Salted egg yolk | 35 22 33 4 0 6 | 0.9 | 4.5 | hazard=cured allergens=egg piece=14
goose-egg | Goose egg | =duck-egg | piece=140
turkey-egg | Turkey egg | =duck-egg | piece=80
quail-egg-boiled | Quail egg, boiled | =egg-boiled | piece=9
egg-salted | Salted duck egg | 68 13 13 1.5 0 5 | 1 | 4 | hazard=cured allergens=egg piece=65
egg-century | Preserved duck egg | 70 14 10.5 2 0 2.5 | 1 | 1.4 | hazard=cured allergens=egg piece=60
egg-tea | Egg, soy-marinated | =egg-boiled | piece=50 salt=1
duck-egg | Duck egg | 70.8 12.8 13.8 1.5 0 1.1 | 1.03 | 0.37 | release=egg hazard=egg allergens=egg binder=egg piece=70
quail-egg | Quail egg | 74.4 13 11.1 0.4 0 1.1 | 1.03 | 0.36 | release=egg hazard=egg allergens=egg binder=egg piece=10
`,
};

/** Liquids that a kitchen meets less often. Composition: national food tables; rows made of another are house estimates. Columns as in `table.ts`. */
import { type Table } from '../../table';

export const MORE_LIQUIDS: Table = {
  family: 'liquid',
  rows: `
stock-salted | Stock, salted | 96 1.2 0.4 0.9 0 1.2 | 1 | 0.8 | liquid release=liquid hazard=cooked-animal
rice-wine | Rice wine | 94 0.4 0 5.2 0 0.2 | 0.99 | 0.1 | liquid release=liquid
sugar-syrup | Thin sugar syrup | 50 0 0 50 0 0 | 1.23 | 0 | liquid sugar=50
water-pasta | Pasta water | 99 0.1 0 0.6 0 0.6 | 1 | 0.6 | liquid release=liquid allergens=gluten
water-mushroom | Mushroom soaking water | 98.5 0.5 0 0.5 0 0.3 | 1 | 0.05 | liquid release=liquid
ice | Ice, crushed | =water | cube=20 piece=20
stock-vegetable-salted | Vegetable stock, from a cube | =stock-salted | hazard=none
stock-reduced | Stock, reduced to a glaze | 62 24 3 6 0 4 | 1.15 | 2 | liquid hazard=cooked-animal
consomme | Consommé | =stock-salted | tin=400
soup-condensed | Thick soup, condensed | 80 2 6 9 0.7 2.3 | 1.04 | 1.8 | release=sauce hazard=cooked-animal allergens=milk+gluten+celery tin=295
soup-ready | Soup, ready to eat | 88 1.5 2.5 6 0.8 1.2 | 1.02 | 0.7 | release=liquid hazard=cooked-animal allergens=milk+gluten+celery tin=400
wine-rice-cooking | Salted cooking wine | =rice-wine | salt=1.5
liqueur | Liqueur | 68 0 0 32 0 0.1 | 1.08 | 0 | liquid sugar=30
vinegar-balsamic-glaze | Balsamic glaze | 45 0.5 0 53 0 0.6 | 1.25 | 0.1 | allergens=sulphites
vinegar-seasoned | Seasoned rice vinegar | 75 0.2 0 20 0 4.5 | 1.08 | 4 | liquid
coconut-milk-light | Light coconut milk | 88 1 7.5 2.5 0 0.7 | 0.98 | 0.05 | liquid tin=400 release=liquid
coconut-creamed-block | Creamed coconut | 2 6 68 15 7 2 | 0.95 | 0.05 | block=200
almond-milk | Almond milk | 97 0.5 1.2 0.4 0.3 0.4 | 1.01 | 0.1 | liquid release=liquid allergens=nuts
oat-cream | Plant cream | 78 1 13 7 0.5 0.5 | 1 | 0.1 | liquid release=cream
onion-juice | Onion juice | 92 0.9 0.1 6 0.3 0.5 | 1.02 | 0.01 | liquid
ginger-juice | Ginger juice | 93 0.5 0.2 5 0.5 0.6 | 1.02 | 0.02 | liquid dose=3-40
gravy-granules | Gravy granules | 4 4 17 60 1 14 | 0.65 | 12 | allergens=gluten+celery
gravy-thin | Gravy, thin | 91 2 2 3.5 0.1 1.3 | 1.02 | 0.8 | liquid release=liquid hazard=cooked-animal
malt-vinegar | Malt vinegar | 95 0.3 0 4.5 0 0.2 | 1.01 | 0.02 | liquid allergens=gluten dose=3-60
tomato-juice | Tomato juice | 94 0.8 0.1 3.7 0.4 1 | 1.02 | 0.5 | liquid release=liquid
oat-milk | Oat or almond milk | 91 0.8 1.3 6 0.5 0.4 | 1.02 | 0.1 | liquid release=liquid allergens=gluten
brine | Pickling brine | 95 0.1 0 1.5 0 3.4 | 1.02 | 3 | liquid
coffee | Coffee | 99.4 0.1 0 0.3 0 0.2 | 1 | 0 | liquid release=liquid
fortified-wine | Fortified wine | 88 0.2 0 11.5 0 0.2 | 1.02 | 0.02 | liquid release=liquid allergens=sulphites
black-vinegar | Black vinegar | 86 1.5 0 11 0 1 | 1.04 | 0.6 | liquid allergens=gluten dose=3-60
sweet-rice-wine | Sweet rice wine | 62 0.2 0 37.5 0 0.2 | 1.16 | 0.05 | liquid
sherry | Sherry | 95 0.2 0 4.5 0 0.3 | 1 | 0.02 | liquid allergens=sulphites release=liquid
cider | Cider | 95.5 0 0 4.2 0 0.3 | 1.01 | 0.01 | liquid allergens=sulphites release=liquid
balsamic-vinegar | Balsamic vinegar | 76.5 0.5 0 22.4 0 0.6 | 1.08 | 0.06 | liquid allergens=sulphites dose=3-60
rice-vinegar | Rice vinegar | 94 0.2 0 5.6 0 0.2 | 1.01 | 0.02 | liquid dose=3-60
soya-milk | Soya milk | 91 3.3 1.8 2.8 0.5 0.6 | 1.02 | 0.1 | liquid allergens=soya release=liquid
wine-vinegar | Wine vinegar | 94 0 0 5.8 0 0.2 | 1.01 | 0.02 | liquid allergens=sulphites dose=3-60
coconut-cream | Coconut cream | 54 3.6 34.7 5 1.5 1.1 | 0.97 | 0.02 | liquid release=cream tin=400
flower-water | Rose or orange-flower water | 99.8 0 0 0.2 0 0 | 1 | 0 | liquid
meat-juices | Braising liquid | 91 4 2.5 1.5 0 1 | 1.01 | 0.7 | liquid release=liquid hazard=cooked-animal
coconut-milk | Coconut milk | 73 2 21.3 2 1 0.7 | 0.97 | 0.04 | liquid tin=400 release=cream
apple-juice | Apple juice | 88.2 0.1 0.1 11.1 0.2 0.2 | 1.04 | 0.01 | liquid release=liquid
orange-juice | Orange juice | 88.3 0.7 0.2 10.2 0.2 0.4 | 1.04 | 0 | liquid piece=70 release=liquid
beer | Beer | 96 0.5 0 3.3 0 0.2 | 1.01 | 0.01 | liquid allergens=gluten release=liquid
red-wine | Red wine | 97 0.1 0 2.6 0 0.3 | 0.99 | 0 | allergens=sulphites liquid release=liquid
`,
};

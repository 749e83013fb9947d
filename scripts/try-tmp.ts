import { readLines } from '../src/core/recipe/read-lines';
const lines = `100 g cashew cream
200g cauliflower rice
250 g vegan mince
1 cup oat milk
2 tbsp apple butter
100 g coconut flour
1 tbsp plum vinegar
2 beef tomatoes
1 hot dog
8 ladies fingers
1 tbsp buttermilk powder
100g rice paper
200 g mock duck
50g Turkish delight
150g chicken of the woods
100 g monkfish liver
2 crab sticks
200 g head cheese
3 hot cross buns
200 g Bombay duck
1 egg plant
1 sweet potato
1 potato masher
300 g horse mackerel
150 g bacon jam
100 g bean burger
2 fish fingers
200 g fish cakes
100 g onion rings
250 g mushroom risotto
1 can mushroom soup
100 g cheese crackers
50 g butter biscuits
2 tbsp milk powder
1 tbsp tomato powder
100 g pork rinds
1 tbsp garlic mayonnaise
100 g prawn crackers
1 tbsp beef dripping
150 g pea protein mince
200 g banana bread
1 lemon grass stalk
1 tsp lemon pepper
3 tbsp orange blossom honey
1 tbsp mint sauce
1 tbsp mustard oil
200 g pumpkin pie filling
100 g almond croissants
100 g carrot cake
2 tsp rice bran
1 tsp ginger wine
100 g water biscuits
1 tbsp coconut sugar
2 tbsp potato soup
1 tbsp date molasses
100 g lotus biscuit spread
1 pinch asafetida
300 g minced seitan
500g impossible ground
1 tbsp liver sausage
250 g turkey bacon
1 cup sweet corn
1 bunch spring greens
1 bag kale crisps
150 g goat
2 goat cheeses
1 dried red chilli
2 heads of chicory
200 g cactus
3 cups elbow macaroni
100 g parma ham, torn
1/2 tsp MSG
a handful of raisins
2 tbsp rosewater
100 g chicken livers, trimmed
1 veal kidney
200ml single cream or milk
the juice of an orange
grated rind of 2 lemons
1 onion and 2 cloves garlic, chopped
4 oz. butter or margarine
beaten egg
a little milk
some chopped parsley
oil
sugar to taste
plenty of pepper
2 eggs plus 1 yolk
1 kg bones
250g soffritto
1 tin condensed milk
2 cups bean sprouts, blanched
100 g plain yoghurt, hung overnight
1 slice of bread, crusts off, soaked in milk
2 inch piece cucumber
1 red onion thinly sliced & salted
150g raw cashews soaked overnight
1 cup TVP
2 packets instant ramen
5 sheets gelatine
10 g agar`.split('\n');
for (const l of lines) { const r = readLines(l, 'raw'); console.log(l.padEnd(42), r.kind === 'note' ? 'NOTE ' + r.why : r.lines.map((x) => `${x.parsed.ingredientId} ${x.parsed.grams} ${x.line?.preparation ?? '-'} ${x.parsed.takenAs ?? ''} ${x.question ?? ''}`).join(' + ')); }

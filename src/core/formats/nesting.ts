/** How deeply JSON is nested, without parsing it: what is nested too deeply can exhaust whoever walks through it. */

/** No batch, kitchen or recipe is nested more deeply. */
const DEEPEST = 64;

/** Whether brackets and braces outside of texts are nested more deeply than that. One pass over the text. */
export function isTooDeep(json: string, deepest = DEEPEST): boolean {
  let depth = 0;
  let inText = false;
  for (let i = 0; i < json.length; i++) {
    const c = json.charCodeAt(i);
    if (inText) {
      if (c === 92) i += 1;
      else if (c === 34) inText = false;
    } else if (c === 34) inText = true;
    else if (c === 91 || c === 123) {
      depth += 1;
      if (depth > deepest) return true;
    } else if (c === 93 || c === 125) depth -= 1;
  }
  return false;
}

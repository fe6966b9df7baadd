// Cuts the typefaces down to what is shown, in parts that a page asks for only once it holds such letters.
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import subsetFont from 'subset-font';

/** Letters from one code to another. */
function letters(...spans) {
  let all = '';
  for (const [from, to] of spans) for (let code = from; code <= to; code++) all += String.fromCodePoint(code);
  return all;
}

async function cut(from, to, text, more = {}) {
  const whole = await readFile(`node_modules/${from}`);
  await writeFile(to, await subsetFont(whole, text, { targetFormat: 'woff2', ...more }));
}

// The ranges stand in theme.css too, where the page reads them.
const PLAIN = letters([0x20, 0x17e], [0x2010, 0x2026], [0x20ac, 0x20ac], [0x2122, 0x2122]) + '⁄−×';
const FURTHER = letters([0x100, 0x24f], [0x1e00, 0x1eff], [0x20a0, 0x20c0]);
const SIGNS = letters([0x2070, 0x209c], [0x2150, 0x215e], [0x2190, 0x2193]) + 'µσ≤≥≈✓∞⋯□√∫';
const OTHER = letters([0x100, 0x24f], [0x370, 0x58f], [0x10a0, 0x10ff], [0x1e00, 0x1fff]);

await mkdir('src/fonts', { recursive: true });
// Titles are always bold; text comes in two weights.
const families = {
  'bricolage-grotesque': { wght: 700 },
  'atkinson-hyperlegible-next': { wght: { min: 400, max: 700 } },
};
for (const [name, variationAxes] of Object.entries(families)) {
  const files = `@fontsource-variable/${name}/files/${name}`;
  await cut(`${files}-latin-wght-normal.woff2`, `src/fonts/${name}.woff2`, PLAIN, { variationAxes });
  await cut(`${files}-latin-ext-wght-normal.woff2`, `src/fonts/${name}-further.woff2`, FURTHER, {
    variationAxes,
  });
}
// What neither of them has: signs of the craft, Greek, Cyrillic, Armenian, Georgian.
const wide = 'dejavu-fonts-ttf/ttf/DejaVuSans.ttf';
await cut(wide, 'src/fonts/signs.woff2', SIGNS);
await cut(wide, 'src/fonts/other-letters.woff2', OTHER);

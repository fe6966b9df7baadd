// Cuts the two typefaces down to what is shown: Latin letters, figures and the marks of the craft.
import { mkdir, readFile, writeFile } from 'node:fs/promises';
import subsetFont from 'subset-font';

const marks = '°²³·–—‘’“”…×±−≤≥½¼¾⅛⅜⅝⅞µσ•→←↑↓✓';
let letters = marks;
for (let code = 0x20; code <= 0x17f; code++) letters += String.fromCharCode(code);

// Titles are always bold; text comes in two weights.
const fonts = {
  'bricolage-grotesque': { wght: 700 },
  'atkinson-hyperlegible-next': { wght: { min: 400, max: 700 } },
};

await mkdir('src/fonts', { recursive: true });
for (const [name, variationAxes] of Object.entries(fonts)) {
  const whole = await readFile(
    `node_modules/@fontsource-variable/${name}/files/${name}-latin-wght-normal.woff2`,
  );
  const cut = await subsetFont(whole, letters, { targetFormat: 'woff2', variationAxes });
  await writeFile(`src/fonts/${name}.woff2`, cut);
}

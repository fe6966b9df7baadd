/** A post card. */
export const A6 = '105mm 148mm';

/**
 * Prints one part of the page on paper of its own size. A rule for paper cannot look at the page it is
 * for, so it stands in a sheet that is adopted only while this is printed.
 */
export function printAlone(part: HTMLElement, paper: string) {
  const size = new CSSStyleSheet();
  size.replaceSync(`@page { size: ${paper}; margin: 6mm; }`);
  const copy = part.cloneNode(true) as HTMLElement;
  copy.classList.add('alone');
  document.body.append(copy);
  document.adoptedStyleSheets = [...document.adoptedStyleSheets, size];
  const done = () => {
    copy.remove();
    document.adoptedStyleSheets = document.adoptedStyleSheets.filter((sheet) => sheet !== size);
  };
  window.addEventListener('afterprint', done, { once: true });
  window.print();
}

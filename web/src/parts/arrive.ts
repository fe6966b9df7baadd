/**
 * After going to another page: its top comes into view, and its title takes the focus as soon as it is there, unless what
 * has the focus is still on the page. Returns what to do when another page is gone to first.
 */
export function arrive(main: HTMLElement): () => void {
  const held = document.activeElement;
  if (held && held !== main && main.contains(held)) return () => {};
  window.scrollTo(0, 0);
  main.focus({ preventScroll: true });
  const titled = () => {
    const title = main.querySelector('h1');
    if (!title) return false;
    if (document.activeElement === main || document.activeElement === document.body) {
      title.tabIndex = -1;
      title.focus({ preventScroll: true });
    }
    return true;
  };
  if (titled()) return () => {};
  const watch = new MutationObserver(() => {
    if (titled()) watch.disconnect();
  });
  watch.observe(main, { childList: true, subtree: true });
  return () => watch.disconnect();
}

interface Undoing {
  undo: () => void;
  redo: () => void;
}

/** Why there is nothing to take back, or to do again. */
export const NOTHING_TO_UNDO = 'Nothing was changed yet.';
export const NOTHING_TO_REDO = 'Nothing was undone.';

/** True where keys are for typing, not for the page. */
export function typing(event: KeyboardEvent): boolean {
  return event.target instanceof Element && event.target.closest('input, select, textarea, dialog') !== null;
}

/** Ctrl+Z takes back, with Shift it does again. */
export function undoKeys(event: KeyboardEvent, drafts: Undoing) {
  if (typing(event) || !(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
  event.preventDefault();
  if (event.shiftKey) drafts.redo();
  else drafts.undo();
}

/** What acts when it is pressed. */
const ACTS = 'button, a[href], summary, [role="button"], [role="menuitem"], [role="tab"]';

/** Controls that are meant to be pressed again and again, as a tile of faults or a step of the palette. */
const MANY = 'data-many';

const actingPart = (event: Event): Element | null => {
  const part = event.target instanceof Element ? event.target.closest(ACTS) : null;
  return part === null || part.closest(`[${MANY}]`) ? null : part;
};

/**
 * One press, one act: the second click of a double press and the repeats of a key held down do nothing, wherever they fall.
 * After the first one something else may stand under the thumb, and nobody meant to press that.
 * Parts that bear `data-many` take every press.
 */
export function oneActAPress(page: Document): () => void {
  const swallow = (event: Event): void => {
    event.preventDefault();
    event.stopImmediatePropagation();
  };
  // The browser itself counts presses that follow each other at one place.
  const onClick = (event: MouseEvent): void => {
    if (event.detail > 1 && actingPart(event)) swallow(event);
  };
  const onKey = (event: KeyboardEvent): void => {
    if (event.repeat && (event.key === 'Enter' || event.key === ' ') && actingPart(event)) swallow(event);
  };
  page.addEventListener('click', onClick, { capture: true });
  page.addEventListener('keydown', onKey, { capture: true });
  return () => {
    page.removeEventListener('click', onClick, { capture: true });
    page.removeEventListener('keydown', onKey, { capture: true });
  };
}

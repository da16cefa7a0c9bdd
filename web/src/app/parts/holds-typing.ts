/** A screen that may hold something typed and not saved. */
export interface HoldsTyping {
  unsaved(): boolean;
}

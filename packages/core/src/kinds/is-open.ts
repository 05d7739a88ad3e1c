/** Kind of a place that is kept for an element that is still to be chosen. */
export const openKind = 'open';

export const isOpen = ({ kind }: { readonly kind: string }): boolean => kind === openKind;

/** An element, or what was in its place. */
interface Placed {
  readonly kind: string;
  readonly v: number;
}

/** What is in a place: of an open one what was in it before it was opened. */
export const heldIn = (element: Placed & { readonly was?: Placed }): Placed => (isOpen(element) ? (element.was ?? element) : element);

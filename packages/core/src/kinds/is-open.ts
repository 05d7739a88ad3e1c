/** Kind of a place that is kept for an element that is still to be chosen. */
export const openKind = 'open';

export const isOpen = ({ kind }: { readonly kind: string }): boolean => kind === openKind;

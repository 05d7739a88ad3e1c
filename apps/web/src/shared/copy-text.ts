import copyByHand from 'copy-to-clipboard';

/** Puts a text where it can be pasted from; over plain http on a network the browser has only its older way. @returns whether it let us */
export async function copyText(text: string): Promise<boolean> {
  // The types promise a clipboard; pages over plain http have none.
  const clipboard = navigator.clipboard as Clipboard | undefined;
  if (!clipboard) return copyByHand(text);
  return clipboard.writeText(text).then(
    () => true,
    () => false,
  );
}

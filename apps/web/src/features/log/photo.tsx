import type { NotePhoto } from '@hobrek/contracts';
import * as Dialog from '@radix-ui/react-dialog';

const high_px = 96;

export const photoAt = (build: string, id: string, size: 'whole' | 'small') =>
  `/api/builds/${build}/photos/${id}${size === 'small' ? '?size=small' : ''}`;

/** A picture, small; pressed, as large as the window takes. */
export function Photo({ build, photo: { id, width, height }, says }: { build: string; photo: NotePhoto; says: string }) {
  return (
    <Dialog.Root>
      <Dialog.Trigger className="block cursor-zoom-in border border-hair">
        <img
          src={photoAt(build, id, 'small')}
          alt={says}
          loading="lazy"
          height={high_px}
          width={Math.round((width / height) * high_px)}
          style={{ height: high_px }}
          className="w-auto"
        />
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/70" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 flex max-h-[100dvh] max-w-[100vw] -translate-x-1/2 -translate-y-1/2 flex-col items-end gap-1 bg-sheet p-2 text-ink"
        >
          <Dialog.Title className="sr-only">{says}</Dialog.Title>
          <Dialog.Close className="min-h-6 cursor-pointer px-2 text-blue underline">close</Dialog.Close>
          <img
            src={photoAt(build, id, 'whole')}
            alt={says}
            width={width}
            height={height}
            className="h-auto max-h-[calc(100dvh-4rem)] w-auto max-w-[calc(100vw-2rem)] object-contain"
          />
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

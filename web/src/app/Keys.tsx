import { Dialog } from 'radix-ui';
import { useState } from 'react';
import { useKeys } from '../parts/useKeys';

const KEYS: [string, string][] = [
  ['?', 'This list'],
  ['Ctrl Y', 'Do it again after an undo'],
  ['Ctrl Z', 'Undo the last change: of a job, an order, the shelf, the house rules, the stock'],
  ['← → ↑ ↓', 'On a selected picture: move it 1 mm, with Shift 10 mm'],
  ['C', 'On a selected picture: centre it'],
  ['1 2 3 4', 'On a job: the piece, the sheet, the picture, the heat'],
  ['V', 'On a job: the picture as drawn, on the sheet, as it will be'],
  ['Space', 'At the bench: start or stop the clock, next step'],
  ['N or →, ←', 'At the bench: next or last piece or clock'],
  ['P', 'At the bench: look under a corner'],
  ['A', 'At the bench: press a few seconds more'],
  ['B', 'At the bench: pause this clock, and go on'],
  ['S', 'At the bench: leave the step out'],
  ['W', 'At the bench: it went wrong'],
  ['U', 'At the bench: undo the last entry'],
  ['1 2 3', 'At the end of a piece: good, do it again, spoiled'],
  ['Esc', 'Close, or undo what you are typing'],
];

export function Keys() {
  const [open, setOpen] = useState(false);
  useKeys((e) => {
    if (e.key !== '?') {
      return false;
    }
    setOpen(true);
    return true;
  });
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="whitespace-nowrap text-soft hover:text-ink max-sm:hidden">Keys ?</Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 bg-black/40" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed top-1/2 left-1/2 w-[30rem] max-w-[94vw] -translate-1/2 border border-ink bg-ground p-6"
        >
          <Dialog.Title className="mb-3 text-xl">Keys</Dialog.Title>
          <dl className="grid grid-cols-[7rem_1fr] gap-y-2">
            {KEYS.map(([key, what]) => (
              <div key={key} className="contents">
                <dt className="font-bold">{key}</dt>
                <dd>{what}</dd>
              </div>
            ))}
          </dl>
          <Dialog.Close className="key mt-5">Close</Dialog.Close>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

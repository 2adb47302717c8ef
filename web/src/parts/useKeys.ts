import { useEffect, useRef } from 'react';

/** True where a key press belongs to what is being typed in. */
function isTyping(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target.closest('input:not([type=radio], [type=checkbox], [type=range]), textarea, select, [contenteditable]') !==
      null
  );
}

const withControl = (e: KeyboardEvent) => e.ctrlKey || e.metaKey;

/**
 * Has keys do something while a part is on the screen: plain ones, or one together with Control. What somebody types
 * into a field is left alone, and so is what the browser does with other keys.
 *
 * @param press answers whether the key meant something
 */
export function useKeys(press: (e: KeyboardEvent) => boolean, { control }: { control?: string } = {}): void {
  const latest = useRef(press);
  useEffect(() => {
    latest.current = press;
  });
  useEffect(() => {
    const listen = (e: KeyboardEvent) => {
      const meant = control === undefined ? !withControl(e) && !e.altKey : withControl(e) && e.key === control;
      if (meant && !isTyping(e.target) && latest.current(e)) {
        e.preventDefault();
      }
    };
    addEventListener('keydown', listen);
    return () => removeEventListener('keydown', listen);
  }, [control]);
}

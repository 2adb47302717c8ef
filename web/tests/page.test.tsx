import { act, cleanup, fireEvent, render, renderHook, screen, waitFor } from '@testing-library/react';
import { MemoryRouter, useLocation } from 'react-router';
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest';
import { api, got } from '../src/api/client';
import { useAtOnce } from '../src/api/useAtOnce';
import { Search } from '../src/app/Search';
import { Condition } from '../src/parts/Condition';
import { useKeys } from '../src/parts/useKeys';
import { useMovedPicture } from '../src/plan/useMovedPicture';
import { useSizedPicture } from '../src/plan/useSizedPicture';
import { around, held, server } from './server';

afterEach(() => {
  cleanup();
  document.body.innerHTML = '';
  vi.useRealTimers();
});

describe('a change that is shown at once', () => {
  const of = ['house'];
  function opened(send: (wanted: string) => Promise<unknown>, after?: () => void) {
    const { queries, wrapper } = around();
    queries.setQueryData(of, { drying: 'air' });
    const { result } = renderHook(
      () => useAtOnce<string, { drying: string }>(of, send, (before, drying) => ({ ...before, drying }), after),
      { wrapper },
    );
    return {
      queries,
      change: (to: string) => act(async () => result.current.mutate(to)),
      shown: () => queries.getQueryData(of),
    };
  }

  test('stays on the screen while its answer is on its way', async () => {
    const answer = held<void>();
    const { change, shown } = opened(() => answer.coming);
    await change('fan');
    expect(shown()).toEqual({ drying: 'fan' });
    await act(async () => answer.give());
  });

  test('is not taken back by an answer that was asked for before it', async () => {
    const { queries, change, shown } = opened(() => Promise.resolve());
    const old = held<{ drying: string }>();
    const reading = queries.fetchQuery({ queryKey: of, queryFn: () => old.coming, staleTime: 0 }).catch(() => {});
    await change('fan');
    await act(async () => {
      old.give({ drying: 'air' });
      await reading;
    });
    expect(shown()).toEqual({ drying: 'fan' });
  });

  test('is sent after the one before it, and what the server has is asked for after the last', async () => {
    const first = held<void>();
    const sent: string[] = [];
    const after = vi.fn();
    const { change, shown } = opened(async (to) => {
      sent.push(to);
      await (sent.length === 1 ? first.coming : undefined);
    }, after);
    await change('fan');
    await change('oven');
    expect([sent, shown()]).toEqual([['fan'], { drying: 'oven' }]);
    expect(after).not.toHaveBeenCalled();
    await act(async () => first.give());
    await waitFor(() => expect(sent).toEqual(['fan', 'oven']));
    await waitFor(() => expect(after).toHaveBeenCalledTimes(1));
  });

  test('is asked for again where it was refused', async () => {
    const after = vi.fn();
    const { change } = opened(() => got(api.GET('/api/house')), after);
    server(() => ({ status: 422, body: { title: 'No.' } }));
    await change('fan');
    await waitFor(() => expect(after).toHaveBeenCalledTimes(1));
  });
});

let at = '';

/** Says where the page is. */
function Where() {
  at = useLocation().pathname;
  return null;
}

describe('one box to find everything in', () => {
  const open = () => {
    const { wrapper: Wrapper } = around();
    render(
      <Wrapper>
        <MemoryRouter initialEntries={['/stock']}>
          <Search />
          <Where />
        </MemoryRouter>
      </Wrapper>,
    );
    return screen.getByRole('combobox');
  };
  const options = () => screen.queryAllByRole('option').map(({ textContent }) => textContent);
  beforeEach(() => {
    server(({ query }) => ({
      body: query.includes('apple')
        ? [
            { kind: 'job', id: 'tags', title: 'Apple tags' },
            { kind: 'order', id: 'o1', title: 'Apple fair' },
          ]
        : [],
    }));
  });

  test('a slash brings the cursor there, but not out of a field', async () => {
    const box = open();
    const field = document.body.appendChild(document.createElement('input'));
    field.focus();
    fireEvent.keyDown(field, { key: '/' });
    expect(document.activeElement).toBe(field);
    field.blur();
    fireEvent.keyDown(document.body, { key: '/' });
    expect(document.activeElement).toBe(box);
  });

  test('it finds things in the order of their kinds, and keys lead there', async () => {
    const box = open();
    fireEvent.focus(box);
    fireEvent.change(box, { target: { value: 'apple' } });
    await waitFor(() => expect(options()).toEqual(['Apple fair', 'Apple tags']));
    fireEvent.keyDown(box, { key: 'ArrowDown' });
    fireEvent.keyDown(box, { key: 'ArrowDown' });
    expect(screen.getByRole('option', { selected: true }).textContent).toBe('Apple tags');
    fireEvent.keyDown(box, { key: 'Enter' });
    expect(at).toBe('/jobs/tags');
    expect(options()).toEqual([]);
  });

  test('pages are found by name, and nothing is said to be nothing', async () => {
    const box = open();
    fireEvent.focus(box);
    fireEvent.change(box, { target: { value: 'recipes' } });
    await waitFor(() => expect(options()).toEqual(['Recipes']));
    fireEvent.change(box, { target: { value: 'nowhere at all' } });
    await waitFor(() => expect(options()).toEqual([]));
    fireEvent.keyDown(box, { key: 'Enter' });
    expect(at).toBe('/stock');
    fireEvent.keyDown(box, { key: 'Escape' });
    expect((box as HTMLInputElement).value).toBe('');
  });
});

describe('trouble with the place where the shop is kept', () => {
  const open = async (lines: object[]) => {
    const asked = server(() => ({ body: { lines } }));
    const { wrapper: Wrapper } = around();
    render(
      <Wrapper>
        <MemoryRouter>
          <Condition />
        </MemoryRouter>
      </Wrapper>,
    );
    await waitFor(() => expect(asked).toHaveLength(1));
  };

  test('stands there with what mends it, and leads to the backups', async () => {
    await open([{ id: 'backup', text: 'There is none.', mend: 'Make one.' }]);
    expect((await screen.findByRole('alert')).textContent).toContain('There is none. Make one.');
    expect(screen.getByRole('link').getAttribute('href')).toBe('/backup');
  });

  test('is not there where there is none', async () => {
    await open([]);
    expect(screen.queryByRole('alert')).toBeNull();
  });
});

describe('keys', () => {
  test('mean something, but not where somebody types, and not together with Control', () => {
    const pressed: string[] = [];
    renderHook(() =>
      useKeys((e) => {
        pressed.push(e.key);
        return true;
      }),
    );
    const field = document.body.appendChild(document.createElement('textarea'));
    fireEvent.keyDown(document.body, { key: 'a' });
    fireEvent.keyDown(field, { key: 'b' });
    fireEvent.keyDown(document.body, { key: 'c', ctrlKey: true });
    fireEvent.keyDown(document.body, { key: 'd', altKey: true });
    expect(pressed).toEqual(['a']);
  });

  test('with Control only that one does, and the browser leaves it alone', () => {
    const undo = vi.fn(() => true);
    renderHook(() => useKeys(undo, { control: 'z' }));
    expect(fireEvent.keyDown(document.body, { key: 'z', ctrlKey: true })).toBe(false);
    expect(fireEvent.keyDown(document.body, { key: 'z' })).toBe(true);
    expect(fireEvent.keyDown(document.body, { key: 'y', ctrlKey: true })).toBe(true);
    expect(undo).toHaveBeenCalledTimes(1);
  });
});

describe('a picture in the hand', () => {
  const view = {
    at: 0,
    whole: { id: 'p1' },
    plan: { placed: { width_mm: 200, height_mm: 100 } },
    transfer: { placement: { right_mm: 2.5, below_mm: 80 } },
  } as never;
  const handle = (errors = {}) => ({ change: vi.fn(() => Promise.resolve(errors)) });
  const pointer = (x: number, y = 0) =>
    ({
      clientX: x,
      clientY: y,
      pointerId: 7,
      stopPropagation() {},
      currentTarget: { setPointerCapture() {} },
    }) as never;

  test('arrow keys that follow each other are one change, in true millimetres', async () => {
    vi.useFakeTimers();
    const job = handle();
    const { result } = renderHook(() => useMovedPicture(view, job as never, 3));
    const press = (key: string, shiftKey = false) =>
      act(() => result.current.hold.onKeyDown({ key, shiftKey, preventDefault() {} } as never));
    press('ArrowRight');
    press('ArrowRight');
    press('ArrowDown', true);
    expect(job.change).not.toHaveBeenCalled();
    expect(result.current.moved).toEqual({ x: 2, y: 10 });
    await act(() => vi.advanceTimersByTimeAsync(400));
    expect(job.change.mock.calls).toEqual([[{ right: '4.5 mm', below: '90 mm' }]]);
  });

  test('where it is dragged to is by the scale of the drawing; refused, it goes back', async () => {
    const job = handle({ right: 'No.' });
    const { result } = renderHook(() => useMovedPicture(view, job as never, 2));
    act(() => result.current.hold.onPointerDown(pointer(100, 100)));
    act(() => result.current.hold.onPointerMove(pointer(140, 90)));
    expect(result.current.moved).toEqual({ x: 20, y: -5 });
    await act(async () => result.current.hold.onPointerUp(pointer(140, 90)));
    expect(job.change.mock.calls).toEqual([[{ right: '22.5 mm', below: '75 mm' }]]);
    expect(result.current.moved).toEqual({ x: 0, y: 0 });
  });

  test('a picture that only was touched is not changed', async () => {
    const job = handle();
    const { result } = renderHook(() => useMovedPicture(view, job as never, 2));
    act(() => result.current.hold.onPointerDown(pointer(100)));
    await act(async () => result.current.hold.onPointerUp(pointer(100)));
    expect(job.change).not.toHaveBeenCalled();
  });

  test('its corner moves both sides, about its middle', async () => {
    const job = handle();
    const { result } = renderHook(() => useSizedPicture(view, job as never, 2));
    act(() => result.current.grip.onPointerDown(pointer(300)));
    act(() => result.current.grip.onPointerMove(pointer(285)));
    expect(result.current.larger).toEqual({ width: -15, height: -7.5 });
    await act(async () => result.current.grip.onPointerUp(pointer(285)));
    expect(job.change.mock.calls).toEqual([[{ width: '185 mm' }]]);
  });

  test('it never becomes smaller than can be', () => {
    const { result } = renderHook(() => useSizedPicture(view, handle() as never, 2));
    act(() => result.current.grip.onPointerDown(pointer(300)));
    act(() => result.current.grip.onPointerMove(pointer(-900)));
    expect(result.current.larger.width).toBe(-195);
  });

  test('plus and minus go by five millimetres, and other keys mean nothing', async () => {
    vi.useFakeTimers();
    const job = handle();
    const { result } = renderHook(() => useSizedPicture(view, job as never, 2));
    const press = (key: string) => {
      let meant = false;
      act(() => {
        meant = result.current.onKey(key);
      });
      return meant;
    };
    expect(['+', '-', '-', 'x'].map(press)).toEqual([true, true, true, false]);
    await act(() => vi.advanceTimersByTimeAsync(400));
    expect(job.change.mock.calls).toEqual([[{ width: '195 mm' }]]);
  });
});

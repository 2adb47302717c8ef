import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { api, got, type ProblemError, problemOf, type RunView } from '../api/client';
import { endRehearsal, rehearse, serverNow } from '../api/clock';
import { keys, server } from '../api/queries';
import { Notice, Waiting } from '../parts/Notice';
import { Bench } from './Bench';
import { same } from './Clocks';
import type { Hand, Presses } from './useRun';

/** Clocks of a rehearsal run so many times as fast. */
const TIMES = 10;

/** How often it asks how things stand, in ms. */
const ASK_AGAIN = 2000;

type Body = Parameters<typeof rehearsedBody>[0][number];

const rehearsedBody = (pressed: { body: Parameters<Presses['press']>[0]; id: string; at: number }[]) => ({
  presses: pressed.map(({ body, id }) => ({ ...body, id })),
  at: pressed.map(({ at }) => at),
});

/** The first time at the bench: one piece from the first step to the last, and nothing of it is logged. */
export function RehearsalPage() {
  const { id = '' } = useParams();
  const queries = useQueryClient();
  const drawings = useQuery(server.rehearsalDrawings(id));
  const began = useRef(0);
  const pressed = useRef<Body[]>([]);
  // An answer to what was asked before the last question says nothing any more.
  const asked = useRef(0);
  const pressing = useRef(false);
  const [run, setRun] = useState<RunView>();
  const [picked, setPicked] = useState<Hand>();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<ProblemError>();

  const tell = useCallback(
    async (presses: Body[]) => {
      asked.current += 1;
      const number = asked.current;
      const now = (serverNow() - began.current) / 1000;
      try {
        const view = await got(
          api.POST('/api/jobs/{job}/rehearsal', {
            params: { path: { job: id } },
            body: { ...rehearsedBody(presses), now_s: now } as never,
          }),
        );
        if (number !== asked.current) {
          return true;
        }
        // Its now is when this was asked, however long the answer took.
        setRun(movedTo(view, began.current + now * 1000));
        setTrouble(undefined);
        pressed.current = presses;
        return true;
      } catch (e) {
        setTrouble(problemOf(e));
        return false;
      }
    },
    [id],
  );
  useEffect(() => {
    began.current = rehearse(TIMES);
    tell([]);
    const again = setInterval(() => pressing.current || tell(pressed.current), ASK_AGAIN);
    return () => {
      clearInterval(again);
      endRehearsal();
    };
  }, [tell]);
  // Drawings are looked for by the session, and this one is in no store.
  const place = [...keys.run('rehearsal'), 'drawings'];
  if (drawings.data !== undefined && queries.getQueryData(place) !== drawings.data) {
    queries.setQueryData(place, drawings.data);
  }

  const press: Presses['press'] = async (body) => {
    pressing.current = true;
    setBusy(true);
    const at = (serverNow() - began.current) / 1000;
    const stored = await tell([...pressed.current, { body, id: crypto.randomUUID(), at }]);
    setBusy(false);
    pressing.current = false;
    return stored;
  };
  if (run === undefined || drawings.data === undefined) {
    return trouble === undefined && drawings.error === null ? (
      <Waiting error={null} />
    ) : (
      <div className="px-6 py-6">
        <Notice tone="hot">{trouble?.message ?? drawings.error?.message}</Notice>
        <Link to={`/jobs/${id}`} className="key mt-3">
          Back to the job
        </Link>
      </div>
    );
  }
  const front = run.hands.find((hand) => picked !== undefined && same(hand, picked)) ?? run.hands[0];
  if (front === undefined) {
    return (
      <main className="px-6 py-10">
        <h1 className="text-5xl">That is all of it.</h1>
        <p className="mt-4 text-2xl">
          You have been through every step once. Nothing was logged, and nothing was used.
        </p>
        <p className="mt-6 flex flex-wrap gap-3 text-xl">
          <Link to={`/jobs/${id}`} className="key-main">
            Now the real piece
          </Link>
        </p>
      </main>
    );
  }
  const presses: Presses = {
    press,
    again: () => tell(pressed.current),
    busy,
    trouble,
    unsent: false,
    waiting: 0,
  };
  return <Bench run={run} front={front} hands={run.hands} all={false} rehearsed presses={presses} onPick={setPicked} />;
}

/** The same session with all its instants moved, so that its now is ours. */
function movedTo(view: RunView, now: number): RunView {
  const by = now - Date.parse(view.now);
  return {
    ...view,
    now: new Date(now).toISOString(),
    hands: view.hands.map((hand) => ({
      ...hand,
      since: hand.since === null ? null : new Date(Date.parse(hand.since) + by).toISOString(),
    })),
  };
}

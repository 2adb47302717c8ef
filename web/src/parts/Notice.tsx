import type { ReactNode } from 'react';

/** A line that must be seen: what went wrong, or what has changed. */
export function Notice({ tone, children }: { tone: 'hot' | 'wait' | 'done'; children: ReactNode }) {
  const colour = { hot: 'border-hot', wait: 'border-wait', done: 'border-done' }[tone];
  return (
    <div role={tone === 'hot' ? 'alert' : 'status'} className={`my-3 border-l-4 bg-shade px-4 py-2.5 ${colour}`}>
      {children}
    </div>
  );
}

/** What stands on a page while its data is fetched, or when it cannot be. */
export function Waiting({ error }: { error: Error | null }) {
  return (
    <div className="p-8" aria-live="polite">
      {error === null ? (
        <p className="text-soft">One moment …</p>
      ) : (
        <>
          <h1 className="text-2xl">This cannot be shown</h1>
          <Notice tone="hot">{error.message}</Notice>
        </>
      )}
    </div>
  );
}

import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import type { Schemas } from '../api/client';
import { server } from '../api/queries';
import { Waiting } from '../parts/Notice';
import { Thing } from './Thing';

/** Which sheet is this? A few questions about what is seen and felt, until it is known or a test tells. */
export function Recognise({
  owned,
  onHave,
}: {
  owned: Schemas['OwnedView'][];
  onHave: (thing: Schemas['OwnedView']) => void;
}) {
  const [said, setSaid] = useState<{ question: string; answer: string; words: string }[]>([]);
  const answers = said.map(({ question, answer }) => `${question}:${answer}`).join(',');
  const found = useQuery({ ...server.recognised(answers), placeholderData: (before) => before });
  if (found.data === undefined) {
    return <Waiting error={found.error} />;
  }
  const { fitting, next } = found.data;
  // What was answered is not answered twice, while the next question is on its way.
  const waits = found.isPlaceholderData;
  return (
    <fieldset className="mt-2 border border-ink p-4" aria-label="Which sheet is this?">
      {said.length > 0 && (
        <p className="text-sm text-soft">
          {said.map(({ words }) => words).join(' · ')}{' '}
          <button type="button" className="link" onClick={() => setSaid(said.slice(0, -1))}>
            Back
          </button>
        </p>
      )}
      {next !== null && next !== undefined ? (
        <>
          <p className="text-lg font-bold" role="status">
            {said.length + (waits ? 0 : 1)}. {next.text}
          </p>
          <div className="mt-2 flex flex-wrap gap-2">
            {next.answers.map((answer) => (
              <button
                key={answer.id}
                type="button"
                className="key"
                disabled={waits}
                onClick={() => setSaid([...said, { question: next.id, answer: answer.id, words: answer.label }])}
              >
                {answer.label}
              </button>
            ))}
            <button
              type="button"
              className="key text-soft"
              disabled={waits}
              onClick={() => setSaid([...said, { question: next.id, answer: '', words: 'cannot tell' }])}
            >
              I cannot tell
            </button>
          </div>
        </>
      ) : fitting.length === 0 ? (
        <p role="status">
          <b>Wubbin knows no sheet like this.</b> Never put it into a laser printer: a film that melts ruins it. Look
          for the name on its packet.
        </p>
      ) : (
        <div role="status">
          <p className="text-lg font-bold">
            {fitting.length === 1 ? `This is ${fitting[0]?.label}.` : 'It is one of these. Test it so:'}
          </p>
          <ul>
            {fitting.map((sheet) => {
              const thing = owned.find((one) => one.id === sheet.id);
              return (
                <li key={sheet.id} className="flex flex-wrap items-center gap-3 border-t border-rule py-2">
                  <Thing id={sheet.id} className="size-12" />
                  <span className="min-w-0 flex-1 basis-60">
                    <b>{sheet.label}</b>
                    <br />
                    <span className="text-soft">To be sure: {sheet.test}</span>
                  </span>
                  {thing !== undefined && (
                    <button type="button" className="key" onClick={() => onHave(thing)}>
                      I have this
                    </button>
                  )}
                </li>
              );
            })}
          </ul>
        </div>
      )}
    </fieldset>
  );
}

import createClient from 'openapi-fetch';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type JobView = Schemas['JobView'];
export type Plan = JobView['plan'];
export type Job = JobView['job'];
export type Decision = Plan['decisions'][number];
export type Check = Plan['checks'][number];
export type Step = Plan['steps'][number];
export type Phrase = Decision['value'];
export type Quantity = Phrase['values'][string];
export type RunView = Schemas['RunView'];
export type Settings = Schemas['Settings'];
export type Catalogue = Schemas['CatalogueView'];

/** The header tells the server that its own page is asking. */
export const api = createClient<paths>({ baseUrl: '/', headers: { 'X-Wubbin': '1' } });

/** What the server says is wrong, with the fields it is about. */
export class ProblemError extends Error {
  constructor(
    title: string,
    readonly status: number,
    readonly errors: Record<string, string>,
  ) {
    super(title);
  }
}

interface Answer<T> {
  data?: T;
  error?: unknown;
  response: Response;
}

/** The data of an answer, or a ProblemError; a server that does not answer is a problem of status 0. */
export async function got<T>(asked: Promise<Answer<T>>): Promise<T> {
  let answer: Answer<T>;
  try {
    answer = await asked;
  } catch {
    throw new ProblemError('Wubbin does not answer. Is it still running? Nothing you typed is lost; try again.', 0, {});
  }
  if (answer.data !== undefined) {
    return answer.data;
  }
  const problem = (typeof answer.error === 'object' && answer.error !== null ? answer.error : {}) as Partial<
    Schemas['Problem']
  >;
  throw new ProblemError(problem.title ?? 'Something went wrong.', answer.response.status, problem.errors ?? {});
}

/** A form with one file in it, as the generated client wants it. */
export function fileBody(file: File) {
  return {
    body: { file: file as unknown as string },
    bodySerializer: () => {
      const form = new FormData();
      form.append('file', file);
      return form;
    },
  };
}

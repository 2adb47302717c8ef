import createClient from 'openapi-fetch';
import { noteChange } from './changes';
import type { components, paths } from './schema';

export type Schemas = components['schemas'];
export type JobView = Schemas['JobView'];
export type Plan = JobView['plan'];
export type Job = JobView['job'];
export type Transfer = Job['transfers'][number];
export type TransferPlan = Plan['transfers'][number];
export type Decision = TransferPlan['decisions'][number];
export type Check = TransferPlan['checks'][number];
export type Step = Plan['steps'][number];
export type Phrase = Decision['value'];
export type Quantity = Phrase['values'][string];
export type RunView = Schemas['RunView'];
export type Settings = Schemas['Settings'];
export type Catalogue = Schemas['CatalogueView'];

/** A job as it is seen from one of its pictures. */
export interface Part {
  at: number;
  job: Job;
  whole: Plan;
  transfer: Transfer;
  plan: TransferPlan;
  artwork: JobView['artworks'][number];
  artworks: JobView['artworks'];
}

/** What the screen shows of a job when this picture is looked at; the last one where there are no longer so many. */
export function partOf(view: JobView, wanted: number): Part {
  const at = Math.min(wanted, view.plan.transfers.length - 1);
  const [transfer, plan] = [view.job.transfers[at], view.plan.transfers[at]];
  if (transfer === undefined || plan === undefined) {
    throw new Error('A job has at least one picture.');
  }
  return {
    at,
    job: view.job,
    whole: view.plan,
    transfer,
    plan,
    artwork: view.artworks[at] ?? null,
    artworks: view.artworks,
  };
}

/** Changes fields of a job as they were typed; answers what is wrong, by field. */
export type ChangeJob = (changes: Record<string, string>, transfer?: number) => Promise<Record<string, string>>;

/** How often what is busy is asked again before that is told. */
const PATIENCE = 2;

/** Who is busy writing something else says when to ask again, and has changed nothing until then. */
async function patient(request: Request): Promise<Response> {
  const { url, method, headers, signal } = request;
  // Read once: a request can be sent only once.
  const body = method === 'GET' || method === 'HEAD' ? null : await request.arrayBuffer();
  for (let tries = 0; ; tries++) {
    const answer = await fetch(url, { method, headers, signal, body });
    const wait = Number(answer.headers.get('Retry-After') ?? Number.NaN);
    if (answer.status !== 503 || !(wait > 0) || tries === PATIENCE) {
      return answer;
    }
    await new Promise((resolve) => setTimeout(resolve, wait * 1000));
  }
}

/** The header tells the server that its own page is asking. */
export const api = createClient<paths>({ baseUrl: '/', headers: { 'X-Wubbin': '1' }, fetch: patient });

/** Versions of the documents that were read, by their address: whoever writes says which one was seen. */
const versions = new Map<string, string>();

function documentOf(path: string): string | undefined {
  return [...versions.keys()].find((read) => path === read || path.startsWith(`${read}/`));
}

/** In what order requests were sent and answered; when a document was last written, and when what is on its way was sent. */
let turn = 0;
const written = new Map<string, number>();
const sent = new Map<string, number>();

api.use({
  onRequest({ request, id }) {
    sent.set(id, turn++);
    const version = versions.get(documentOf(new URL(request.url).pathname) ?? '');
    if (version !== undefined && (request.method === 'PUT' || request.method === 'PATCH')) {
      request.headers.set('If-Match', version);
    }
    return request;
  },
  onError({ id }) {
    sent.delete(id);
  },
  onResponse({ request, response, id }) {
    const version = response.headers.get('ETag');
    const path = new URL(request.url).pathname;
    const document = documentOf(path) ?? path;
    const writing = request.method !== 'GET' && request.method !== 'HEAD';
    // What was read before a write, and comes after its answer, is no longer the version there is.
    const late = !writing && (sent.get(id) ?? turn) < (written.get(document) ?? 0);
    sent.delete(id);
    if (version !== null && !late) {
      versions.set(document, version);
      if (writing) {
        written.set(document, turn++);
      }
    }
    const undo = response.headers.get('Undo');
    if (undo !== null) {
      noteChange(undo, path);
    }
  },
});

/** What the server says is wrong, with the fields it is about; of a conflict, what is there now. */
export class ProblemError extends Error {
  constructor(
    title: string,
    readonly status: number,
    readonly errors: Record<string, string>,
    readonly document?: unknown,
  ) {
    super(title);
  }
}

declare module '@tanstack/react-query' {
  interface Register {
    defaultError: ProblemError;
  }
}

/** What was thrown, as a problem: all that the pages ask goes through `got`, which throws nothing else. */
export function problemOf(thrown: unknown): ProblemError {
  return thrown instanceof ProblemError
    ? thrown
    : new ProblemError(thrown instanceof Error ? thrown.message : 'Something went wrong.', 0, {});
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
    throw new ProblemError('Wubbin does not answer. Is it still running? Nothing you typed is lost. Try again.', 0, {});
  }
  if (answer.data !== undefined) {
    return answer.data;
  }
  const problem = (typeof answer.error === 'object' && answer.error !== null ? answer.error : {}) as Partial<
    Schemas['Problem']
  >;
  const current = (problem as { current?: { document?: unknown } }).current;
  throw new ProblemError(
    problem.title ?? 'Something went wrong.',
    answer.response.status,
    problem.errors ?? {},
    current?.document,
  );
}

export type Task = Schemas['TaskView'];

/** How often a page asks how far long work has come, in ms. */
const ASK_AGAIN = 300;

/**
 * The data of an answer, or of the work that it began. Aborting gives the work up.
 *
 * @throws ProblemError where it cannot be done; a DOMException where it was given up
 */
export async function done<T extends object>(
  asked: Promise<Answer<T | Task>>,
  onProgress: (task: Task) => void,
  signal?: AbortSignal,
): Promise<T> {
  let answer: T | Task = await got(asked);
  while ('doing' in answer) {
    const { id, state, result } = answer;
    if (signal?.aborted) {
      await got(api.DELETE('/api/tasks/{id}', { params: { path: { id } } }));
      throw new DOMException('Cancelled', 'AbortError');
    }
    if (state === 'done') {
      return result as T;
    }
    if (state === 'failed' || state === 'cancelled') {
      const problem = (result ?? {}) as Partial<Schemas['Problem']>;
      throw new ProblemError(problem.title ?? 'The work was cancelled.', problem.status ?? 0, problem.errors ?? {});
    }
    onProgress(answer);
    await new Promise((resolve) => setTimeout(resolve, ASK_AGAIN));
    answer = await got(api.GET('/api/tasks/{id}', { params: { path: { id } } }));
  }
  return answer;
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

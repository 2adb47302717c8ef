import { useQuery, useQueryClient } from '@tanstack/react-query';
import { FileUp } from 'lucide-react';
import { useState } from 'react';
import { api, fileBody, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { keys, server } from '../api/queries';
import { useFormat, useMoments } from '../measure/settings';
import { Notice, Waiting } from '../parts/Notice';
import { Remove } from '../parts/Remove';
import { RecipeForm } from './RecipeForm';

type View = Schemas['RecipeView'];

/** What a recipe says beyond what is built in, in one line. */
function Said({ view }: { view: View }) {
  const format = useFormat();
  const { recipe } = view;
  const form = useQuery(server.routeForm(recipe.route));
  const parts = Object.entries(recipe.figures).map(([id, value]) => {
    const field = form.data?.figures.find((f) => f.id === id);
    return field === undefined ? '' : `${field.label} ${format.quantity({ ...field.built_in, value, to: null })}`;
  });
  if (typeof recipe.temperature_c === 'number') {
    parts.push(format.temperature(recipe.temperature_c));
  }
  if (recipe.peel) {
    parts.push(`peel ${recipe.peel.word}`);
  }
  return <span className="text-soft">{parts.filter((p) => p !== '').join(' · ')}</span>;
}

/** The house's recipes: what a paper supplier's sheet says, typed in, and used from then on. */
export function RecipesPage() {
  const queries = useQueryClient();
  const moments = useMoments();
  const [editing, setEditing] = useState<View['recipe'] | 'new'>();
  const [problem, setProblem] = useState<ProblemError>();
  const recipes = useQuery(server.recipes());
  if (recipes.data === undefined) {
    return <Waiting error={recipes.error} />;
  }
  const reread = () => {
    setProblem(undefined);
    queries.invalidateQueries({ queryKey: keys.recipes });
    queries.removeQueries({ queryKey: keys.anyJob });
  };
  const attempt = async (asked: Promise<unknown>) => {
    try {
      await asked;
      reread();
    } catch (e) {
      setProblem(problemOf(e));
    }
  };
  return (
    <div className="mx-auto max-w-5xl px-6 py-6">
      <div className="flex flex-wrap items-center gap-3">
        <h1 className="mr-auto text-3xl">Recipes</h1>
        <label className="key focus-within:outline-3 focus-within:outline-face">
          <FileUp size={16} aria-hidden /> Import a recipe file
          <input
            type="file"
            accept=".json,application/json"
            className="sr-only"
            onChange={(e) => {
              const file = e.target.files?.[0];
              e.target.value = '';
              if (file !== undefined) {
                attempt(got(api.POST('/api/recipes/import', fileBody(file))));
              }
            }}
          />
        </label>
        <button type="button" className="key-main" onClick={() => setEditing('new')}>
          Type in a supplier’s sheet
        </button>
      </div>
      <p className="text-soft">
        What the sheet of your paper says comes before Wubbin’s figures. A change makes a new version. Earlier pieces
        stay with theirs.
      </p>
      {problem !== undefined && (
        <Notice tone="hot">
          {problem.message}
          <ul>
            {Object.entries(problem.errors).map(([field, message]) => (
              <li key={field}>
                <b>{field}</b>: {message}
              </li>
            ))}
          </ul>
        </Notice>
      )}
      {editing !== undefined && (
        <RecipeForm
          key={editing === 'new' ? 'new' : editing.id}
          recipe={editing === 'new' ? undefined : editing}
          onDone={(saved) => {
            setEditing(undefined);
            if (saved) {
              reread();
            }
          }}
        />
      )}
      {recipes.data.length === 0 && editing === undefined ? (
        <p className="mt-6 text-lg">
          There are no recipes yet. Type in what the sheet with your paper says. Then plans use it.
        </p>
      ) : (
        <ul className="mt-4 border-t border-ink">
          {recipes.data.map((view) => (
            <li key={view.recipe.id} className="grid grid-cols-[1fr_auto] gap-x-4 border-b border-rule py-2.5">
              <span>
                <b className={view.retired ? 'text-soft line-through' : 'text-lg'}>{view.recipe.name}</b>{' '}
                <span className="text-soft">
                  version {view.recipe.recipe_version}, {moments.at(view.created)} · {view.route}
                </span>
                <br />
                <Said view={view} />
              </span>
              <span className="flex items-baseline gap-4">
                {!view.retired && (
                  <button type="button" className="link" onClick={() => setEditing(view.recipe)}>
                    Change
                  </button>
                )}
                <a className="link" href={`/api/recipes/${view.recipe.id}/export`}>
                  Export
                </a>
                <button
                  type="button"
                  className="link"
                  onClick={() =>
                    attempt(
                      got(
                        api.PATCH('/api/recipes/{id}', {
                          params: { path: { id: view.recipe.id } },
                          body: { retired: !view.retired },
                        }),
                      ),
                    )
                  }
                >
                  {view.retired ? 'Use again' : 'Stop using it'}
                </button>
                <Remove kind="recipe" id={view.recipe.id} name={view.recipe.name} />
              </span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}

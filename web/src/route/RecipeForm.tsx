import { useQuery } from '@tanstack/react-query';
import { useRef, useState } from 'react';
import { useForm } from 'react-hook-form';
import { api, got, type ProblemError, problemOf, type Schemas } from '../api/client';
import { server } from '../api/queries';
import { SelectField, TextField } from '../measure/Field';
import { useFormat } from '../measure/settings';
import { Waiting } from '../parts/Notice';

type Recipe = Schemas['RecipeView']['recipe'];

/** What hangs on the route stands under its id, so that a look at another one loses nothing. */
interface Typed {
  name: string;
  temperature: string;
  pressure: string;
  peel_word: string;
  peel_above: string;
  peel_below: string;
  peel_wait: string;
  print_side: string;
  note: string;
  of: Record<string, { medium?: string; heat?: string; figures?: Record<string, string> }>;
}

/** A supplier's sheet typed in: what stays empty stays as it is built in, which each field shows. */
export function RecipeForm({ recipe, onDone }: { recipe: Recipe | undefined; onDone: (saved: boolean) => void }) {
  const format = useFormat();
  const id = useRef(recipe?.id ?? crypto.randomUUID());
  const [route, setRoute] = useState(recipe?.route ?? 'light-film');
  const [problem, setProblem] = useState<ProblemError>();
  const { register, handleSubmit } = useForm<Typed>();
  const catalogue = useQuery(server.catalogue());
  const form = useQuery({
    ...server.routeForm(route), // The fields stand while another route's are fetched, so that nothing typed is lost.
    placeholderData: (before) => before,
  });
  if (catalogue.data === undefined || form.data === undefined) {
    return <Waiting error={catalogue.error ?? form.error} />;
  }
  const errors = problem?.errors ?? {};
  const degrees = (celsius: number | null | undefined) =>
    typeof celsius === 'number' ? format.temperature(celsius) : '';

  async function save({ of, ...common }: Typed) {
    const { figures = {}, ...chosen } = of[route] ?? {};
    const typed = {
      ...common,
      ...chosen,
      ...Object.fromEntries(Object.entries(figures).map(([name, value]) => [`figure.${name}`, value])),
    };
    try {
      await got(api.POST('/api/recipes', { body: { id: id.current, route, typed } }));
      onDone(true);
    } catch (e) {
      setProblem(problemOf(e));
    }
  }

  return (
    <form onSubmit={handleSubmit(save)} className="mt-4 border-t border-ink pt-3" noValidate aria-label="Recipe">
      <h2 className="text-xl">{recipe === undefined ? 'A supplier’s sheet' : `Change ${recipe.name}`}</h2>
      <div className="mt-2 fields grid-cols-2 gap-x-3 gap-y-2 md:grid-cols-4">
        <TextField label="Its name" {...register('name')} defaultValue={recipe?.name} error={errors.name} />
        <SelectField
          label="Route"
          options={catalogue.data.routes}
          value={route}
          disabled={recipe !== undefined}
          onChange={(e) => setRoute(e.target.value)}
          error={errors.route}
        />
        <SelectField
          key={`medium ${route}`}
          label="Sheet"
          {...register(`of.${route}.medium`)}
          defaultValue={recipe?.medium ?? ''}
          options={[{ id: '', label: 'any of this route' }, ...form.data.media]}
          error={errors.medium}
        />
        <SelectField
          key={`heat ${route}`}
          label="Heat"
          {...register(`of.${route}.heat`)}
          defaultValue={recipe?.heat ?? ''}
          options={[{ id: '', label: 'any of this route' }, ...form.data.heat]}
          error={errors.heat}
        />
        {form.data.figures.map((figure) => {
          const set = recipe?.figures[figure.id];
          return (
            <TextField
              key={`${route} ${figure.id}`}
              label={figure.label}
              {...register(`of.${route}.figures.${figure.id}`)}
              placeholder={format.quantity(figure.built_in)}
              defaultValue={set === undefined ? '' : format.quantity({ ...figure.built_in, value: set, to: null })}
              error={errors[`figure.${figure.id}`]}
            />
          );
        })}
        <TextField
          label="Temperature"
          {...register('temperature')}
          placeholder="such as 180 C or 356 F"
          defaultValue={degrees(recipe?.temperature_c)}
          error={errors.temperature}
        />
        <TextField
          label="Pressure"
          {...register('pressure')}
          defaultValue={recipe?.pressure ?? ''}
          error={errors.pressure}
        />
        <TextField
          label="Peel"
          {...register('peel_word')}
          placeholder="hot, warm, cold"
          defaultValue={recipe?.peel?.word ?? ''}
          error={errors.peel_word}
        />
        <TextField
          label="Peel above"
          {...register('peel_above')}
          defaultValue={degrees(recipe?.peel?.above_c)}
          error={errors.peel_above}
        />
        <TextField
          label="Peel below"
          {...register('peel_below')}
          defaultValue={degrees(recipe?.peel?.below_c)}
          error={errors.peel_below}
        />
        <TextField
          label="Cooling before the peel"
          {...register('peel_wait')}
          defaultValue={recipe?.peel ? format.duration(recipe.peel.wait_s) : ''}
          error={errors.peel_wait}
        />
        <TextField
          label="Print side"
          {...register('print_side')}
          placeholder="the matte side"
          defaultValue={recipe?.print_side ?? ''}
          error={errors.print_side}
        />
        <TextField label="Note" {...register('note')} defaultValue={recipe?.note ?? ''} error={errors.note} />
      </div>
      {problem !== undefined && Object.keys(errors).length === 0 && (
        <p role="alert" className="mt-2 text-hot">
          {problem.message}
        </p>
      )}
      <p className="mt-3 flex gap-3">
        <button type="submit" className="key-main">
          {recipe === undefined ? 'Save it' : 'Save as a new version'}
        </button>
        <button type="button" className="key" onClick={() => onDone(false)}>
          Not now
        </button>
      </p>
    </form>
  );
}

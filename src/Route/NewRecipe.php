<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;
use Wubbin\Core\Route\Route;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** A supplier's sheet as it is typed in. What is left empty stays as it is built in. */
#[OA\Schema]
final readonly class NewRecipe
{
    /** Fields that hold temperatures, and where the recipe's file has them. */
    private const TEMPERATURES = [
        'temperature' => 'temperature_c',
        'peel_above' => 'peel.above_c',
        'peel_below' => 'peel.below_c',
    ];

    /** @param array<string, string> $typed */
    private function __construct(
        #[OA\Property(description: 'A new UUID for a new recipe; that of an old one adds a version')] public string $id,
        public string $route,
        #[
            OA\Property(
                type: 'object',
                additionalProperties: new OA\AdditionalProperties(type: 'string'),
                description: 'By field: name, medium, heat, temperature, ' .
                    'pressure, peel_word, peel_above, peel_below, ' .
                    'peel_wait, print_side, note, and figure.… for each figure',
            ),
        ]
        public array $typed,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->id('id'),
            $record->string('route'),
            array_map(trim(...), $record->record('typed')->stringMap()),
        );
    }

    /** @throws Refusal naming every field that cannot be read */
    public function recipe(Catalogue $catalogue, QuantityParser $parser): Recipe
    {
        $route = $catalogue->routes[$this->route] ?? throw InvalidInput::field('route', 'Choose one of those offered.');
        $errors = [];
        $read = function (string $field, callable $parse) use (&$errors): ?float {
            try {
                $value = '' === $this->text($field) ? null : $parse($this->text($field));

                return is_float($value) ? $value : null;
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();

                return null;
            }
        };
        $celsius = static fn(string $typed): float => $parser->temperature($typed)->celsius;
        $figures = self::figures($route, $read, $parser);
        [$above, $below] = [$read('peel_above', $celsius), $read('peel_below', $celsius)];
        $wait = $read('peel_wait', static fn(string $typed): float => $parser->duration($typed)->seconds);
        $temperature = $read('temperature', $celsius);
        $word = $this->text('peel_word');
        if ([] !== $errors) {
            throw InvalidInput::fields($errors);
        }

        return Recipe::fromRecord(
            Record::of([
                'id' => $this->id,
                'name' => $this->text('name'),
                'route' => $this->route,
                'medium' => $this->orNull('medium'),
                'heat' => $this->orNull('heat'),
                'figures' => $figures,
                'temperature_c' => $temperature,
                'pressure' => $this->orNull('pressure'),
                'peel' =>
                    '' === $word && null === $above && null === $below && null === $wait
                        ? null
                        : [
                            'word' => '' === $word ? 'cold' : $word,
                            'above_c' => $above,
                            'below_c' => $below,
                            'wait_s' => $wait ?? 0.0,
                        ],
                'print_side' => $this->orNull('print_side'),
                'note' => $this->text('note'),
            ]),
            $catalogue,
        );
    }

    /**
     * @param \Closure(string, callable(string): float): (float|null) $read a field, with what reads it
     *
     * @return array<string, float>
     */
    private static function figures(Route $route, \Closure $read, QuantityParser $parser): array
    {
        $figures = [];
        foreach ($route->figures as $name => $figure) {
            $value = $read('figure.' . $name, static fn(string $typed): float => $figure->read($typed, $parser));
            if (null !== $value) {
                $figures[$name] = $value;
            }
        }

        return $figures;
    }

    /** The field of this form that a place in the recipe's file was typed in. */
    public static function fieldOf(string $place): string
    {
        return array_flip(self::TEMPERATURES)[$place] ??
            match (true) {
                'peel.wait_s' === $place => 'peel_wait',
                str_starts_with($place, 'figures.') => 'figure.' . substr($place, 8),
                default => $place,
            };
    }

    private function text(string $field): string
    {
        return $this->typed[$field] ?? '';
    }

    private function orNull(string $field): ?string
    {
        return '' === $this->text($field) ? null : $this->text($field);
    }
}

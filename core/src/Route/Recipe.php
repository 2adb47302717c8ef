<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnreadableQuantity;

/**
 * A supplier's sheet, or the house's own findings, typed in for a route: its figures outrank the built-in ones.
 *
 * Kept in versions: a change is a new version, and what was made by an old one stays told by it. Its open file is
 * described by `schema/recipe.schema.json`.
 */
final readonly class Recipe
{
    public const FORMAT = 'wubbin-recipe';
    public const VERSION = 1;
    public const LONGEST_NOTE = 2000;
    public const HOTTEST_C = 260.0;

    /**
     * @param int<1, max> $version
     * @param string|null $mediumId the sheet it is for; null for any of the route's
     * @param array<string, float> $figures by the route's own names, in their units
     */
    private function __construct(
        public string $id,
        public int $version,
        public string $name,
        public string $routeId,
        public ?string $mediumId,
        public ?HeatKind $heat,
        public array $figures,
        public ?Temperature $temperature,
        public ?string $pressure,
        public ?PeelRule $peel,
        public ?string $printSide,
        public string $note,
    ) {}

    /**
     * @throws BadRecord naming the field: a figure that the route does not have or that cannot be, a temperature
     *                   outside 20 to 260 °C or without the heat it is for, a peel that is hotter than the press
     */
    public static function fromRecord(Record $record, Catalogue $catalogue): self
    {
        return self::read($record, $catalogue, false);
    }

    /**
     * One that is in the shop already: a figure that nobody can mean stays, and the plans that go by it say so.
     *
     * @throws BadRecord naming the field
     */
    public static function fromStored(Record $record, Catalogue $catalogue): self
    {
        return self::read($record, $catalogue, true);
    }

    /** @throws BadRecord */
    private static function read(Record $record, Catalogue $catalogue, bool $stored): self
    {
        $name = trim($record->words('name'));
        if ('' === $name || mb_strlen($name) > 120) {
            throw BadRecord::at('name', 'Give the recipe a name of up to 120 characters.');
        }
        $route =
            $catalogue->routes[$record->string('route')] ?? throw BadRecord::at('route', 'Wubbin knows no such route.');
        $medium = $record->stringOrNull('medium');
        if (null !== $medium && !in_array($medium, $route->making->media, true)) {
            throw BadRecord::at('medium', 'This sheet does not suit this route.');
        }
        $heat = $record->has('heat') ? $record->enum('heat', HeatKind::class) : null;
        if (null !== $heat && !in_array($heat, $route->heating->kinds, true)) {
            throw BadRecord::at('heat', 'This route does not use this heat.');
        }
        $temperature = self::temperature($record->numberOrNull('temperature_c'), 'temperature_c');
        if (null !== $temperature && null === $heat) {
            throw BadRecord::at('heat', 'Only an iron or a press has a temperature. Say which one you use.');
        }

        return new self(
            $stored ? $record->string('id') : $record->id('id'),
            max(1, $record->has('recipe_version') ? $record->integer('recipe_version') : 1),
            $name,
            $route->id,
            $medium,
            $heat,
            self::figures($record->recordOrNull('figures'), $route, $stored),
            $temperature,
            $record->wordsOrNull('pressure'),
            self::peel($record->recordOrNull('peel'), $temperature),
            $record->wordsOrNull('print_side'),
            self::note($record->wordsOrNull('note') ?? ''),
        );
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'format' => self::FORMAT,
            'version' => self::VERSION,
            'id' => $this->id,
            'recipe_version' => $this->version,
            'name' => $this->name,
            'route' => $this->routeId,
            'medium' => $this->mediumId,
            'heat' => $this->heat?->value,
            'figures' => (object) $this->figures,
            'temperature_c' => $this->temperature?->celsius,
            'pressure' => $this->pressure,
            'peel' =>
                null === $this->peel
                    ? null
                    : [
                        'word' => $this->peel->word,
                        'above_c' => $this->peel->above?->celsius,
                        'below_c' => $this->peel->below?->celsius,
                        'wait_s' => $this->peel->wait->seconds,
                    ],
            'print_side' => $this->printSide,
            'note' => $this->note,
        ];
    }

    /** The same as a further version. */
    public function asVersion(int $version): self
    {
        return new self(
            $this->id,
            max(1, $version),
            $this->name,
            $this->routeId,
            $this->mediumId,
            $this->heat,
            $this->figures,
            $this->temperature,
            $this->pressure,
            $this->peel,
            $this->printSide,
            $this->note,
        );
    }

    public function provenance(): Provenance
    {
        return Provenance::recipe(sprintf('%s, version %d', $this->name, $this->version));
    }

    /** Whether it is written for this sheet and this heat, as far as it names them. */
    public function suits(string $routeId, ?Medium $medium, ?HeatSource $heat): bool
    {
        return $routeId === $this->routeId &&
            (null === $this->mediumId || $medium?->like === $this->mediumId) &&
            (null === $this->heat || $heat?->kind === $this->heat);
    }

    /** @return array<string, float> */
    private static function figures(?Record $given, Route $route, bool $stored): array
    {
        $figures = [];
        foreach ($given?->keys() ?? [] as $name) {
            $figure =
                $route->figures[$name] ?? throw BadRecord::at('figures.' . $name, 'This route has no such figure.');
            try {
                $value = $given?->number($name) ?? 0.0;
                $figures[$name] = ($stored
                    ? $figure->asStored($value, $figure->provenance)
                    : $figure->replacedBy($value, $figure->provenance)
                )->value;
            } catch (UnreadableQuantity $e) {
                throw BadRecord::at('figures.' . $name, $e->getMessage());
            }
        }

        return $figures;
    }

    private static function note(string $note): string
    {
        return mb_strlen($note) <= self::LONGEST_NOTE
            ? $note
            : throw BadRecord::at('note', sprintf('A note has room for %d characters.', self::LONGEST_NOTE));
    }

    private static function peel(?Record $given, ?Temperature $press): ?PeelRule
    {
        if (null === $given) {
            return null;
        }
        $above = self::temperature($given->numberOrNull('above_c'), 'peel.above_c');
        $below = self::temperature($given->numberOrNull('below_c'), 'peel.below_c');
        if (null === $above && null === $below) {
            throw BadRecord::at('peel.below_c', 'A peel needs a temperature to be below, to be above, or both.');
        }
        if (null !== $above && null !== $below && $above->celsius >= $below->celsius) {
            throw BadRecord::at('peel.below_c', 'The upper end must be above the lower one.');
        }
        if (null !== $press && ($above->celsius ?? 0.0) >= $press->celsius) {
            throw BadRecord::at('peel.above_c', 'It cannot be peeled hotter than it is pressed.');
        }
        $wait = $given->number('wait_s');
        if ($wait < 0.0 || $wait > 86_400.0) {
            throw BadRecord::at('peel.wait_s', UnreadableQuantity::outOfRange('The wait', '0 s', '24 h')->getMessage());
        }

        return PeelRule::fromWord($given->words('word'), $above, $below, $wait);
    }

    private static function temperature(?float $celsius, string $field): ?Temperature
    {
        if (null !== $celsius && ($celsius < 20.0 || $celsius > self::HOTTEST_C)) {
            throw BadRecord::at(
                $field,
                UnreadableQuantity::outOfRange('A temperature', '20 °C (68 °F)', '260 °C (500 °F)')->getMessage(),
            );
        }

        return null === $celsius ? null : Temperature::celsius($celsius);
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** What the heat model is computed with: each figure with its range and where it comes from. */
final readonly class HeatParameters
{
    /** The one need that is told by depth and not by temperature. */
    public const WAX = 'wax';

    /** The one tape that is made to lie under the heat. */
    public const HEAT_TAPE = 'heat';

    /**
     * @param array<string, Parameter> $all by id, such as “cotton.k” or “contact.medium”
     * @param array<string, float> $hold seconds that a need is held, by its name
     * @param array<string, string> $spoilt what happens beyond a limit, by the need's name, or “tape.” and the
     *                                      tape's
     * @param array<string, string> $madeOf substance by material or support
     */
    private function __construct(
        private array $all,
        private array $hold,
        private array $spoilt,
        private array $madeOf,
    ) {}

    /** @throws BadRecord */
    public static function fromRecord(Record $record): self
    {
        $all = $hold = $spoilt = [];
        $take = static function (string $group, Record $entry, array $skip) use (&$all): void {
            $provenance = Provenance::fromRecord($entry->record('provenance'));
            foreach ($entry->keys() as $key) {
                if (!in_array($key, ['id', 'provenance', ...$skip], true)) {
                    $all[$group . '.' . $key] = Parameter::fromRecord(
                        $group . '.' . $key,
                        $entry->record($key),
                        $provenance,
                    );
                }
            }
        };
        foreach ($record->records('substances') as $substance) {
            $take($substance->string('id'), $substance, []);
        }
        foreach ($record->recordMap('sources') as $kind => $source) {
            $take('source.' . $kind, $source, []);
        }
        foreach ($record->recordMap('needs') as $name => $need) {
            $take('need.' . $name, $need, ['hold_s', 'spoilt']);
            $hold[$name] = $need->numberOrNull('hold_s') ?? 0.0;
            $spoilt[$name] = $need->stringOrNull('spoilt') ?? '';
        }
        foreach ($record->recordMap('tapes') as $name => $tape) {
            $take('tape.' . $name, $tape, ['spoilt']);
            $spoilt['tape.' . $name] = $tape->string('spoilt');
        }
        $take('contact', $record->record('contact'), []);
        $take('room', $record->record('room'), []);
        $take('quench', $record->record('quench'), []);
        /* @var array<string, Parameter> $all */

        return new self($all, $hold, $spoilt, $record->record('made_of')->stringMap());
    }

    /** @throws \LogicException where the reference data has none */
    public function of(string $id): Parameter
    {
        return $this->all[$id] ?? throw new \LogicException('The heat model has no ' . $id . '.');
    }

    /** What a plate takes to get a kelvin hotter, in s: its capacity by its power; null of what has none. */
    public function secondsPerKelvin(HeatKind $kind): ?float
    {
        $capacity = $this->find('source.' . $kind->value . '.capacity');
        $power = $this->find('source.' . $kind->value . '.power');

        return null === $capacity || null === $power ? null : $capacity->middle / $power->middle;
    }

    public function find(string $id): ?Parameter
    {
        return $this->all[$id] ?? null;
    }

    /** The substance that stands for a material, a cover, a guard or a base. */
    public function substanceOf(string $id): ?string
    {
        return $this->madeOf[$id] ?? null;
    }

    public function holdOf(string $need): float
    {
        return $this->hold[$need] ?? 0.0;
    }

    public function spoiltOf(string $need): string
    {
        return $this->spoilt[$need] ?? '';
    }
}

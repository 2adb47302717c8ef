<?php

declare(strict_types=1);

namespace Wubbin\Core\Log;

use Wubbin\Core\Measure\BadRecord;

/** What a test ladder varies along one side, and its rungs: seconds, °C, pressures, or seconds of drying. */
final readonly class LadderAxis implements \JsonSerializable
{
    public const SECONDS = 'seconds';
    public const CELSIUS = 'celsius';
    public const PRESSURE = 'pressure';
    public const DRYING = 'drying';
    public const ALL = [self::SECONDS, self::CELSIUS, self::PRESSURE, self::DRYING];

    public const PRESSURES = ['light', 'medium', 'heavy'];

    private const FEWEST = 2;
    private const MOST = 6;

    /** What heat and hands can do: seconds, °C, and seconds of drying up to a day. */
    private const RANGES = [
        self::SECONDS => [1.0, 600.0],
        self::CELSIUS => [50.0, 260.0],
        self::DRYING => [0.0, 86400.0],
    ];

    /** @param list<float> $values rising; of pressures their places in `PRESSURES` */
    private function __construct(public string $of, public array $values) {}

    /**
     * @param list<float|string> $values
     *
     * @throws BadRecord naming the side
     */
    public static function fromValues(string $side, string $of, array $values): self
    {
        if (!in_array($of, self::ALL, true)) {
            throw BadRecord::at($side, 'A test ladder changes seconds, temperature, pressure or drying.');
        }
        $numbers = array_map(static fn(float|string $value): ?float => self::number($of, $value), $values);
        if (in_array(null, $numbers, true)) {
            throw BadRecord::at(
                $side,
                self::PRESSURE === $of
                    ? 'Pressures are light, medium and heavy.'
                    : sprintf('These go from %s to %s.', ...self::RANGES[$of]),
            );
        }
        /* @var list<float> $numbers */
        sort($numbers);
        if (count(array_unique($numbers)) < count($numbers)) {
            throw BadRecord::at($side, 'Each step needs a different value.');
        }
        if (count($numbers) < self::FEWEST || count($numbers) > self::MOST) {
            throw BadRecord::at($side, sprintf('From %d to %d rungs.', self::FEWEST, self::MOST));
        }

        return new self($of, $numbers);
    }

    private static function number(string $of, float|string $value): ?float
    {
        if (self::PRESSURE === $of) {
            $at = array_search($value, self::PRESSURES, true);

            return is_int($at) ? (float) $at : null;
        }
        [$least, $most] = self::RANGES[$of];

        return is_float($value) && $value >= $least && $value <= $most ? $value : null;
    }

    /** In words for a label of a sheet, in the unit it is kept in. */
    public function label(int $at): string
    {
        $value = $this->values[$at];

        return match ($this->of) {
            self::SECONDS => sprintf('%g s', $value),
            self::CELSIUS => sprintf('%g °C', $value),
            self::PRESSURE => self::PRESSURES[(int) $value],
            default => sprintf('dry %g min', $value / 60.0),
        };
    }

    /** @return list<float|string> as they were given, rising */
    public function given(): array
    {
        return self::PRESSURE === $this->of
            ? array_map(static fn(float $value): string => self::PRESSURES[(int) $value], $this->values)
            : $this->values;
    }

    /** @return array{of: string, values: list<float|string>} */
    public function jsonSerialize(): array
    {
        return ['of' => $this->of, 'values' => $this->given()];
    }
}

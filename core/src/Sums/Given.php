<?php

declare(strict_types=1);

namespace Wubbin\Core\Sums;

use Wubbin\Core\Blank\Cylinder;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Digits;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\QuantityParser;
use Wubbin\Core\Measure\Temperature;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Core\Route\Catalogue;

/**
 * What was typed into a quick sum, and where it is worked. What cannot be read is remembered by its field, so that all
 * of it is told at once; until then a harmless figure stands in for it.
 */
final class Given
{
    /** No piece that people press is smaller or larger than these, in mm; they keep slips of the unit out. */
    private const LEAST_MM = 1.0;
    private const MOST_MM = 5000.0;

    /** @var array<string, string> by field */
    private array $problems = [];

    /** @param array<string, string> $typed by field */
    public function __construct(
        private readonly array $typed,
        private readonly QuantityParser $parser,
        public readonly Catalogue $catalogue,
        public readonly Shelf $shelf,
        private readonly Currency $currency,
    ) {}

    public function has(string $field): bool
    {
        return '' !== trim($this->typed[$field] ?? '');
    }

    /** In mm. */
    public function length(string $field, float $least = self::LEAST_MM, float $most = self::MOST_MM): float
    {
        return $this->within($field, $least, $most, fn(string $typed): float => $this->parser->length($typed)->mm);
    }

    /** Of something round, in mm: what is measured across, or round it where it says so. */
    public function diameter(string $field): float
    {
        return $this->within(
            $field,
            self::LEAST_MM,
            self::MOST_MM,
            fn(string $typed): float => Cylinder::typedDiameter($typed, $this->parser)->mm,
        );
    }

    /** In seconds. */
    public function duration(string $field, float $most): float
    {
        $seconds = $this->read($field, 1.0, fn(string $typed): float => $this->parser->duration($typed)->seconds);
        if ($seconds <= 0.0 || $seconds > $most) {
            $this->wrong($field, 'Write a time above zero, and not longer than a few days.');
        }

        return max(1.0, min($most, $seconds));
    }

    public function temperature(string $field): Temperature
    {
        $read = $this->read($field, 20.0, fn(string $typed): float => $this->parser->temperature($typed)->celsius);
        if ($read < -50.0 || $read > 650.0) {
            $this->wrong($field, 'It must be from −50 °C (−58 °F) to 650 °C (1202 °F).');
        }

        return Temperature::celsius(max(-50.0, min(650.0, $read)));
    }

    /** A plain number, with a point or a comma. */
    public function number(string $field, float $least, float $most): float
    {
        $read = $this->read($field, $least, static function (string $typed): float {
            $text = str_replace(',', '.', trim(Digits::ascii($typed)));

            return is_numeric($text) ? (float) $text : throw new UnreadableQuantity('Write a number.');
        });
        if ($read < $least || $read > $most) {
            $this->wrong($field, sprintf('Write a number from %s to %s.', self::plain($least), self::plain($most)));
        }

        return max($least, min($most, $read));
    }

    public function count(string $field, int $most = 10000): int
    {
        $read = $this->number($field, 1.0, (float) $most);
        if (floor($read) !== $read) {
            $this->wrong($field, sprintf('Write a whole number from 1 to %d.', $most));
        }

        return (int) $read;
    }

    /** In minor units; null where it was left empty. */
    public function money(string $field): ?Money
    {
        if (!$this->has($field)) {
            return null;
        }
        try {
            $money = Money::read($this->typed[$field] ?? '', $this->currency);
        } catch (UnreadableQuantity $e) {
            $this->wrong($field, $e->getMessage());

            return null;
        }
        if ($money->minor < 0) {
            $this->wrong($field, 'Write what it costs, or leave it empty.');

            return null;
        }

        return $money;
    }

    /** @param list<string> $offered the usual one first */
    public function choice(string $field, array $offered): string
    {
        $chosen = $this->typed[$field] ?? '';
        if ('' !== $chosen && !in_array($chosen, $offered, true)) {
            $this->wrong($field, 'Choose one of those offered.');
        }

        return in_array($chosen, $offered, true) ? $chosen : $offered[0] ?? '';
    }

    public function wrong(string $field, string $why): void
    {
        $this->problems[$field] ??= $why;
    }

    /** Whether all that was read so far can be: only then does what belongs together say anything. */
    public function holds(): bool
    {
        return [] === $this->problems;
    }

    /** @throws WrongSum where anything was wrong so far */
    public function mustHold(): void
    {
        if ([] !== $this->problems) {
            throw new WrongSum($this->problems);
        }
    }

    /** @param callable(string): float $reading */
    private function within(string $field, float $least, float $most, callable $reading): float
    {
        $mm = $this->read($field, $least, $reading);
        if ($mm < $least || $mm > $most) {
            $this->wrong(
                $field,
                sprintf(
                    'It must be from %s mm (%s in) to %s mm (%s in).',
                    self::plain($least),
                    self::plain($least / 25.4),
                    self::plain($most),
                    self::plain($most / 25.4),
                ),
            );
        }

        return max($least, min($most, $mm));
    }

    /** @param callable(string): float $reading */
    private function read(string $field, float $standIn, callable $reading): float
    {
        try {
            return $reading($this->typed[$field] ?? '');
        } catch (UnreadableQuantity | BadRecord $e) {
            $this->wrong($field, $e->getMessage());

            return $standIn;
        }
    }

    private static function plain(float $number): string
    {
        return $number >= 10.0 || floor($number) === $number
            ? (string) round($number)
            : rtrim(rtrim(sprintf('%.2F', $number), '0'), '.');
    }
}

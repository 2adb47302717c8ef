<?php

declare(strict_types=1);

namespace Wubbin\Cost;

use OpenApi\Attributes as OA;
use Wubbin\Core\Cost\Price;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Measure\Currency;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\PlainNumber;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\UnreadableQuantity;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** What a quote is to say, as it was typed. */
#[
    OA\Schema(
        required: ['jobs', 'for', 'by', 'margin', 'target', 'breaks', 'set_up', 'tax', 'valid'],
        properties: [
            new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'for', type: 'string'),
            new OA\Property(property: 'by', type: 'string', enum: ['margin', 'target']),
            new OA\Property(property: 'margin', type: 'string', description: 'Per cent of the price, as typed'),
            new OA\Property(property: 'target', type: 'string', description: 'For one piece, money as typed'),
            new OA\Property(property: 'breaks', type: 'string', description: 'Other quantities, as typed: “50, 100”'),
            new OA\Property(property: 'set_up', type: 'string', description: 'Money, as typed'),
            new OA\Property(property: 'tax', type: 'string', description: 'Per cent, as typed'),
            new OA\Property(property: 'valid', type: 'string', description: 'The last day it stands, as 2026-12-31'),
        ],
    ),
]
final readonly class QuoteWish
{
    private const MOST_JOBS = 40;
    private const MOST_BREAKS = 6;
    private const LONGEST = 120;

    /**
     * @param non-empty-list<string> $jobs
     * @param list<int> $breaks
     */
    private function __construct(
        public array $jobs,
        public string $for,
        public Price $price,
        public array $breaks,
        public int $setUp,
        public float $tax,
        public string $valid,
    ) {}

    /** @throws Refusal naming the fields that are wrong */
    public static function fromRecord(Record $record, Currency $currency, string $today): self
    {
        $errors = [];
        $money = static function (string $field) use ($record, $currency, &$errors): int {
            try {
                $minor = Money::read($record->string($field), $currency)->minor;
                if ($minor < 0) {
                    $errors[$field] = 'This is 0 or more.';
                }

                return max(0, $minor);
            } catch (UnreadableQuantity $e) {
                $errors[$field] = $e->getMessage();

                return 0;
            }
        };
        $share = static function (string $field, float $most) use ($record, &$errors): float {
            $number = PlainNumber::read($record->string($field), $most);
            if (null === $number) {
                $errors[$field] = sprintf('This is a percentage from 0 to %s.', $most);
            }

            return ($number ?? 0.0) / 100.0;
        };
        $price = match ($record->string('by')) {
            'margin' => Price::byMargin($share('margin', 100.0 * Price::MOST_MARGIN)),
            'target' => Price::target($money('target')),
            default => throw InvalidInput::field('by', 'Choose a margin or a target price.'),
        };
        $jobs = array_values(array_unique($record->strings('jobs')));
        if ([] === $jobs || count($jobs) > self::MOST_JOBS) {
            throw InvalidInput::field('jobs', sprintf('A quote is for 1 to %d jobs.', self::MOST_JOBS));
        }
        $breaks = self::breaks($record->string('breaks'));
        if (null === $breaks) {
            $errors['breaks'] = sprintf('Write up to %d numbers of pieces, such as 50, 100.', self::MOST_BREAKS);
        }
        $for = trim($record->string('for'));
        if (mb_strlen($for) > self::LONGEST) {
            $errors['for'] = sprintf('At most %d characters.', self::LONGEST);
        }
        $valid = $record->string('valid');
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $valid);
        if (false === $day || $day->format('Y-m-d') !== $valid) {
            $errors['valid'] = 'Write the day as 2026-12-31.';
        } elseif ($valid < $today) {
            $errors['valid'] = 'This day is in the past.';
        }
        $wish = new self($jobs, $for, $price, $breaks ?? [], $money('set_up'), $share('tax', 100.0), $valid);

        return [] === $errors ? $wish : throw InvalidInput::fields($errors);
    }

    /** @return list<int>|null null where they cannot be read */
    private static function breaks(string $typed): ?array
    {
        $breaks = array_values(
            array_filter(array_map(trim(...), explode(',', $typed)), static fn(string $one): bool => '' !== $one),
        );
        $numbers = array_filter(
            array_map(static fn(string $one): int => PlainNumber::whole($one, Job::MOST_PIECES) ?? 0, $breaks),
            static fn(int $one): bool => $one > 0,
        );

        return count($numbers) === count($breaks) && count($numbers) <= self::MOST_BREAKS
            ? array_values($numbers)
            : null;
    }
}

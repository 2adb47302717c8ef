<?php

declare(strict_types=1);

namespace Wubbin\Shelf;

use OpenApi\Attributes as OA;
use Wubbin\Core\Day\Hours;
use Wubbin\Core\Measure\Record;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;

/** When hands work in this shop, how many pairs there are, and what has room. */
#[OA\Schema]
final readonly class WorkHours
{
    private const DAYS = 7;
    private const MOST_HANDS = 10;
    private const MOST_ROOM = 500;
    private const LONGEST_NAME = 40;

    /** Hours are known for so many days ahead. */
    private const AHEAD = 400;

    /**
     * @param list<string> $week by day, Monday first: “09:00-12:30 13:30-18:00”; empty for a day off
     * @param list<string> $off days, as 2026-12-24
     * @param list<string> $people
     */
    private function __construct(
        #[OA\Property(description: 'Pairs of hands')] public int $hands,
        public array $week,
        #[OA\Property(type: 'array', items: new OA\Items(type: 'string', format: 'date'))] public array $off,
        #[OA\Property(description: 'Pieces that the drying rack has room for')] public int $rack,
        #[OA\Property(description: 'Pieces that the cooling shelf has room for')] public int $shelf,
        #[
            OA\Property(
                description: 'Solvents, sprays and varnish are opened outdoors or in another room than anything hot',
            ),
        ]
        public bool $apart,
        #[
            OA\Property(
                type: 'array',
                description: 'What they are called, pair by pair; fewer than there are, or none',
                items: new OA\Items(type: 'string'),
            ),
        ]
        public array $people = [],
    ) {}

    /** One pair of hands, by day; a rack and a shelf of a small shop (assumed). */
    public static function usual(): self
    {
        return new self(1, [...array_fill(0, 5, '09:00-12:30 13:30-18:00'), '09:00-13:00', ''], [], 8, 8, false);
    }

    /** @throws Refusal naming the field */
    public static function fromRecord(Record $record): self
    {
        $hours = new self(
            $record->integer('hands'),
            array_map(trim(...), $record->strings('week')),
            $record->strings('off'),
            $record->integer('rack'),
            $record->integer('shelf'),
            $record->has('apart') && $record->boolean('apart'),
            $record->has('people') ? array_map(trim(...), $record->strings('people')) : [],
        );
        $errors = [];
        if ($hours->hands < 1 || $hours->hands > self::MOST_HANDS) {
            $errors['hands'] = sprintf('From 1 to %d pairs of hands.', self::MOST_HANDS);
        }
        if (count($hours->people) > $hours->hands) {
            $errors['people'] = 'There are more names than pairs of hands.';
        }
        foreach ($hours->people as $name) {
            if ('' === $name || mb_strlen($name) > self::LONGEST_NAME) {
                $errors['people'] = sprintf('A name has 1 to %d characters.', self::LONGEST_NAME);
            }
        }
        foreach (['rack' => $hours->rack, 'shelf' => $hours->shelf] as $field => $room) {
            if ($room < 1 || $room > self::MOST_ROOM) {
                $errors[$field] = sprintf('Room for 1 to %d pieces.', self::MOST_ROOM);
            }
        }
        if (self::DAYS !== count($hours->week)) {
            $errors['week'] = 'A week has seven days.';
        }
        foreach ($hours->week as $day => $text) {
            if (null === self::stretches($text)) {
                $errors['week.' . $day] =
                    'Write hours as 09:00-12:30 13:30-18:00, one after another. Leave it empty for a day off.';
            }
        }
        if ([] === array_filter($hours->week, static fn(string $day): bool => '' !== $day)) {
            $errors['week'] = 'Enter some working hours. Now nobody works all week.';
        }
        foreach ($hours->off as $day) {
            if (
                false === ($date = \DateTimeImmutable::createFromFormat('!Y-m-d', $day)) ||
                $date->format('Y-m-d') !== $day
            ) {
                $errors['off'] = 'Write a day off as 2026-12-24.';
            }
        }

        return [] === $errors ? $hours : throw InvalidInput::fields($errors);
    }

    /** What a pair of hands is called, from 0. */
    public function person(int $n): string
    {
        return $this->people[$n] ?? (1 === $this->hands ? 'You' : sprintf('Hands %d', $n + 1));
    }

    /**
     * @return array{hands: int, week: list<string>, off: list<string>, rack: int, shelf: int, apart: bool,
     *     people: list<string>}
     */
    public function toRecord(): array
    {
        return [
            'hands' => $this->hands,
            'week' => $this->week,
            'off' => $this->off,
            'rack' => $this->rack,
            'shelf' => $this->shelf,
            'apart' => $this->apart,
            'people' => $this->people,
        ];
    }

    /** The hours to come, by the clocks of a zone: on the night of a change they are an hour shorter or longer. */
    public function hours(\DateTimeImmutable $now, \DateTimeZone $zone): Hours
    {
        $stretches = [];
        $midnight = $now->setTimezone($zone)->setTime(0, 0);
        for ($n = 0; $n < self::AHEAD; ++$n) {
            $day = $midnight->modify(sprintf('+%d days', $n));
            if (in_array($day->format('Y-m-d'), $this->off, true)) {
                continue;
            }
            foreach (self::stretches($this->week[(int) $day->format('N') - 1]) ?? [] as [$from, $to]) {
                $stretches[] = [$day->modify($from)->getTimestamp(), $day->modify($to)->getTimestamp()];
            }
        }

        return new Hours($stretches);
    }

    /** When hands go home on a day, as seconds since 1970; midnight where they do not work on it. */
    public function endOf(string $day, \DateTimeZone $zone): int
    {
        $date = new \DateTimeImmutable($day, $zone);
        $stretches = self::stretches($this->week[(int) $date->format('N') - 1]) ?? [];

        return [] === $stretches
            ? $date->modify('+1 day')->getTimestamp()
            : $date->modify($stretches[count($stretches) - 1][1])->getTimestamp();
    }

    /** @return list<array{string, string}>|null null where it cannot be read, or goes back in time */
    private static function stretches(string $text): ?array
    {
        $stretches = [];
        $last = '';
        foreach (array_filter(explode(' ', $text), static fn(string $one): bool => '' !== $one) as $one) {
            if (
                1 !== preg_match('/^((?:[01]\d|2[0-3]):[0-5]\d)-((?:[01]\d|2[0-3]):[0-5]\d)$/', $one, $found) ||
                $found[1] <= $last ||
                $found[2] <= $found[1]
            ) {
                return null;
            }
            $stretches[] = [$found[1], $found[2]];
            $last = $found[2];
        }

        return $stretches;
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Log;

use Doctrine\DBAL\Query\QueryBuilder;
use Wubbin\Core\Run\Defect;
use Wubbin\Core\Run\Outcome;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Instant;

/** Which entries of the logbook are asked for. */
final readonly class LogFilter
{
    /** Columns that are searched by a value of theirs. */
    public const COLUMNS = ['route', 'medium', 'printer', 'heat', 'blank'];

    public const FIELDS = [...self::COLUMNS, 'outcome', 'defect', 'from', 'to', 'words'];

    private const LONGEST_WORDS = 200;

    /**
     * @param array<string, string> $columns value by column
     * @param list<string> $words all of which an entry has in its name, its note or what it is made of
     */
    private function __construct(
        private array $columns,
        private ?Outcome $outcome,
        private ?Defect $defect,
        private ?string $from,
        private ?string $to,
        private array $words,
    ) {}

    public static function all(): self
    {
        return new self([], null, null, null, null, []);
    }

    /**
     * @param array<string, string> $typed by field; what nobody typed is empty
     *
     * @throws Refusal naming the field
     */
    public static function fromTyped(array $typed): self
    {
        $columns = [];
        foreach (self::COLUMNS as $column) {
            $value = $typed[$column];
            if ('' !== $value) {
                $columns[$column] = $value;
            }
        }
        $outcome = $typed['outcome'];
        $defect = $typed['defect'];

        return new self(
            $columns,
            '' === $outcome
                ? null
                : Outcome::tryFrom($outcome) ?? throw InvalidInput::field('outcome', 'Choose one of those offered.'),
            '' === $defect
                ? null
                : Defect::tryFrom($defect) ?? throw InvalidInput::field('defect', 'Choose one of those offered.'),
            self::day($typed['from'], 'from', '00:00:00'),
            self::day($typed['to'], 'to', '23:59:59.999'),
            array_values(
                array_filter(
                    explode(' ', mb_strtolower(mb_substr($typed['words'], 0, self::LONGEST_WORDS))),
                    static fn(string $word): bool => '' !== $word,
                ),
            ),
        );
    }

    /** Narrows a query of `log_entry e`. */
    public function narrow(QueryBuilder $of): QueryBuilder
    {
        foreach ($this->columns as $column => $value) {
            $of->andWhere('e.' . $column . ' = :' . $column)->setParameter($column, $value);
        }
        if (null !== $this->outcome) {
            $of->andWhere('e.outcome = :outcome')->setParameter('outcome', $this->outcome->value);
        }
        if (null !== $this->defect) {
            $of->andWhere('e.id IN (SELECT entry_id FROM log_defect WHERE defect = :defect)')->setParameter(
                'defect',
                $this->defect->value,
            );
        }
        if (null !== $this->from) {
            $of->andWhere('e.at >= :from')->setParameter('from', $this->from);
        }
        if (null !== $this->to) {
            $of->andWhere('e.at <= :to')->setParameter('to', $this->to);
        }
        foreach ($this->words as $n => $word) {
            $of->andWhere('instr(e.words, :word' . $n . ') > 0')->setParameter('word' . $n, $word);
        }

        return $of;
    }

    /** A day as this machine counts days, as an instant. */
    private static function day(string $text, string $field, string $time): ?string
    {
        if ('' === $text) {
            return null;
        }
        $day = \DateTimeImmutable::createFromFormat('!Y-m-d', $text);

        return false === $day || $day->format('Y-m-d') !== $text
            ? throw InvalidInput::field($field, 'Write the day as 2026-11-24.')
            : Instant::write(new \DateTimeImmutable($text . ' ' . $time));
    }
}

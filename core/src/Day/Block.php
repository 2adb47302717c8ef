<?php

declare(strict_types=1);

namespace Wubbin\Core\Day;

/** Things of one group that follow each other on one lane, seen as one. */
final readonly class Block implements \JsonSerializable
{
    /** What follows within so many seconds belongs to it. */
    private const TOGETHER_S = 150;

    /** @param non-empty-list<string> $labels each once */
    private function __construct(public string $kind, public int $lane, public string $group, public int $start, public int $end, public ?float $celsius, public bool $hands, public array $labels)
    {
    }

    /** @return list<self> of all lanes, each lane's in order */
    public static function all(Timetable $table): array
    {
        $order = $table->starts;
        asort($order);
        $blocks = [];
        foreach ($order as $id => $start) {
            $activity = $table->day->activities[$id];
            $end = $start + $activity->seconds;
            foreach ($table->lanes[$id] as $kind => $lane) {
                // Hands go from the press to the table and back: how hot it is is the machine's.
                $celsius = 'hands' === $kind ? null : $activity->celsius;
                $last = $blocks[$kind.' '.$lane] ?? [];
                $before = $last[count($last) - 1] ?? null;
                if (null !== $before && $before->group === $activity->group && $before->celsius === $celsius && $start - $before->end <= self::TOGETHER_S) {
                    $last[count($last) - 1] = new self($kind, $lane, $before->group, $before->start, max($before->end, $end), $celsius, $before->hands, array_values(array_unique([...$before->labels, $activity->label])));
                } else {
                    $last[] = new self($kind, $lane, $activity->group, $start, $end, $celsius, $activity->hands, [$activity->label]);
                }
                $blocks[$kind.' '.$lane] = $last;
            }
        }

        return array_merge(...array_values($blocks));
    }

    /** @return array{kind: string, lane: int, job: string, start: int, end: int, celsius: float|null, hands: bool, labels: non-empty-list<string>} */
    public function jsonSerialize(): array
    {
        return ['kind' => $this->kind, 'lane' => $this->lane, 'job' => $this->group, 'start' => $this->start, 'end' => $this->end, 'celsius' => $this->celsius, 'hands' => $this->hands, 'labels' => $this->labels];
    }
}

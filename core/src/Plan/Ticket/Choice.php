<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Ticket;

use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Plan\Alternative;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\DecidedBy;
use Wubbin\Core\Plan\Decision;
use Wubbin\Core\Plan\Outfit;
use Wubbin\Core\Route\School;
use Wubbin\Core\Route\SchoolOption;

/** Who decided a line of the ticket, and what else it could be. */
final readonly class Choice
{
    public static function by(bool $there, ?string $asked): DecidedBy
    {
        return match (true) {
            !$there => DecidedBy::Nobody,
            null === $asked => DecidedBy::Wubbin,
            default => DecidedBy::Person,
        };
    }

    public static function ofFigure(Brief $brief, string $figure, DecidedBy $otherwise): DecidedBy
    {
        return isset($brief->transfer->choices->figures[$figure]) ? DecidedBy::Person : $otherwise;
    }

    /**
     * @param array<string, object{id: string, label: string}> $things
     *
     * @return list<Alternative>
     */
    public static function among(string $field, array $things, ?string $chosen): array
    {
        $alternatives = [];
        foreach ($things as $thing) {
            $alternatives[] = new Alternative(ucfirst($thing->label), null, $thing->id === $chosen, [
                $field => $thing->id,
            ]);
        }

        return $alternatives;
    }

    public static function ofSchool(Outfit $outfit, School $school, SchoolOption $option): Decision
    {
        $alternatives = [];
        foreach ($school->options as $other) {
            $alternatives[] = new Alternative(
                ucfirst($other->label),
                Phrase::of($other->why),
                $other->id === $option->id,
                ['school.' . $school->id => $other->id],
            );
        }

        return new Decision(
            'school.' . $school->id,
            $school->label,
            Phrase::of(ucfirst($option->label)),
            Phrase::of($option->why),
            'school.' . $school->id,
            $school->provenance,
            $outfit->ways->by[$school->id],
            $alternatives,
        );
    }
}

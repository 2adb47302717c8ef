<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

/** What brings heat or pressure to the work. */
enum HeatKind: string
{
    case Iron = 'iron';
    case FlatPress = 'flat-press';
    case MugPress = 'mug-press';
    case Dryer = 'dryer';
    case Gun = 'gun';
    case Spoon = 'spoon';
    /** No heat: rubbed down by hand. */
    case Burnisher = 'burnisher';

    public function label(): string
    {
        return match ($this) {
            self::Iron => 'iron',
            self::FlatPress => 'flat press',
            self::MugPress => 'mug press',
            self::Dryer => 'hair dryer',
            self::Gun => 'heat gun',
            self::Spoon => 'warmed spoon',
            self::Burnisher => 'spoon to rub with',
        };
    }

    /** A plate is set down on the work, place by place. */
    public function hasPlate(): bool
    {
        return self::Iron === $this || self::FlatPress === $this;
    }

    /** It is closed on the work and presses by itself. */
    public function closes(): bool
    {
        return self::FlatPress === $this || self::MugPress === $this;
    }

    /** Whether it can reach a piece that is round, or one that is not: a platen closes on what is flat. */
    public function reaches(bool $round): bool
    {
        return match ($this) {
            self::FlatPress => !$round,
            self::MugPress => $round,
            default => true,
        };
    }
}

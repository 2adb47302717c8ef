<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan\Preflight;

use Wubbin\Core\Artwork\Subject;
use Wubbin\Core\Measure\Phrase;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Plan\Arrangement;
use Wubbin\Core\Plan\Brief;
use Wubbin\Core\Plan\Check;
use Wubbin\Core\Plan\Placing;
use Wubbin\Core\Plan\Severity;
use Wubbin\Core\Plan\Stage;

/** Mistakes that only matter where there is a face or lettering in the picture; the person says whether there is. */
final readonly class SubjectChecks
{
    /** Of the way round a piece: what is looked at stays within its middle quarter. */
    private const MIDDLE = 0.25;

    /** A plain letter is about seven of its strokes high: common practice of type, no source. */
    private const STROKES_HIGH = 7.0;

    public function __construct(private Brief $brief, private Placing $placing, private Arrangement $arrangement) {}

    /** @return list<Check> */
    public function checks(): array
    {
        $shows = $this->brief->transfer->shows;
        $checks = [];
        if (in_array(Subject::Face, $shows, true) && null !== $this->brief->route->making->artwork->contrastLeast) {
            $checks[] = Check::found(
                'subject.face',
                Stage::Print,
                Severity::Stop,
                'picture',
                Phrase::of('This route leaves gaps, and a gap spoils a face.'),
                Phrase::of('Choose a pattern that looks good with gaps, or another route.'),
            );
        }
        if (in_array(Subject::Lettering, $shows, true)) {
            $checks[] = Check::found(
                'subject.lettering',
                Stage::Print,
                Severity::Note,
                'mirrored',
                Phrase::of(
                    $this->arrangement->stack->mirrored()
                        ? 'On the sheet the letters must read backwards.'
                        : 'On the sheet the letters must read the right way round.',
                ),
                Phrase::of('Read them before you cut. That is the quickest way to see whether the sheet is right.'),
            );
        }
        if (in_array(Subject::Lettering, $shows, true)) {
            $checks = [...$checks, ...$this->letters()];
        }
        $first = array_values(array_filter($shows, static fn(Subject $subject): bool => $subject->isLookedAt()));
        $middle = [] === $first ? null : $this->middle($first[0]);

        return null === $middle ? $checks : [...$checks, $middle];
    }

    /** @return list<Check> whether the smallest letters are high enough for what the route holds */
    private function letters(): array
    {
        $share = $this->placing->look?->traits->letters;
        $width = $this->placing->placed?->size->widthMm;
        if (null === $share || null === $width) {
            return [];
        }
        $least = self::STROKES_HIGH * $this->brief->route->making->artwork->finestMm;
        $values = ['high' => Quantity::length($share * $width), 'least' => Quantity::length($least)];

        return [
            $share * $width >= $least
                ? Check::pass(
                    'subject.letters',
                    Stage::Print,
                    'picture',
                    Phrase::of(
                        'Its smallest letters are {high} high. This route can show letters from {least}.',
                        $values,
                    ),
                )
                : Check::found(
                    'subject.letters',
                    Stage::Print,
                    Severity::Warn,
                    'picture',
                    Phrase::of(
                        'Its smallest letters are {high} high. On this route letters below {least} fill up or break.',
                        $values,
                    ),
                    Phrase::of('Make the picture larger, or the small letters.'),
                    Finding::resizeTo(ceil($least / $share), 'Make it {width} wide'),
                ),
        ];
    }

    /** On a round piece the picture's own middle is what is turned to the front. */
    private function middle(Subject $subject): ?Check
    {
        $round = null === $this->placing->size->diameterMm ? null : $this->placing->size->widthMm;
        $placed = $this->placing->placed;
        if (null === $round || null === $placed || $placed->size->widthMm <= self::MIDDLE * $round) {
            return null;
        }

        return Check::found(
            'subject.middle',
            Stage::Print,
            Severity::Warn,
            'place',
            Phrase::of(
                'People see only the middle {middle} without turning the piece. The picture with ' .
                    $subject->label() .
                    ' is {width} wide.',
                [
                    'middle' => Quantity::length(self::MIDDLE * $round),
                    'width' => Quantity::length($placed->size->widthMm),
                ],
            ),
            Phrase::of('Make it smaller, or put ' . $subject->label() . ' in its middle.'),
            Finding::resizeTo(self::MIDDLE * $round, 'Make it {width} wide'),
        );
    }
}

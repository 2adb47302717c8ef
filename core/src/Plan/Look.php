<?php

declare(strict_types=1);

namespace Wubbin\Core\Plan;

use Wubbin\Core\Artwork\Appearance;
use Wubbin\Core\Artwork\Background;
use Wubbin\Core\Artwork\CutEffort;
use Wubbin\Core\Artwork\CutLine;
use Wubbin\Core\Artwork\CutRound;
use Wubbin\Core\Artwork\Foresight;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Artwork\Traits;
use Wubbin\Core\Artwork\UpsideDown;
use Wubbin\Core\Blank\Blank;
use Wubbin\Core\Blank\Condition;
use Wubbin\Core\Measure\Colour;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Route\Finish;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Route;

/** How a picture will come out at its size and on its blank, told from its pixels. */
final readonly class Look implements \JsonSerializable
{
    /** Colours of a smaller share are left out of the list. */
    private const WORTH_SHOWING = 0.01;

    /**
     * @param Foresight|null $foreseen null where an opaque ground hides the colour of the blank
     * @param float|null $finestMm of a drawing's lines; null where there are none to measure
     * @param float $trimMm how far outside the picture it is cut
     * @param list<Appearance> $appearances as it is drawn first, as it will be last
     * @param Appearance|null $onSecond as it will be on the second colour of patterned cloth
     * @param float $holdsMm the finest line that the route holds
     */
    private function __construct(
        public Traits $traits,
        public ?Foresight $foreseen,
        public ?float $finestMm,
        private CutRound $cutRound,
        public CutLine $cut,
        private float $trimMm,
        public array $appearances,
        private ?Appearance $onSecond,
        private float $holdsMm,
    ) {}

    public static function of(
        Picture $picture,
        Traits $traits,
        Size $printed,
        float $trimMm,
        CutRound $cut,
        Blank $blank,
        Route $route,
        Finish $finish,
        ?Marking $marking,
    ): self {
        $finest = $traits->strokes->finest();
        $rule = $route->character->appearance;
        $gaps = $rule->gapsOn($blank->materialId, Condition::Rough === $blank->condition);
        $words =
            $gaps > 0.0
                ? $rule->gapsWords
                : ($route->character->opaque
                    ? 'The film is opaque, so the colour of the cloth does not show through.'
                    : 'The colour of the piece shows through, because there is no white ink.');
        $worn = static fn(Colour $cloth): Appearance => self::marked(
            $marking,
            Appearance::over(
                $words,
                $route->character->opaque ? null : $cloth,
                $gaps,
                $rule->grainMm,
                Finish::Gloss === $finish,
            ),
        );

        return new self(
            $traits,
            $route->character->opaque ? null : $traits->on($blank->colour, $blank->pattern),
            null === $finest ? null : $finest * $printed->widthMm,
            $cut,
            $cut->of($picture, $printed, $trimMm),
            $trimMm,
            [
                Appearance::asDrawn(),
                ...$rule->dull > 0.0
                    ? [self::marked($marking, Appearance::onTheSheet($rule->dullWords, $rule->dull))]
                    : [],
                ...$rule->milky > 0.0
                    ? [self::marked($marking, Appearance::before($rule->milkyLabel, $rule->milkyWords, $rule->milky))]
                    : [],
                $worn($blank->colour),
            ],
            null === $blank->pattern ? null : $worn($blank->pattern->colour),
            $route->making->artwork->finestMm,
        );
    }

    /** As what marks the sheet can give it: black toner gives greys, and a sheet used as it is its own white. */
    private static function marked(?Marking $marking, Appearance $one): Appearance
    {
        return match (true) {
            Marking::UNPRINTED === $marking?->id => $one->inWhite('Nothing is printed. You see the white of the film.'),
            false === $marking?->colour => $one->inGreys('The printer has only black, so colours come out as greys.'),
            default => $one,
        };
    }

    /**
     * The line that its sheet is cut along: its outline, where there is something to cut away and scissors can follow.
     *
     * @return list<non-empty-list<array{float,
     *     float}>> in mm from the picture's upper left corner; none for its rectangle
     */
    public function trimLine(): array
    {
        return CutRound::Frame === $this->cutRound ||
            !$this->traits->isCutOut() ||
            CutEffort::Hard === $this->cut->effort()
            ? []
            : $this->cut->loops;
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $surroundings = $this->traits->surroundings;

        return [
            'appearances' => $this->appearances,
            'on_second' => $this->onSecond,
            'words' => $this->foreseen?->inWords() ?? '',
            'lost' => $this->foreseen?->lost() ?? 0.0,
            'colours' => array_map(
                static fn(array $part): array => [
                    'word' => $part['word'],
                    'meant' => $part['colour']->toHex(),
                    'seen' => $part['seen']->toHex(),
                    'share' => $part['share'],
                    'difference' => round($part['difference'], 1),
                    'fate' => $part['fate']->value,
                ],
                array_values(
                    array_filter(
                        $this->foreseen?->byWord() ?? [],
                        static fn(array $part): bool => $part['share'] >= self::WORTH_SHOWING,
                    ),
                ),
            ),
            'background' => [
                'ground' => $surroundings->ground->value,
                'colours' => array_map(static fn(Colour $one): string => $one->toHex(), $surroundings->colours),
                'share' => $surroundings->share,
                'tolerance' => Background::TOLERANCE,
            ],
            'photograph' => $this->traits->photograph,
            'finest_mm' => $this->finestMm,
            'holds_mm' => $this->holdsMm,
            'cut' => [
                'round' => $this->cutRound->value,
                'cut_out' => $this->traits->isCutOut(),
                'margin_mm' => $this->trimMm,
                'length_mm' => $this->cut->lengthMm,
                'corners' => $this->cut->corners,
                'parts' => $this->cut->parts(),
                'effort' => $this->cut->effort()->value,
                'loops' => $this->cut->loops,
            ],
            'upside_down' => $this->traits->upsideDown >= UpsideDown::ALIKE,
        ];
    }
}

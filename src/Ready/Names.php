<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Artwork\ArtworkStore;
use Wubbin\Core\Artwork\Picture;
use Wubbin\Core\Job\Job;
use Wubbin\Core\Job\NamedPiece;
use Wubbin\Core\Job\Series;
use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Job\JobPlanner;
use Wubbin\Lettering\Typefaces;
use Wubbin\Session\NamesLeft;

/** Tells how the names of a series come out, before anything is printed. */
final readonly class Names
{
    /** So many are drawn: a list of ten thousand would be a page of many megabytes. */
    private const DRAWN = 60;

    /** Letters are set so many names at a time: those of thousands would not all fit into memory. */
    private const BATCH = 200;

    public function __construct(
        private JobPlanner $jobs,
        private NamesLeft $left,
        private Typefaces $typefaces,
        private ArtworkStore $artwork,
    ) {}

    public function view(Job $job): NamesView
    {
        $plan = $this->jobs->plan($job);
        $kind = $this->jobs->catalogue()->blanks[$job->blank->kindId];
        $at = $this->roomOf($job);
        if (null === $job->series) {
            return new NamesView('', [], null !== $at, $at);
        }
        $labels = $this->left->labels($job);
        $open = array_fill_keys($this->left->toMake($job), true);
        $names = [];
        foreach (array_chunk($job->series->pieces, self::BATCH, true) as $batch) {
            $fitted = null === $at ? [] : $this->fitted(array_values($batch), $plan->transfers[$at]);
            foreach (array_keys($batch) as $i => $n) {
                $names[] = $this->name(
                    $n,
                    $labels[$n],
                    $batch[$n]->text,
                    isset($open[$n]),
                    $fitted[$i] ?? null,
                    $plan->transfers[$at ?? 0],
                );
            }
        }
        $wrong = static fn(NameView $one): int => [] !== $one->missing
            ? 0
            : ($one->too_long
                ? 1
                : ($one->legible
                    ? 3
                    : 2));
        usort(
            $names,
            static fn(NameView $a, NameView $b): int => [$wrong($a), $a->number] <=> [$wrong($b), $b->number],
        );

        return new NamesView(
            $job->series->write($kind, $this->jobs->catalogue(), $this->pictures($job->series)),
            null === $at ? $names : $this->drawn($names, $job->series->pieces, $plan->transfers[$at]),
            null !== $at,
            $at,
        );
    }

    /** @return array<string, string> names of pictures that pieces have for themselves, by SHA-256 */
    private function pictures(Series $series): array
    {
        return array_map(
            static fn(Picture $picture): string => $picture->name,
            $this->artwork->pictures(
                array_unique(array_map(static fn(NamedPiece $piece): ?string => $piece->picture, $series->pieces)),
            ),
        );
    }

    /** Which picture has room for them, from 0. */
    private function roomOf(Job $job): ?int
    {
        foreach ($job->transfers as $n => $transfer) {
            if (true === $transfer->made?->recipe->hasOwn()) {
                return $n;
            }
        }

        return null;
    }

    /**
     * @param list<NamedPiece> $pieces
     *
     * @return list<Lettering> in the same order
     */
    private function fitted(array $pieces, TransferPlan $transfer): array
    {
        $own = $transfer->ownWords();

        return null === $own
            ? []
            : $this->typefaces
                ->fitter($own->style->face)
                ->fitAll(
                    array_map(static fn(NamedPiece $piece): string => $piece->text, $pieces),
                    $own->room->size,
                    $own->style,
                );
    }

    private function name(
        int $n,
        string $label,
        string $text,
        bool $open,
        ?Lettering $lettering,
        TransferPlan $transfer,
    ): NameView {
        $style = $transfer->ownWords()?->style;

        return new NameView(
            $n + 1,
            $label,
            $lettering->lines ?? [$text],
            null === $lettering ? null : round($lettering->capitalMm, 2),
            $lettering->tooLong ?? false,
            null === $lettering ||
                null === $style ||
                $lettering->isLegible(
                    $this->typefaces->stem($style->face),
                    $transfer->brief->route->making->artwork->finestMm,
                ),
            $lettering->missing ?? [],
            $open ? 'left' : 'made',
            '',
            $style?->colour->toHex() ?? '#000000',
        );
    }

    /**
     * The first of them with their letters.
     *
     * @param list<NameView> $names
     * @param list<NamedPiece> $pieces
     *
     * @return list<NameView>
     */
    private function drawn(array $names, array $pieces, TransferPlan $transfer): array
    {
        $own = $transfer->ownWords();
        $placed = $transfer->placing->placed;
        if (null === $own || null === $placed) {
            return $names;
        }
        $first = array_slice($names, 0, self::DRAWN);
        $fitted = $this->fitted(
            array_map(static fn(NameView $name): NamedPiece => $pieces[$name->number - 1], $first),
            $transfer,
        );
        foreach ($first as $n => $name) {
            $first[$n] = $name->drawn(
                $fitted[$n]->outline->movedBy($placed->xMm + $own->room->xMm, $placed->yMm + $own->room->yMm)->path(2),
            );
        }

        return [...$first, ...array_slice($names, self::DRAWN)];
    }
}

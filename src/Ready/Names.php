<?php

declare(strict_types=1);

namespace Wubbin\Ready;

use Wubbin\Core\Job\Job;
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

    public function __construct(private JobPlanner $jobs, private NamesLeft $left, private Typefaces $typefaces) {}

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
        $fitted = null === $at ? [] : $this->fitted($job, $plan->transfers[$at]);
        $names = [];
        foreach ($job->series->pieces as $n => $piece) {
            $lettering = $fitted[$n] ?? null;
            $names[] = $this->name(
                $n,
                $labels[$n],
                $piece->text,
                isset($open[$n]),
                $lettering,
                $plan->transfers[$at ?? 0],
            );
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
            $job->series->write($kind, $this->jobs->catalogue()),
            $this->drawn($names, $fitted, null === $at ? null : $plan->transfers[$at]),
            null !== $at,
            $at,
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

    /** @return list<Lettering> in the order of the list */
    private function fitted(Job $job, TransferPlan $transfer): array
    {
        $own = $transfer->ownWords();

        return null === $own || null === $job->series
            ? []
            : $this->typefaces
                ->fitter($own->style->face)
                ->fitAll(
                    array_map(static fn($piece): string => $piece->text, $job->series->pieces),
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
                $lettering->capitalMm * $this->typefaces->get($style->face)->stem() >=
                    $transfer->brief->route->making->artwork->finestMm,
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
     * @param list<Lettering> $fitted
     *
     * @return list<NameView>
     */
    private function drawn(array $names, array $fitted, ?TransferPlan $transfer): array
    {
        $own = $transfer?->ownWords();
        $placed = $transfer?->placing->placed;
        if (null === $own || null === $placed) {
            return $names;
        }
        $drawn = array_map(
            static fn(NameView $name): NameView => $name->drawn(
                $fitted[$name->number - 1]->outline
                    ->movedBy($placed->xMm + $own->room->xMm, $placed->yMm + $own->room->yMm)
                    ->path(2),
            ),
            array_slice($names, 0, self::DRAWN),
        );

        return [...$drawn, ...array_slice($names, self::DRAWN)];
    }
}

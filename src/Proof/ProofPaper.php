<?php

declare(strict_types=1);

namespace Wubbin\Proof;

use Wubbin\Core\Lettering\Lettering;
use Wubbin\Core\Measure\Money;
use Wubbin\Core\Measure\Quantity;
use Wubbin\Core\Measure\UnitFormat;
use Wubbin\Core\Plan\Plan;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Lettering\Typefaces;
use Wubbin\Measure\SettingsStore;
use Wubbin\Pdf\Paper;
use Wubbin\Pdf\ShopPapers;
use Wubbin\Session\NamesLeft;

/** Shows a customer how the pieces will look: drawn to scale, what changes said plainly, and every name. */
final readonly class ProofPaper
{
    /** So many names are drawn; all of them are in the list. */
    private const DRAWN = 12;

    /** Of a print beside others, in mm on paper. */
    private const PRINT_MM = 52.0;

    public function __construct(
        private ProofDrawing $drawing,
        private NamesLeft $names,
        private Typefaces $typefaces,
        private ShopPapers $papers,
        private SettingsStore $settings,
    ) {}

    public function of(Plan $plan, ProofWish $wish, ?string $valid, ?Money $price): Paper
    {
        $format = $this->settings->get()->format();
        $first = $plan->transfers[0];
        $paper = new Paper('Proof · ' . $plan->jobName, $this->papers->size());
        $paper->add('<h1>' . Paper::text($plan->jobName) . '</h1>');
        $paper->words('' === trim($wish->for) ? 'How your pieces will look' : 'For ' . trim($wish->for), 'lead');
        $paper->words(trim($wish->words));
        $fitted = $this->fitted($plan);
        $drawn = '';
        foreach ($this->sides($plan) as $side => $transfers) {
            $drawn .= sprintf(
                '<div class="proof-side">%s<p>%s</p></div>',
                $this->drawing->piece(
                    $transfers,
                    array_map(static fn(array $all): ?Lettering => $all[0] ?? null, $fitted),
                ),
                Paper::text($side),
            );
        }
        $paper->add('<div class="proof-sides">' . $drawn . '</div>');
        $paper->pairs(self::facts($plan, $first, $format, $valid, $price));
        foreach ($this->changes($plan) as $sentence) {
            $paper->words($sentence);
        }
        $this->names($paper, $plan, $fitted);
        $paper->words('Look at spelling, size and place. What you approve is what we make.', 'soft');

        return $paper;
    }

    /** @return iterable<array{string, string}> */
    private static function facts(
        Plan $plan,
        TransferPlan $first,
        UnitFormat $format,
        ?string $valid,
        ?Money $price,
    ): iterable {
        yield ['Pieces', $plan->quantity . ' × ' . ([] === $plan->shares ? $first->brief->blankName() : $plan->piece)];
        foreach ($plan->shares as $share) {
            yield ['', $share->quantity . ' × ' . $share->label];
        }
        foreach ($plan->transfers as $transfer) {
            $placed = $transfer->placing->placed;
            if (null !== $placed) {
                yield [ucfirst($transfer->brief->side), $format->quantity(Quantity::size($placed->size))];
            }
        }
        if (null !== $price) {
            yield ['Price of all', $price->text() . ' ' . $price->currency->code];
        }
        if (null !== $valid) {
            yield ['Valid until', $valid];
        }
    }

    /** @return list<string> how colours and surface will differ from what is on a screen, each once */
    private function changes(Plan $plan): array
    {
        $told = ['Colours on paper and on a screen differ from those on the piece.'];
        foreach ($plan->transfers as $transfer) {
            foreach ($transfer->placing->look->appearances ?? [] as $appearance) {
                if ('worn' === $appearance->id) {
                    $told[] = $appearance->words;
                }
            }
        }

        return array_values(array_unique($told));
    }

    /** @return array<string, non-empty-list<TransferPlan>> by what the side is called */
    private function sides(Plan $plan): array
    {
        $sides = [];
        foreach ($plan->transfers as $transfer) {
            $sides[$transfer->brief->side][] = $transfer;
        }

        return $sides;
    }

    /** @return array<int, list<Lettering>> by the picture's place in the job: each piece's words on it */
    private function fitted(Plan $plan): array
    {
        $fitted = [];
        foreach ($plan->transfers as $t => $transfer) {
            $own = $transfer->ownWords();
            if (null !== $own) {
                $fitted[$t] = $this->typefaces
                    ->fitter($own->style->face)
                    ->fitAll(
                        array_map(static fn($one): string => $one->text, $transfer->brief->job->series->pieces ?? []),
                        $own->room->size,
                        $own->style,
                    );
            }
        }

        return $fitted;
    }

    /** @param array<int, list<Lettering>> $fitted */
    private function names(Paper $paper, Plan $plan, array $fitted): void
    {
        $labels = $this->names->labels($plan->transfers[0]->brief->job);
        if ([] === $labels) {
            return;
        }
        $cells = [];
        foreach ($fitted as $t => $all) {
            foreach (array_slice($all, 0, self::DRAWN) as $n => $lettering) {
                $cells[] = sprintf(
                    '<div class="proof-print">%s<p>%d. %s</p></div>',
                    $this->drawing->print($plan->transfers[$t], $lettering, self::PRINT_MM),
                    $n + 1,
                    Paper::text($labels[$n]),
                );
            }
        }
        $paper->page();
        $paper->heading(1 === count($labels) ? 'The name' : sprintf('All %d names', count($labels)));
        $paper->add('<div class="proof-prints">' . implode('', $cells) . '</div>');
        if (count($labels) <= self::DRAWN) {
            return;
        }
        $rows = [];
        foreach (array_chunk($labels, 3) as $r => $row) {
            $cells = [];
            for ($c = 0; $c < 3; ++$c) {
                $cells[] = isset($row[$c]) ? sprintf('%d. %s', 3 * $r + $c + 1, $row[$c]) : '';
            }
            $rows[] = $cells;
        }
        $paper->table([], $rows, 3);
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Sheet;

use OpenApi\Attributes as OA;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Tray;

/** A printer of the shelf. */
#[OA\Schema]
final readonly class PrinterView
{
    /**
     * @param list<PaperOption> $sizes
     * @param list<TrayView> $trays
     */
    private function __construct(
        public string $id,
        public string $label,
        #[OA\Property(enum: ['file', 'driver'])] public string $mirrors,
        public string $largest,
        #[OA\Property(description: 'That the largest sheet may have')] public array $sizes,
        public array $trays,
    ) {}

    public static function of(Marking $marking): self
    {
        $printer = $marking->printer ?? throw new \LogicException('A printer has trays.');

        return new self(
            $marking->id,
            $marking->label,
            $printer->mirrors->value,
            $printer->largest->value,
            array_map(
                static fn(PaperSize $size): PaperOption => new PaperOption(id: $size->value, label: $size->label()),
                PaperSize::cases(),
            ),
            array_map(
                static fn(Tray $tray): TrayView => new TrayView(
                    id: $tray->id,
                    label: $tray->label,
                    straight: $tray->straight,
                    feed: null === $tray->feed ? null : FeedView::of($tray->feed),
                ),
                $printer->trays,
            ),
        );
    }
}

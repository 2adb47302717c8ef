<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Route\Feed;
use Wubbin\Core\Route\Fit;
use Wubbin\Core\Route\Ink;
use Wubbin\Core\Route\Lying;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Technology;

/**
 * What comes out of a printer when a sheet is laid into it in one way: on which side, which way round, and how well.
 */
final readonly class Printout implements \JsonSerializable
{
    /** How dull sublimation ink looks before it is pressed, 0 to 1 (assumed, as on the sheet's drawing). */
    private const DULL = 0.6;

    /**
     * @param bool $onPrintSide else it is on the back
     * @param bool $turned the file's page comes out mirrored
     * @param list<PrintFault> $faults
     */
    private function __construct(
        public bool $onPrintSide,
        public bool $turned,
        public float $dull,
        public array $faults,
    ) {}

    /**
     * @param Feed $feed how the tray really feeds
     * @param Lying $printSide how the person has laid the print side
     * @param bool $foldFirst a carrier's folded edge goes in first
     * @param bool $carrier the sheet lies on a carrier with one folded edge
     * @param bool $fileMirrored the file's pictures are mirrored
     * @param bool $driverMirrors “mirror” is on in the driver
     * @param bool $wanted the pictures must come out mirrored
     */
    public static function fromFeed(
        Marking $marking,
        Medium $medium,
        Feed $feed,
        Lying $printSide,
        bool $foldFirst,
        bool $carrier,
        bool $fileMirrored,
        bool $driverMirrors,
        bool $wanted,
    ): self {
        $verdict = $medium->verdictOn($marking)->fit;
        $onPrintSide = $printSide === $feed->prints;
        // Ink that lies on the back, or on a coat made for toner, does not dry; toner is fused where it falls.
        $wet = in_array($marking->ink, [Ink::Dye, Ink::Pigment, Ink::Sublimation], true);
        $found = [
            PrintFault::Harmed->value => Fit::Impossible === $verdict,
            PrintFault::Jammed->value => $carrier && !$foldFirst,
            PrintFault::WrongSide->value => !$onPrintSide,
            PrintFault::MirroredTwice->value => $wanted && $fileMirrored && $driverMirrors,
            PrintFault::NotMirrored->value => $wanted && !$fileMirrored && !$driverMirrors,
            PrintFault::MirroredUnasked->value => !$wanted && $fileMirrored !== $driverMirrors,
            PrintFault::Smeared->value => $wet && (Fit::Bad === $verdict || (!$onPrintSide && !$medium->flimsy)),
        ];

        return new self(
            $onPrintSide,
            $driverMirrors,
            Technology::Sublimation === $marking->technology ? self::DULL : 0.0,
            array_map(PrintFault::from(...), array_keys(array_filter($found))),
        );
    }

    /** A sheet of plain paper, both sides of which are alike: whatever prints on it, nothing is spoiled. */
    public static function onPlainPaper(Feed $feed, bool $driverMirrors): self
    {
        return new self(Lying::Up === $feed->prints, $driverMirrors, 0.0, []);
    }

    public function has(PrintFault $fault): bool
    {
        return in_array($fault, $this->faults, true);
    }

    /** Nothing of it leaves the printer as a print. */
    public function comesOut(): bool
    {
        return !$this->has(PrintFault::Harmed) && !$this->has(PrintFault::Jammed);
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        return [
            'comes_out' => $this->comesOut(),
            'on_print_side' => $this->onPrintSide,
            'faults' => array_map(
                static fn(PrintFault $fault): array => [
                    'id' => $fault->value,
                    'message' => $fault->message(),
                    'mend' => $fault->mend(),
                ],
                $this->faults,
            ),
        ];
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Core\Sheet;

use Wubbin\Core\Route\Lying;
use Wubbin\Core\Route\Medium;
use Wubbin\Core\Route\Printer;
use Wubbin\Core\Route\Tray;

/** How a sheet is laid into a printer: into which tray, which side down, which edge first. */
final readonly class Loading implements \JsonSerializable
{
    /** From this thickness on a sheet does not like to be bent round a roller, in mm (assumed: card of 250 g/m²). */
    public const STIFF_MM = 0.25;

    /**
     * @param bool $bent the sheet is stiff, and no tray of this printer has a straight path
     * @param bool $folded its carrier has one folded edge, which goes in first
     */
    private function __construct(
        public Tray $tray,
        public string $printSide,
        public bool $stiff,
        public bool $bent,
        public bool $folded,
    ) {}

    public static function forPrinter(Printer $printer, Medium $medium, string $printSide, ?Carrier $carrier): self
    {
        $stiff = $medium->thicknessMm >= self::STIFF_MM;
        $tray = $printer->trayFor($stiff);

        return new self($tray, $printSide, $stiff, $stiff && !$tray->straight, $carrier->foldLeads ?? false);
    }

    /** How its print side lies in the tray; null before a feed test. */
    public function lying(): ?Lying
    {
        return $this->tray->feed?->prints;
    }

    /** In one sentence, for a step. */
    public function inWords(): string
    {
        $feed = $this->tray->feed;
        if (null === $feed) {
            return sprintf('Try %s with a feed test first. Nobody knows yet which side it prints.', $this->tray->label);
        }

        return sprintf(
            '%s: print side %s, %s%s.',
            ucfirst($this->tray->label),
            $feed->prints->value,
            $this->edgeInWords(),
            $this->folded ? ', the folded edge there' : '',
        );
    }

    /** The edge of an upright sheet that goes in first: which of two alike it is does not matter to an empty sheet. */
    private function edgeInWords(): string
    {
        return 0 === ($this->tray->feed?->leads->quarters() ?? 0) % 2 ? 'a short edge first' : 'a long edge first';
    }

    /** @return array<string, mixed> */
    public function jsonSerialize(): array
    {
        $feed = $this->tray->feed;

        return [
            'tray' => $this->tray->label,
            'tray_id' => $this->tray->id,
            'known' => null !== $feed,
            'print_side' => $this->printSide,
            'lies' => $feed?->prints->value,
            'leads' => $feed?->leads->value,
            'straight' => $this->tray->straight,
            'stiff' => $this->stiff,
            'bent' => $this->bent,
            'folded' => $this->folded,
            'words' => $this->inWords(),
        ];
    }
}

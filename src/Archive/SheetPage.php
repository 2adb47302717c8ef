<?php

declare(strict_types=1);

namespace Wubbin\Archive;

use Wubbin\Core\Measure\Record;
use Wubbin\Core\Plan\TransferPlan;
use Wubbin\Core\Route\Marking;
use Wubbin\Core\Route\Medium;

/** What a page of a file is printed on, by what, and which way round it must come out. */
final readonly class SheetPage
{
    /**
     * @param string $medium id; so `$marking`
     * @param bool $mirrored the pictures come out mirrored
     * @param bool $inDriver and the driver does it
     * @param bool $guides only lines to cut by, on plain paper
     * @param bool $foldLeads its carrier has a folded edge, which must go in first
     * @param string $label what is on it
     */
    private function __construct(
        public string $medium,
        public string $marking,
        public bool $mirrored,
        public bool $inDriver,
        public bool $foldLeads,
        public string $label,
        public bool $guides = false,
    ) {}

    /** The page with the lines to cut this one by. */
    public function forGuides(): self
    {
        return new self(
            $this->medium,
            $this->marking,
            $this->mirrored,
            $this->inDriver,
            false,
            $this->label . ' · cut lines, on plain paper',
            true,
        );
    }

    public static function forMedium(
        Medium $medium,
        Marking $marking,
        bool $mirrored,
        bool $foldLeads,
        string $label,
    ): self {
        return new self(
            $medium->id,
            $marking->id,
            $mirrored,
            $mirrored && $marking->mirrorsInDriver(),
            $foldLeads,
            $label,
        );
    }

    public static function ofPart(TransferPlan $plan, string $label): self
    {
        if (null === $plan->outfit->medium || null === $plan->outfit->marking) {
            throw new \LogicException('What is laid out has a sheet and a printer.');
        }

        return self::forMedium(
            $plan->outfit->medium,
            $plan->outfit->marking,
            $plan->arrangement->stack->mirrored(),
            $plan->arrangement->carrier->foldLeads ?? false,
            $label,
        );
    }

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('medium'),
            $record->string('marking'),
            $record->boolean('mirrored'),
            $record->boolean('in_driver'),
            $record->boolean('fold_leads'),
            $record->string('label'),
            $record->boolean('guides'),
        );
    }

    /** Pages that are printed in one go: nothing is changed between them at the printer. */
    public function sameAs(self $other): bool
    {
        return [$this->medium, $this->marking, $this->mirrored, $this->guides] === [
            $other->medium,
            $other->marking,
            $other->mirrored,
            $other->guides,
        ];
    }

    /** @return array<string, mixed> */
    public function toRecord(): array
    {
        return [
            'medium' => $this->medium,
            'marking' => $this->marking,
            'mirrored' => $this->mirrored,
            'in_driver' => $this->inDriver,
            'fold_leads' => $this->foldLeads,
            'label' => $this->label,
            'guides' => $this->guides,
        ];
    }
}

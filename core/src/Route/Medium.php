<?php

declare(strict_types=1);

namespace Wubbin\Core\Route;

use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Measure\Provenance;
use Wubbin\Core\Measure\Record;

/** A transfer paper, film or tissue, one sheet size of it. */
final readonly class Medium
{
    /**
     * @param list<string> $takes ids of the markings that may mark it
     * @param array<string, Verdict> $refuses why a technology may not, by its name
     * @param bool $flimsy it needs a carrier to go through a printer
     * @param bool $oneWay pieces may not be turned on it: it has a grain or a pattern
     * @param string $like id of the built-in one that it behaves as; its own where it is one
     */
    private function __construct(
        public string $id,
        public string $like,
        public string $label,
        public PaperSize $paper,
        public float $thicknessMm,
        public array $takes,
        private array $refuses,
        public bool $clear,
        public bool $flimsy,
        public string $printSide,
        public bool $oneWay,
        public Provenance $provenance,
    ) {}

    public static function fromRecord(Record $record): self
    {
        return new self(
            $record->string('id'),
            $record->string('id'),
            $record->string('label'),
            $record->enum('paper', PaperSize::class),
            $record->number('thickness_mm'),
            $record->strings('takes'),
            array_map(
                static fn(Record $r): Verdict => new Verdict(
                    $r->boolean('harms') ? Fit::Impossible : Fit::Bad,
                    $r->string('why'),
                ),
                $record->recordMap('refuses'),
            ),
            $record->boolean('clear'),
            $record->boolean('flimsy'),
            $record->string('print_side'),
            false,
            Provenance::fromRecord($record->record('provenance')),
        );
    }

    /** A sheet of a shop's own that behaves as this one: another size, thickness or print side. */
    public function copiedAs(Record $own): self
    {
        return new self(
            $own->string('id'),
            $this->like,
            $own->words('label'),
            $own->enum('paper', PaperSize::class),
            OwnThing::thickness($own),
            $this->takes,
            $this->refuses,
            $this->clear,
            $this->flimsy,
            $own->words('print_side'),
            $own->has('one_way') && $own->boolean('one_way'),
            Provenance::person(),
        );
    }

    /**
     * @return array{id: string, like: string, label: string, paper: string, thickness_mm: float, print_side: string,
     *     one_way: bool}
     */
    public function toRecord(): array
    {
        return [
            'id' => $this->id,
            'like' => $this->like,
            'label' => $this->label,
            'paper' => $this->paper->value,
            'thickness_mm' => $this->thicknessMm,
            'print_side' => $this->printSide,
            'one_way' => $this->oneWay,
        ];
    }

    /**
     * How a shop writes down that it has this sheet in another size.
     *
     * @return array{id: string, like: string, label: string, paper: string, thickness_mm: float, print_side: string,
     *     one_way: bool}
     */
    public function sized(string $id, PaperSize $paper): array
    {
        $size = preg_quote($this->paper->label(), '/');

        return [
            'id' => $id,
            'like' => $this->id,
            'label' => preg_replace('/' . $size . '$/u', $paper->label(), $this->label) ?? $this->label,
            'paper' => $paper->value,
        ] + $this->toRecord();
    }

    /** Whether this marking may mark it. */
    public function verdictOn(Marking $marking): Verdict
    {
        return in_array($marking->like, $this->takes, true)
            ? new Verdict(Fit::Good, sprintf('The %s suits this sheet.', $marking->label))
            : $this->refuses[$marking->technology->value] ??
                    new Verdict(Fit::Bad, sprintf('%s is not made for %s.', ucfirst($this->label), $marking->label));
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Job;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Measure\Rect;
use Wubbin\Core\Measure\Size;
use Wubbin\Core\Sheet\Gang\GangPlace;

/** How a search has laid out a job's pieces on fewer sheets: read as long as size, outline, count and paper stay. */
#[ORM\Entity]
#[ORM\Table(name: 'found_sheets')]
#[ORM\Index(name: 'found_sheets_job', columns: ['job'])]
class FoundSheets
{
    /** @var list<list<array{piece: string, x: float, y: float, width: float, height: float, quarters: int}>> */
    #[ORM\Column(type: 'json')]
    public array $sheets;

    /**
     * @param string $what hash of all that it hangs on
     * @param list<list<GangPlace>> $sheets
     */
    public function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $what,
        #[ORM\Column(length: 64)] public readonly string $job,
        array $sheets,
    ) {
        $this->sheets = array_map(
            static fn(array $places): array => array_map(
                static fn(GangPlace $place): array => [
                    'piece' => $place->piece,
                    'x' => $place->rect->xMm,
                    'y' => $place->rect->yMm,
                    'width' => $place->rect->size->widthMm,
                    'height' => $place->rect->size->heightMm,
                    'quarters' => $place->quarters,
                ],
                $places,
            ),
            $sheets,
        );
    }

    /**
     * @param string $json as it is stored
     *
     * @return list<list<GangPlace>>
     *
     * @throws BadRecord
     */
    public static function read(string $json): array
    {
        $sheets = json_decode($json, true, 8, \JSON_THROW_ON_ERROR);

        return array_map(
            static fn(mixed $places): array => array_map(
                static fn(Record $one): GangPlace => new GangPlace(
                    $one->string('piece'),
                    Rect::at(
                        $one->number('x'),
                        $one->number('y'),
                        Size::mm($one->number('width'), $one->number('height')),
                    ),
                    max(0, min(3, $one->integer('quarters'))),
                ),
                Record::of($places)->each(),
            ),
            array_values(is_array($sheets) ? $sheets : []),
        );
    }
}

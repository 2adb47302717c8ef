<?php

declare(strict_types=1);

namespace Wubbin\Route;

use OpenApi\Attributes as OA;
use Wubbin\Core\Job\Owning;
use Wubbin\Core\Job\Shelf;
use Wubbin\Core\Measure\PaperSize;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\OwnedAnswer;
use Wubbin\Core\Route\OwnedThing;

/** Something that people own, and what this shop has answered about it. */
#[OA\Schema]
final readonly class OwnedView
{
    /**
     * @param list<Option> $answers
     * @param list<string> $on
     * @param list<string> $own
     */
    private function __construct(
        public string $id,
        #[OA\Property(enum: ['heat', 'printer', 'paper', 'cover', 'base'])] public string $group,
        public string $label,
        public string $look,
        public ?string $question,
        public bool $several,
        #[OA\Property(type: 'array', items: new OA\Items(ref: Option::class))] public array $answers,
        #[OA\Property(description: 'Id of the answer that stands until somebody gives one')] public string $usual,
        #[OA\Property(description: 'Ids of the answers that hold')] public array $on,
        #[OA\Property(description: 'What the shop has of this by its own name or measures')] public array $own,
    ) {}

    /** @return list<self> */
    public static function all(Shelf $shelf, Catalogue $catalogue, PaperSize $paper): array
    {
        return array_values(
            array_map(
                static fn(OwnedThing $thing): self => new self(
                    $thing->id,
                    $thing->group->value,
                    $thing->label,
                    $thing->look,
                    $thing->question,
                    $thing->several,
                    array_map(static fn(OwnedAnswer $a): Option => new Option($a->id, $a->label), $thing->answers),
                    $thing->usualOn($paper)->id,
                    Owning::answers($shelf, $thing),
                    Owning::own($shelf, $thing, $catalogue),
                ),
                $catalogue->owned,
            ),
        );
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Route;

use Doctrine\ORM\Mapping as ORM;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Measure\Record;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;
use Wubbin\Storage\Instant;

/** One version of a recipe. Versions are only ever added; retiring one takes it out of use and keeps it. */
#[ORM\Entity]
#[ORM\Table(name: 'recipe')]
class StoredRecipe
{
    #[ORM\Column(length: 24)]
    public readonly string $created;

    /** @param array<string, mixed> $document a recipe file */
    private function __construct(
        #[ORM\Id, ORM\Column(length: 64)] public readonly string $id,
        #[ORM\Id, ORM\Column] public readonly int $version,
        #[ORM\Column(type: 'json')] private readonly array $document,
        \DateTimeImmutable $now,
        #[ORM\Column] public bool $retired = false,
    ) {
        $this->created = Instant::write($now);
    }

    public static function fromRecipe(Recipe $recipe, \DateTimeImmutable $now): self
    {
        return new self($recipe->id, $recipe->version, $recipe->toRecord(), $now);
    }

    /** What it is called; its id where not even that can be read. */
    public function name(): string
    {
        return is_string($this->document['name'] ?? null) ? $this->document['name'] : $this->id;
    }

    /** @throws BadRecord where Wubbin cannot read it any more */
    public function recipe(Catalogue $catalogue): Recipe
    {
        return Recipe::fromStored(Record::of($this->document), $catalogue);
    }
}

<?php

declare(strict_types=1);

namespace Wubbin\Route;

use Doctrine\DBAL\Exception\UniqueConstraintViolationException;
use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\Clock\ClockInterface;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Core\Route\Catalogue;
use Wubbin\Core\Route\Recipe;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\Removed;
use Wubbin\Storage\RemovedKind;

/** Keeps the recipes of the house, every version of each. */
final readonly class RecipeStore
{
    public function __construct(
        private EntityManagerInterface $entities,
        private Catalogue $catalogue,
        private ClockInterface $clock,
        private Removed $removed,
    ) {}

    /** @return list<StoredRecipe> the newest version of each that can be read, the newest first; retired ones last */
    public function newest(): array
    {
        $removed = $this->removed->ids(RemovedKind::Recipe);

        return array_values(
            array_filter(
                $this->newestOfAll(),
                fn(StoredRecipe $stored): bool => !isset($removed[$stored->id]) && $this->isReadable($stored),
            ),
        );
    }

    /** @return list<string> of all recipes, retired ones too */
    public function ids(): array
    {
        return array_map(static fn(StoredRecipe $stored): string => $stored->id, $this->newestOfAll());
    }

    /** @return list<string> ids of recipes that cannot be read any more */
    public function leftOut(): array
    {
        return array_values(
            array_map(
                static fn(StoredRecipe $stored): string => $stored->id,
                array_filter($this->newestOfAll(), fn(StoredRecipe $stored): bool => !$this->isReadable($stored)),
            ),
        );
    }

    private function isReadable(StoredRecipe $stored): bool
    {
        try {
            $stored->recipe($this->catalogue);

            return true;
        } catch (BadRecord) {
            return false;
        }
    }

    /** @return list<StoredRecipe> */
    private function newestOfAll(): array
    {
        $newest = [];
        foreach ($this->entities->getRepository(StoredRecipe::class)->findBy([], ['version' => 'ASC']) as $stored) {
            $newest[$stored->id] = $stored;
        }
        usort(
            $newest,
            static fn(StoredRecipe $a, StoredRecipe $b): int => [$a->retired, $b->created] <=> [
                $b->retired,
                $a->created,
            ],
        );

        return $newest;
    }

    /** @return list<Recipe> those that jobs may go by */
    public function inUse(): array
    {
        return array_values(
            array_map(
                fn(StoredRecipe $stored): Recipe => $stored->recipe($this->catalogue),
                array_filter($this->newest(), static fn(StoredRecipe $stored): bool => !$stored->retired),
            ),
        );
    }

    /** @throws Refusal when there is none */
    public function find(string $id): StoredRecipe
    {
        return $this->entities->getRepository(StoredRecipe::class)->findOneBy(['id' => $id], ['version' => 'DESC']) ??
            throw new NotFound('There is no recipe of this id in this house.');
    }

    /** Adds a recipe as the next version of its id; one that says the same as the last version is not added again. */
    public function put(Recipe $recipe): StoredRecipe
    {
        $last = $this->entities
            ->getRepository(StoredRecipe::class)
            ->findOneBy(['id' => $recipe->id], ['version' => 'DESC']);
        if (
            null !== $last &&
            !$last->retired &&
            json_encode($last->recipe($this->catalogue)->toRecord()) ===
                json_encode($recipe->asVersion($last->version)->toRecord())
        ) {
            return $last;
        }
        $stored = StoredRecipe::fromRecipe($recipe->asVersion(($last->version ?? 0) + 1), $this->clock->now());
        $this->entities->persist($stored);
        try {
            $this->entities->flush();
        } catch (UniqueConstraintViolationException) {
            throw new Conflict('Somebody changed this recipe in another window.', ['id' => $recipe->id]);
        }

        return $stored;
    }

    public function retire(StoredRecipe $stored, bool $retired): void
    {
        $stored->retired = $retired;
        $this->entities->flush();
    }
}

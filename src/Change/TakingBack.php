<?php

declare(strict_types=1);

namespace Wubbin\Change;

use Doctrine\ORM\EntityManagerInterface;
use Symfony\Component\DependencyInjection\Attribute\AutowireIterator;
use Wubbin\Core\Measure\BadRecord;
use Wubbin\Refusal\Conflict;
use Wubbin\Refusal\InvalidInput;
use Wubbin\Refusal\NotFound;
use Wubbin\Refusal\Refusal;
use Wubbin\Storage\WriteTurn;

/** Puts things back as they were before a change, where nobody has changed the same since. */
final readonly class TakingBack
{
    /** @param iterable<Undoable> $things */
    public function __construct(
        #[AutowireIterator(Undoable::class)] private iterable $things,
        private EntityManagerInterface $entities,
        private WriteTurn $turn,
        private Changes $changes,
    ) {}

    /** @throws Refusal where there is no such change, or it cannot be taken back any more */
    public function undo(int $number): StoredChange
    {
        return $this->turn->take(function () use ($number): StoredChange {
            $change = $this->entities->find(StoredChange::class, $number) ?? throw new NotFound('No such change.');
            $thing = $this->of($change->kind);
            $now = Changes::asJson($thing->document($change->thing));
            try {
                $before = $change->difference()->turnedRound()->on($now);
            } catch (BadRecord $e) {
                throw new Conflict('This was changed again later. It stays as it is now.', ['part' => $e->field]);
            }
            try {
                $thing->restore($change->thing, $before);
            } catch (BadRecord $e) {
                throw InvalidInput::field($e->field, $e->getMessage());
            }
            $this->changes->keep($change->kind, $change->thing, $now, $before, $number);
            $this->entities->flush();

            return $change;
        });
    }

    private function of(ChangeKind $kind): Undoable
    {
        foreach ($this->things as $thing) {
            if ($thing->kind() === $kind) {
                return $thing;
            }
        }

        throw new \LogicException('Nothing takes back what is changed of a ' . $kind->value . '.');
    }
}
